<?php

declare(strict_types=1);

namespace App\Making\Controllers;

use App\Http\Controllers\Controller;
use App\Making\Queries\WorkOutSoap;
use App\Making\Requests\SoapRequest;
use App\Making\Resources\SoapResource;
use App\Models\Garden;
use App\OpenApi\Body;
use App\OpenApi\Ok;
use Illuminate\Http\JsonResponse;
use OpenApi\Attributes as OA;

/** A soap worked out anew for each change; nothing is stored. */
final class WorkOutSoapController extends Controller
{
    #[OA\Post(
        path: '/api/gardens/{garden}/soap',
        operationId: 'workOutSoap',
        requestBody: new Body(SoapRequest::class),
        responses: [new Ok(SoapResource::class)],
    )]
    public function __invoke(SoapRequest $request, Garden $garden, WorkOutSoap $workOut): JsonResponse
    {
        return $this->json($workOut($garden, $request->plan()));
    }
}

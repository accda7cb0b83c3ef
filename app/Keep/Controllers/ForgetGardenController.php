<?php

declare(strict_types=1);

namespace App\Keep\Controllers;

use App\Core\Say;
use App\Http\Controllers\Controller;
use App\Keep\Requests\ForgetGardenRequest;
use App\Keep\Resources\BroughtResource;
use App\Keep\Takeout\ForgetGarden;
use App\Models\Garden;
use App\OpenApi\Body;
use App\OpenApi\Ok;
use Illuminate\Http\JsonResponse;
use OpenApi\Attributes as OA;

/** A garden is deleted for good, once its name was typed. */
final class ForgetGardenController extends Controller
{
    #[OA\Delete(
        path: '/api/gardens/{garden}',
        operationId: 'forgetGarden',
        requestBody: new Body(ForgetGardenRequest::class),
        responses: [new Ok(BroughtResource::class)],
    )]
    public function __invoke(ForgetGardenRequest $request, Garden $garden, ForgetGarden $forget): JsonResponse
    {
        $request->agree($garden);
        $forget($garden);

        return $this->json(new BroughtResource([Say::it('keep.forgotten', ['name' => $garden->name])]));
    }
}

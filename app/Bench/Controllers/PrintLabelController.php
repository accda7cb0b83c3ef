<?php

declare(strict_types=1);

namespace App\Bench\Controllers;

use App\Bench\Queries\WriteLabel;
use App\Bench\Requests\BenchRequest;
use App\Http\Controllers\Controller;
use App\Models\Garden;
use App\OpenApi\Body;
use Illuminate\Http\Response;
use OpenApi\Attributes as OA;

/** The label as a page to print. */
final class PrintLabelController extends Controller
{
    #[OA\Post(
        path: '/api/gardens/{garden}/bench/label.pdf',
        operationId: 'printLabel',
        requestBody: new Body(BenchRequest::class),
        responses: [
            new OA\Response(
                response: 200,
                description: 'The label, as PDF',
                content: new OA\MediaType(mediaType: 'application/pdf', schema: new OA\Schema(type: 'string')),
            ),
        ],
    )]
    public function __invoke(BenchRequest $request, Garden $garden, WriteLabel $write): Response
    {
        $label = $write($garden, $request->body(), $request->sprayer($garden), $request->volume());

        return new Response($write->pdf($label), 200, [
            'Content-Type' => 'application/pdf',
            'Content-Disposition' => 'attachment; filename="label.pdf"',
        ]);
    }
}

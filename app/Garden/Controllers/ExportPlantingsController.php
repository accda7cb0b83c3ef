<?php

declare(strict_types=1);

namespace App\Garden\Controllers;

use App\Garden\PlantingsCsv;
use App\Http\Controllers\Controller;
use App\Models\Garden;
use Illuminate\Http\Response;
use OpenApi\Attributes as OA;

final class ExportPlantingsController extends Controller
{
    #[OA\Get(
        path: '/api/gardens/{garden}/plantings.csv',
        operationId: 'exportPlantings',
        responses: [
            new OA\Response(
                response: 200,
                description: 'The plantings that stand, as CSV',
                content: new OA\MediaType(mediaType: 'text/csv', schema: new OA\Schema(type: 'string')),
            ),
        ],
    )]
    public function __invoke(Garden $garden, PlantingsCsv $csv): Response
    {
        return new Response($csv->write($garden), 200, [
            'Content-Type' => 'text/csv; charset=utf-8',
            'Content-Disposition' => 'attachment; filename="plantings.csv"',
        ]);
    }
}

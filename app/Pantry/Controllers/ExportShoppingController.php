<?php

declare(strict_types=1);

namespace App\Pantry\Controllers;

use App\Http\Controllers\Controller;
use App\Models\Garden;
use App\Pantry\Queries\ListShopping;
use Illuminate\Http\Response;
use OpenApi\Attributes as OA;

/** The shopping list as a table. */
final class ExportShoppingController extends Controller
{
    #[OA\Get(
        path: '/api/gardens/{garden}/shopping.csv',
        operationId: 'exportShopping',
        responses: [
            new OA\Response(
                response: 200,
                description: 'The shopping list, as CSV',
                content: new OA\MediaType(mediaType: 'text/csv', schema: new OA\Schema(type: 'string')),
            ),
        ],
    )]
    public function __invoke(Garden $garden, ListShopping $list): Response
    {
        return new Response($list->csv($garden), 200, [
            'Content-Type' => 'text/csv; charset=utf-8',
            'Content-Disposition' => 'attachment; filename="shopping.csv"',
        ]);
    }
}

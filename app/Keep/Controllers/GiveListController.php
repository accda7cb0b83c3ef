<?php

declare(strict_types=1);

namespace App\Keep\Controllers;

use App\Http\Controllers\Controller;
use App\Keep\Lists\ListShape;
use App\Keep\Lists\WriteList;
use App\Models\Garden;
use Illuminate\Http\Response;
use OpenApi\Attributes as OA;

/** A list of the garden as a table for spreadsheets of the place. */
final class GiveListController extends Controller
{
    #[OA\Get(
        path: '/api/gardens/{garden}/lists/{list}',
        operationId: 'giveList',
        responses: [
            new OA\Response(
                response: 200,
                description: 'CSV; its decimal sign and what stands between cells are those of the place',
                content: new OA\MediaType(mediaType: 'text/csv', schema: new OA\Schema(type: 'string')),
            ),
        ],
    )]
    public function __invoke(Garden $garden, string $list, WriteList $write): Response
    {
        $list = str_ends_with($list, '.csv') ? substr($list, 0, -4) : $list;
        abort_unless(array_key_exists($list, ListShape::LISTS), 404);

        return new Response($write($garden, $list), 200, [
            'Content-Type' => 'text/csv; charset=utf-8',
            'Content-Disposition' => "attachment; filename=\"$list.csv\"",
        ]);
    }
}

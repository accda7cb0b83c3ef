<?php

declare(strict_types=1);

namespace App\Rounds\Controllers;

use App\Http\Controllers\Controller;
use App\Models\Garden;
use App\Rounds\Queries\WriteCalendar;
use Illuminate\Http\Response;
use OpenApi\Attributes as OA;

/** The planned rounds as iCalendar, to be kept as a file or subscribed to. */
final class ExportCalendarController extends Controller
{
    #[OA\Get(
        path: '/api/gardens/{garden}/rounds.ics',
        operationId: 'exportCalendar',
        responses: [
            new OA\Response(
                response: 200,
                description: 'iCalendar',
                content: new OA\MediaType(mediaType: 'text/calendar', schema: new OA\Schema(type: 'string')),
            ),
        ],
    )]
    public function __invoke(Garden $garden, WriteCalendar $write): Response
    {
        return new Response($write($garden), 200, [
            'Content-Type' => 'text/calendar; charset=utf-8',
            'Content-Disposition' => 'inline; filename="rounds.ics"',
        ]);
    }
}

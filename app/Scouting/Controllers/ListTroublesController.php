<?php

declare(strict_types=1);

namespace App\Scouting\Controllers;

use App\Http\Controllers\Controller;
use App\Models\Garden;
use App\Models\Trouble;
use App\Models\TroubleStatus;
use App\OpenApi\Ok;
use App\Scouting\Queries\DescribeTrouble;
use App\Scouting\Resources\TroubleBriefResource;
use Illuminate\Http\JsonResponse;
use OpenApi\Attributes as OA;

final class ListTroublesController extends Controller
{
    /** The last that were closed; older ones are in their plantings' stories. */
    private const MOST_CLOSED = 10;

    #[OA\Get(
        path: '/api/gardens/{garden}/troubles',
        operationId: 'listTroubles',
        responses: [new Ok(TroubleBriefResource::class, list: true)],
    )]
    public function __invoke(Garden $garden, DescribeTrouble $describe): JsonResponse
    {
        $with = ['planting.zone', 'counts', 'tacticUses', 'glances'];
        $troubles = $garden
            ->troubles()
            ->where('status', TroubleStatus::Open)
            ->with($with)
            ->get()
            ->merge($garden->troubles()->where('status', TroubleStatus::Closed)->with($with)->limit(self::MOST_CLOSED)->get());

        return $this->json(
            array_values($troubles->map(static fn (Trouble $trouble): TroubleBriefResource => $describe->brief($garden, $trouble))->all()),
        );
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Controllers\Trouble;

use App\Actions\DescribeTrouble;
use App\Http\Controllers\Controller;
use App\Http\Resources\TroubleBrief;
use App\Models\Garden;
use App\Models\Trouble;
use App\Models\TroubleStatus;
use App\OpenApi\Ok;
use Illuminate\Http\JsonResponse;
use OpenApi\Attributes as OA;

final class ListTroubles extends Controller
{
    /** The last that were closed; older ones are in their plantings' stories. */
    private const MOST_CLOSED = 10;

    #[OA\Get(path: '/api/gardens/{garden}/troubles', operationId: 'listTroubles', responses: [new Ok(TroubleBrief::class, list: true)])]
    public function __invoke(Garden $garden, DescribeTrouble $describe): JsonResponse
    {
        $with = ['planting.zone', 'counts', 'tacticUses'];
        $troubles = $garden->troubles()->where('status', TroubleStatus::Open)->with($with)->get()
            ->merge($garden->troubles()->where('status', TroubleStatus::Closed)->with($with)->limit(self::MOST_CLOSED)->get());

        return $this->json(array_values($troubles->map(static fn (Trouble $trouble): TroubleBrief => $describe->brief($garden, $trouble))->all()));
    }
}

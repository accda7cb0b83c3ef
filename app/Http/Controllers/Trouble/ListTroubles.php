<?php

declare(strict_types=1);

namespace App\Http\Controllers\Trouble;

use App\Actions\DescribeTrouble;
use App\Http\Controllers\Controller;
use App\Http\Resources\TroubleBrief;
use App\Models\Garden;
use App\Models\Trouble;
use App\OpenApi\Ok;
use Illuminate\Http\JsonResponse;
use OpenApi\Attributes as OA;

final class ListTroubles extends Controller
{
    #[OA\Get(path: '/api/gardens/{garden}/troubles', operationId: 'listTroubles', responses: [new Ok(TroubleBrief::class, list: true)])]
    public function __invoke(Garden $garden, DescribeTrouble $describe): JsonResponse
    {
        $troubles = $garden->troubles()->with(['planting.zone', 'counts', 'tacticUses'])->get();

        return $this->json(array_values($troubles->map(static fn (Trouble $trouble): TroubleBrief => $describe->brief($garden, $trouble))->all()));
    }
}

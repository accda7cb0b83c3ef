<?php

declare(strict_types=1);

namespace App\Garden\Controllers;

use App\Core\Say;
use App\Http\Controllers\Controller;
use App\Models\Garden;
use App\Models\Zone;
use App\Notebook\Resources\ChangeResource;
use App\OpenApi\Ok;
use App\Undo\ChangeRecorder;
use Illuminate\Http\JsonResponse;
use Illuminate\Validation\ValidationException;
use OpenApi\Attributes as OA;

final class DeleteZoneController extends Controller
{
    #[OA\Delete(path: '/api/gardens/{garden}/zones/{zone}', operationId: 'deleteZone', responses: [new Ok(ChangeResource::class)])]
    public function __invoke(Garden $garden, Zone $zone, ChangeRecorder $recorder): JsonResponse
    {
        if ($garden->standing()->where('zone_id', $zone->id)->exists()) {
            throw ValidationException::withMessages(['zone' => Say::it('refused.something-still-stands')]);
        }
        if ($garden->zones()->count() === 1) {
            throw ValidationException::withMessages(['zone' => Say::it('refused.last-zone-plantings')]);
        }
        [, $change] = $recorder->record($garden, Say::it('change.zone-taken-out'), static fn () => $zone->delete());

        return $this->json(ChangeResource::of($change));
    }
}

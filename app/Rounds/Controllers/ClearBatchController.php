<?php

declare(strict_types=1);

namespace App\Rounds\Controllers;

use App\Core\Say;
use App\Http\Controllers\Controller;
use App\Models\Batch;
use App\Models\Garden;
use App\Notebook\Resources\ChangeResource;
use App\OpenApi\Ok;
use App\Undo\ChangeRecorder;
use Illuminate\Http\JsonResponse;
use OpenApi\Attributes as OA;

/** What was left over of a batch is used up or got rid of. */
final class ClearBatchController extends Controller
{
    #[OA\Post(path: '/api/gardens/{garden}/batches/{batch}/gone', operationId: 'clearBatch', responses: [new Ok(ChangeResource::class)])]
    public function __invoke(Garden $garden, Batch $batch, ChangeRecorder $recorder): JsonResponse
    {
        [, $change] = $recorder->record(
            $garden,
            Say::it('change.leftover-gone'),
            static fn () => $batch->update(['gone_at' => $batch->gone_at ?? $garden->now()->utc()]),
        );

        return $this->json(ChangeResource::of($change));
    }
}

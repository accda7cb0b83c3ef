<?php

declare(strict_types=1);

namespace App\Rounds\Controllers;

use App\Core\Say;
use App\Http\Controllers\Controller;
use App\Models\Garden;
use App\Notebook\Resources\ChangeResource;
use App\OpenApi\Body;
use App\OpenApi\Ok;
use App\Rounds\Requests\LogBatchRequest;
use App\Rounds\Writes\LogBatch;
use App\Undo\ChangeRecorder;
use Illuminate\Http\JsonResponse;
use OpenApi\Attributes as OA;

/** A batch was sprayed, on all of its plants or on some. */
final class LogBatchController extends Controller
{
    #[OA\Post(
        path: '/api/gardens/{garden}/batches',
        operationId: 'logBatch',
        requestBody: new Body(LogBatchRequest::class),
        responses: [new Ok(ChangeResource::class)],
    )]
    public function __invoke(LogBatchRequest $request, Garden $garden, ChangeRecorder $recorder, LogBatch $log): JsonResponse
    {
        [, $change] = $recorder->record($garden, Say::it('change.round-logged'), static function () use ($request, $garden, $log): void {
            $rounds = $request->rounds($garden);
            $log(
                $garden,
                $rounds,
                $request->plantingIds(),
                $request->appliedAt($garden),
                $request->volumeMl($garden),
                $request->leftMl($garden),
                $request->rinsed(),
                $request->filled('by') ? $request->string('by')->toString() : null,
                $request->filled('note') ? $request->string('note')->toString() : null,
            );
        });

        return $this->json(ChangeResource::of($change));
    }
}

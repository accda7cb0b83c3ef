<?php

declare(strict_types=1);

namespace App\Rounds\Controllers;

use App\Core\Say;
use App\Http\Controllers\Controller;
use App\Models\Garden;
use App\Models\Tick;
use App\Notebook\Resources\ChangeResource;
use App\OpenApi\Body;
use App\OpenApi\Ok;
use App\Rounds\Requests\TickRequest;
use App\Undo\ChangeRecorder;
use Illuminate\Http\JsonResponse;
use OpenApi\Attributes as OA;

/** A step of today's list is done, or is not after all. Said twice it counts once. */
final class TickStepController extends Controller
{
    #[OA\Post(
        path: '/api/gardens/{garden}/ticks',
        operationId: 'tickStep',
        requestBody: new Body(TickRequest::class),
        responses: [new Ok(ChangeResource::class)],
    )]
    public function __invoke(TickRequest $request, Garden $garden, ChangeRecorder $recorder): JsonResponse
    {
        $today = $garden->localNow()->toDateString();
        $step = $request->string('step')->toString();
        $done = $request->boolean('done');
        [, $change] = $recorder->record(
            $garden,
            $done ? Say::it('change.ticked-off') : Say::it('change.not-done-after'),
            static function () use ($garden, $today, $step, $done): void {
                $there = $garden->ticks()->where('day', $today)->where('step', $step)->get();
                if ($done && $there->isEmpty()) {
                    $garden->ticks()->create(['day' => $today, 'step' => $step]);
                } elseif (! $done) {
                    $there->each(static fn (Tick $tick) => $tick->delete());
                }
            },
        );

        return $this->json(ChangeResource::of($change));
    }
}

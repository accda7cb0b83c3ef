<?php

declare(strict_types=1);

namespace App\Rounds\Controllers;

use App\Bench\Queries\JudgeMix;
use App\Core\Say;
use App\Garden\Writes\AddNameless;
use App\Http\Controllers\Controller;
use App\Models\Garden;
use App\Models\Round;
use App\Notebook\Resources\ChangeResource;
use App\OpenApi\Body;
use App\OpenApi\Ok;
use App\Rounds\Requests\SprayedRequest;
use App\Rounds\Resources\ChangedRoundResource;
use App\Rounds\Resources\RoundResource;
use App\Rounds\Writes\LogSprayed;
use App\Undo\ChangeRecorder;
use Illuminate\Http\JsonResponse;
use OpenApi\Attributes as OA;

/** "I sprayed this": what, on what, how much, when. */
final class LogSprayedController extends Controller
{
    #[OA\Post(
        path: '/api/gardens/{garden}/sprayed',
        operationId: 'logSprayed',
        requestBody: new Body(SprayedRequest::class),
        responses: [new Ok(ChangedRoundResource::class, status: 201)],
    )]
    public function __invoke(
        SprayedRequest $request,
        Garden $garden,
        ChangeRecorder $recorder,
        LogSprayed $log,
        AddNameless $nameless,
        JudgeMix $judge,
    ): JsonResponse {
        $recipe = $garden->recipes()->findOrFail($request->string('recipe_id')->toString());
        $plantings = $request->plantings($garden, $recipe);
        $sprayer = $request->filled('sprayer_id')
            ? $garden->sprayers()->findOrFail($request->string('sprayer_id')->toString())
            : null;
        [$at, $target, $typed] = [$request->appliedAt($garden), $request->target(), $request->volumeMl($garden)];
        // What cannot be read is said before anything is written.
        $mix = $judge->judgedMix($garden, $recipe->body, $sprayer, $plantings->first(), $typed === null ? null : "$typed mL")->mix;
        [$round, $change] = $recorder->record($garden, Say::it('change.sprayed'), function () use (
            $request,
            $garden,
            $log,
            $nameless,
            $plantings,
            $sprayer,
            $at,
            $target,
            $typed,
            $recipe,
            $mix,
        ): Round {
            $on = $request->isNewPlant() ? $plantings->push($nameless($garden, $request->plantName())) : $plantings;

            return $log(
                $garden,
                $recipe,
                $on,
                $sprayer,
                $target,
                $typed ?? $mix->finalVolume->likely,
                $at,
                $request->on(),
                $request->by(),
                $request->note(),
            );
        });

        return $this->json(
            new ChangedRoundResource(RoundResource::of($round->refresh()->load(['application', 'course'])), ChangeResource::of($change)),
            201,
        );
    }
}

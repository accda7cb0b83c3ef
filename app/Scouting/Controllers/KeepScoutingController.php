<?php

declare(strict_types=1);

namespace App\Scouting\Controllers;

use App\Core\Say;
use App\Garden\Writes\AddNameless;
use App\Http\Controllers\Controller;
use App\Models\Garden;
use App\Models\Scouting;
use App\Notebook\Resources\ChangeResource;
use App\OpenApi\Body;
use App\OpenApi\Ok;
use App\Scouting\Queries\ShowTrouble;
use App\Scouting\Requests\ScoutingRequest;
use App\Scouting\Resources\SavedScoutingResource;
use App\Scouting\Writes\KeepScouting;
use App\Undo\ChangeRecorder;
use Illuminate\Http\JsonResponse;
use Nebbia\Core\Pest\Diagnosis\Signs;
use Nebbia\Core\Plant\Plants;
use Nebbia\Core\Target\Targets;
use OpenApi\Attributes as OA;

final class KeepScoutingController extends Controller
{
    #[OA\Post(
        path: '/api/gardens/{garden}/scoutings',
        operationId: 'keepScouting',
        requestBody: new Body(ScoutingRequest::class),
        responses: [new Ok(SavedScoutingResource::class, status: 201)],
    )]
    public function __invoke(
        ScoutingRequest $request,
        Garden $garden,
        Signs $signs,
        Plants $plants,
        Targets $targets,
        KeepScouting $keep,
        ShowTrouble $show,
        ChangeRecorder $recorder,
        AddNameless $nameless,
    ): JsonResponse {
        $planting = $request->planting($garden);
        [$answers, $target] = [$request->answers($signs), $request->target($targets)];
        [$scouting, $change] = $recorder->record(
            $garden,
            Say::it('change.look-written-down'),
            static fn (): Scouting => $keep(
                $garden,
                $one = $planting ?? $nameless($garden, $request->plantName()),
                $answers,
                $request->circumstances($plants, $garden, $one),
                $request->input('as') === 'trouble',
                $target,
                $request->note(),
            ),
        );

        return $this->json(new SavedScoutingResource($show->scouting($scouting), $scouting->trouble_id, ChangeResource::of($change)), 201);
    }
}

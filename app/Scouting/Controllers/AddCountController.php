<?php

declare(strict_types=1);

namespace App\Scouting\Controllers;

use App\Core\Say;
use App\Http\Controllers\Controller;
use App\Models\Garden;
use App\Models\Trouble;
use App\Notebook\Resources\ChangeResource;
use App\OpenApi\Body;
use App\OpenApi\Ok;
use App\Scouting\Queries\AssessTrouble;
use App\Scouting\Requests\CountRequest;
use App\Undo\ChangeRecorder;
use Illuminate\Http\JsonResponse;
use Nebbia\Core\Target\CountMeasure;
use OpenApi\Attributes as OA;

final class AddCountController extends Controller
{
    #[OA\Post(
        path: '/api/gardens/{garden}/troubles/{trouble}/counts',
        operationId: 'addCount',
        requestBody: new Body(CountRequest::class),
        responses: [new Ok(ChangeResource::class, status: 201)],
    )]
    public function __invoke(
        CountRequest $request,
        Garden $garden,
        Trouble $trouble,
        AssessTrouble $assess,
        ChangeRecorder $recorder,
    ): JsonResponse {
        $measure = $assess->target($trouble)->watchUntil->measure ?? CountMeasure::PercentLeaf;
        $attributes = $request->count($garden, $measure);
        [, $change] = $recorder->record(
            $garden,
            Say::it('change.count-written-down'),
            static fn () => $trouble->counts()->create($attributes + ['garden_id' => $garden->id]),
        );

        return $this->json(ChangeResource::of($change), 201);
    }
}

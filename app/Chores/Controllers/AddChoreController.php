<?php

declare(strict_types=1);

namespace App\Chores\Controllers;

use App\Chores\Queries\ChoreDays;
use App\Chores\Requests\ChoreRequest;
use App\Chores\Resources\ChoreResource;
use App\Chores\Resources\SavedChoreResource;
use App\Core\Say;
use App\Http\Controllers\Controller;
use App\Models\Chore;
use App\Models\Garden;
use App\Notebook\Resources\ChangeResource;
use App\OpenApi\Body;
use App\OpenApi\Ok;
use App\Undo\ChangeRecorder;
use Illuminate\Http\JsonResponse;
use Nebbia\Core\Reading\Often\OftenReader;
use OpenApi\Attributes as OA;

final class AddChoreController extends Controller
{
    #[OA\Post(
        path: '/api/gardens/{garden}/chores',
        operationId: 'addChore',
        requestBody: new Body(ChoreRequest::class),
        responses: [new Ok(SavedChoreResource::class, status: 201)],
    )]
    public function __invoke(
        ChoreRequest $request,
        Garden $garden,
        OftenReader $often,
        ChangeRecorder $recorder,
        ChoreDays $days,
    ): JsonResponse {
        $plantings = $request->plantings($garden);
        $attributes = $request->chore($garden, $often);
        [$chores, $change] = $recorder->record(
            $garden,
            Say::it('change.job-added'),
            static fn (): array => array_map(
                static fn (?string $planting): Chore => $garden->chores()->create(['planting_id' => $planting] + $attributes),
                $plantings,
            ),
        );
        $days->forget();

        return $this->json(new SavedChoreResource(ChoreResource::of($chores[0]->load('planting')), ChangeResource::of($change)), 201);
    }
}

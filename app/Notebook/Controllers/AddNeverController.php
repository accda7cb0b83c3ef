<?php

declare(strict_types=1);

namespace App\Notebook\Controllers;

use App\Core\Say;
use App\Http\Controllers\Controller;
use App\Models\Garden;
use App\Models\NeverAgain;
use App\Models\Planting;
use App\Notebook\Queries\Nevers;
use App\Notebook\Queries\ShowLooks;
use App\Notebook\Requests\NeverRequest;
use App\Notebook\Resources\ChangeResource;
use App\Notebook\Resources\SavedNeverResource;
use App\OpenApi\Body;
use App\OpenApi\Ok;
use App\Undo\ChangeRecorder;
use Illuminate\Http\JsonResponse;
use Nebbia\Core\Substance\OwnIngredients;
use OpenApi\Attributes as OA;

/** "Never on this plant again." Said twice it stands once, with the newer reason. */
final class AddNeverController extends Controller
{
    #[OA\Post(
        path: '/api/gardens/{garden}/plantings/{planting}/nevers',
        operationId: 'addNever',
        requestBody: new Body(NeverRequest::class),
        responses: [new Ok(SavedNeverResource::class, status: 201)],
    )]
    public function __invoke(
        NeverRequest $request,
        Garden $garden,
        Planting $planting,
        Nevers $nevers,
        ShowLooks $show,
        ChangeRecorder $recorder,
    ): JsonResponse {
        $ingredient = $nevers->ingredient($request->string('ingredient')->toString());
        $named = OwnIngredients::isOwn($ingredient->id) ? $ingredient->name : $ingredient->id;
        $wholeKind = $request->boolean('whole_kind');
        $why = $request->filled('why') ? $request->string('why')->toString() : null;
        [, $change] = $recorder->record(
            $garden,
            Say::it('change.never-again', ['name' => $ingredient->name]),
            static function () use ($garden, $planting, $named, $wholeKind, $why): void {
                $one = $garden->nevers()->where('planting_id', $planting->id)->where('ingredient', $named)->first();
                if ($one instanceof NeverAgain) {
                    $one->update(['whole_kind' => $wholeKind || $one->whole_kind, 'why' => $why ?? $one->why]);
                } else {
                    $garden->nevers()->create([
                        'planting_id' => $planting->id, 'ingredient' => $named, 'whole_kind' => $wholeKind, 'why' => $why,
                        'said_on' => $garden->localNow()->toDateString(),
                    ]);
                }
            },
        );
        $nevers->forget($garden);

        return $this->json(new SavedNeverResource($show($garden, $planting->load('zone')), ChangeResource::of($change)), 201);
    }
}

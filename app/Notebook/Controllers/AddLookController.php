<?php

declare(strict_types=1);

namespace App\Notebook\Controllers;

use App\Bench\SprayHistory;
use App\Core\Say;
use App\Http\Controllers\Controller;
use App\Models\Garden;
use App\Models\Look;
use App\Models\LookKind;
use App\Models\Planting;
use App\Notebook\Queries\ShowLooks;
use App\Notebook\Requests\LookRequest;
use App\Notebook\Resources\ChangeResource;
use App\Notebook\Resources\SavedLookResource;
use App\Notebook\Writes\KeepLook;
use App\OpenApi\Body;
use App\OpenApi\Ok;
use App\Undo\ChangeRecorder;
use Illuminate\Http\JsonResponse;
use OpenApi\Attributes as OA;

/** A test patch is put on, or an injury written down. */
final class AddLookController extends Controller
{
    #[OA\Post(
        path: '/api/gardens/{garden}/plantings/{planting}/looks',
        operationId: 'addLook',
        requestBody: new Body(LookRequest::class),
        responses: [new Ok(SavedLookResource::class, status: 201)],
    )]
    public function __invoke(
        LookRequest $request,
        Garden $garden,
        Planting $planting,
        KeepLook $keep,
        ShowLooks $show,
        ChangeRecorder $recorder,
        SprayHistory $past,
    ): JsonResponse {
        $kind = LookKind::from($request->string('kind')->toString());
        $at = $request->putOnAt($garden);
        [, $change] = $recorder->record(
            $garden,
            $kind === LookKind::Patch ? Say::it('change.test-patch-written') : Say::it('change.look-written-down'),
            static fn (): Look => $keep(
                $garden,
                $planting,
                $kind,
                $request->filled('recipe_id') ? $request->string('recipe_id')->toString() : null,
                $request->filled('application_id') ? $request->string('application_id')->toString() : null,
                $request->fraction(),
                $request->filled('leaves') ? $request->integer('leaves') : null,
                $at,
                $request->score(),
                $request->note(),
            ),
        );
        $past->forget($garden);

        return $this->json(new SavedLookResource($show($garden, $planting->load('zone')), ChangeResource::of($change)), 201);
    }
}

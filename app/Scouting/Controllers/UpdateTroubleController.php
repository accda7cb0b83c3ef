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
use App\Scouting\Requests\TroubleRequest;
use App\Undo\ChangeRecorder;
use Illuminate\Http\JsonResponse;
use Nebbia\Core\Target\Targets;
use OpenApi\Attributes as OA;

final class UpdateTroubleController extends Controller
{
    #[OA\Patch(
        path: '/api/gardens/{garden}/troubles/{trouble}',
        operationId: 'updateTrouble',
        requestBody: new Body(TroubleRequest::class),
        responses: [new Ok(ChangeResource::class)],
    )]
    public function __invoke(
        TroubleRequest $request,
        Garden $garden,
        Trouble $trouble,
        Targets $targets,
        ChangeRecorder $recorder,
    ): JsonResponse {
        $changes = $request->changes($targets, $garden->localNow()->toDateString());
        $trouble->refuseStale($request->integer('version'), $changes, [
            'target' => $trouble->target,
            'status' => $trouble->status->value,
            'version' => $trouble->version,
        ]);
        $label = isset($changes['status'])
            ? ($changes['status'] === 'closed'
                ? Say::it('change.trouble-closed')
                : Say::it('change.trouble-opened-again'))
            : Say::it('change.trouble-changed');
        [, $change] = $recorder->record($garden, $label, static fn () => $trouble->update($changes));

        return $this->json(ChangeResource::of($change));
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Controllers\Look;

use App\Actions\KeepLook;
use App\Actions\Past;
use App\Actions\ShowLooks;
use App\Http\Controllers\Controller;
use App\Http\Requests\LookRequest;
use App\Http\Resources\ChangeResource;
use App\Http\Resources\SavedLook;
use App\Models\Garden;
use App\Models\Look;
use App\Models\LookKind;
use App\Models\Planting;
use App\OpenApi\Body;
use App\OpenApi\Ok;
use App\Undo\ChangeRecorder;
use Illuminate\Http\JsonResponse;
use OpenApi\Attributes as OA;

/** A test patch is put on, or an injury written down. */
final class AddLook extends Controller
{
    #[OA\Post(path: '/api/gardens/{garden}/plantings/{planting}/looks', operationId: 'addLook', requestBody: new Body(LookRequest::class), responses: [new Ok(SavedLook::class, status: 201)])]
    public function __invoke(LookRequest $request, Garden $garden, Planting $planting, KeepLook $keep, ShowLooks $show, ChangeRecorder $recorder, Past $past): JsonResponse
    {
        $kind = LookKind::from($request->string('kind')->toString());
        $at = $request->putOnAt($garden);
        [, $change] = $recorder->record($garden, $kind === LookKind::Patch ? 'Test patch written down' : 'Look written down', static fn (): Look => $keep(
            $garden, $planting, $kind, $request->filled('recipe_id') ? $request->string('recipe_id')->toString() : null, $request->filled('application_id') ? $request->string('application_id')->toString() : null,
            $request->fraction(), $request->filled('leaves') ? $request->integer('leaves') : null, $at, $request->score(), $request->note(),
        ));
        $past->forget($garden);

        return $this->json(new SavedLook($show($garden, $planting->load('zone')), ChangeResource::of($change)), 201);
    }
}

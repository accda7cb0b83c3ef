<?php

declare(strict_types=1);

namespace App\Notebook\Controllers;

use App\Core\Say;
use App\Http\Controllers\Controller;
use App\Models\Garden;
use App\Models\Look;
use App\Notebook\Resources\ChangeResource;
use App\OpenApi\Ok;
use App\Undo\ChangeRecorder;
use Illuminate\Http\JsonResponse;
use OpenApi\Attributes as OA;

final class DeleteLookController extends Controller
{
    #[OA\Delete(path: '/api/gardens/{garden}/looks/{look}', operationId: 'deleteLook', responses: [new Ok(ChangeResource::class)])]
    public function __invoke(Garden $garden, Look $look, ChangeRecorder $recorder): JsonResponse
    {
        [, $change] = $recorder->record($garden, Say::it('change.look-deleted'), static fn () => $look->delete());

        return $this->json(ChangeResource::of($change));
    }
}

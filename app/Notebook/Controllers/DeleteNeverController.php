<?php

declare(strict_types=1);

namespace App\Notebook\Controllers;

use App\Core\Say;
use App\Http\Controllers\Controller;
use App\Models\Garden;
use App\Models\NeverAgain;
use App\Notebook\Queries\Nevers;
use App\Notebook\Resources\ChangeResource;
use App\OpenApi\Ok;
use App\Undo\ChangeRecorder;
use Illuminate\Http\JsonResponse;
use OpenApi\Attributes as OA;

/** The word is taken back. */
final class DeleteNeverController extends Controller
{
    #[OA\Delete(
        path: '/api/gardens/{garden}/nevers/{never}',
        operationId: 'deleteNever',
        responses: [new Ok(ChangeResource::class)],
    )]
    public function __invoke(Garden $garden, NeverAgain $never, Nevers $nevers, ChangeRecorder $recorder): JsonResponse
    {
        [, $change] = $recorder->record(
            $garden,
            Say::it('change.never-taken-back', ['name' => $nevers->ingredient($never->ingredient)->name]),
            static fn () => $never->delete(),
        );
        $nevers->forget($garden);

        return $this->json(ChangeResource::of($change));
    }
}

<?php

declare(strict_types=1);

namespace App\Settings\Controllers;

use App\Core\Say;
use App\Http\Controllers\Controller;
use App\Models\Garden;
use App\Notebook\Resources\ChangeResource;
use App\OpenApi\Ok;
use App\Undo\ChangeRecorder;
use Illuminate\Http\JsonResponse;
use Illuminate\Validation\ValidationException;
use OpenApi\Attributes as OA;

/** The demo garden is not shown any more. It can be opened anew from the first page. */
final class PutDemoAwayController extends Controller
{
    #[OA\Post(path: '/api/gardens/{garden}/away', operationId: 'putDemoAway', responses: [new Ok(ChangeResource::class)])]
    public function __invoke(Garden $garden, ChangeRecorder $recorder): JsonResponse
    {
        if (! $garden->is_demo) {
            throw ValidationException::withMessages(['garden' => Say::it('refused.only-demo-away')]);
        }
        [, $change] = $recorder->record(
            $garden,
            Say::it('change.demo-put-away'),
            static fn () => $garden->refresh()->update(['put_away' => true]),
        );

        return $this->json(ChangeResource::of($change));
    }
}

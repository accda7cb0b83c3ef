<?php

declare(strict_types=1);

namespace App\Settings\Controllers;

use App\Core\Say;
use App\Http\Controllers\Controller;
use App\Models\Garden;
use App\Notebook\Resources\ChangeResource;
use App\OpenApi\Body;
use App\OpenApi\Ok;
use App\Settings\Requests\LetDayPassRequest;
use App\Settings\Resources\GardenResource;
use App\Settings\Resources\SavedSettingsResource;
use App\Undo\ChangeRecorder;
use Illuminate\Http\JsonResponse;
use Illuminate\Validation\ValidationException;
use OpenApi\Attributes as OA;

/** In the demo garden time is the gardener's: its clock goes a day ahead. */
final class LetDayPassController extends Controller
{
    private const DAY = 86_400;

    #[OA\Post(
        path: '/api/gardens/{garden}/day-passes',
        operationId: 'letDayPass',
        requestBody: new Body(LetDayPassRequest::class),
        responses: [new Ok(SavedSettingsResource::class)],
    )]
    public function __invoke(LetDayPassRequest $request, Garden $garden, ChangeRecorder $recorder): JsonResponse
    {
        if (! $garden->is_demo) {
            throw ValidationException::withMessages(['garden' => Say::it('refused.only-demo-garden')]);
        }
        $garden->refuseStale($request->integer('version'), [], GardenResource::of($garden));
        [, $change] = $recorder->record(
            $garden,
            Say::it('change.day-has-passed'),
            static fn () => $garden->update(['clock_offset_s' => $garden->clock_offset_s + self::DAY]),
        );

        return $this->json(new SavedSettingsResource(GardenResource::of($garden), ChangeResource::of($change)));
    }
}

<?php

declare(strict_types=1);

namespace App\Settings\Controllers;

use App\Core\Say;
use App\Http\Controllers\Controller;
use App\Models\Garden;
use App\Notebook\Resources\ChangeResource;
use App\OpenApi\Body;
use App\OpenApi\Ok;
use App\Settings\Requests\SettingsRequest;
use App\Settings\Resources\GardenResource;
use App\Settings\Resources\SavedSettingsResource;
use App\Undo\ChangeRecorder;
use Illuminate\Http\JsonResponse;
use OpenApi\Attributes as OA;

final class UpdateSettingsController extends Controller
{
    #[OA\Patch(
        path: '/api/gardens/{garden}',
        operationId: 'updateSettings',
        requestBody: new Body(SettingsRequest::class),
        responses: [new Ok(SavedSettingsResource::class)],
    )]
    public function __invoke(SettingsRequest $request, Garden $garden, ChangeRecorder $recorder): JsonResponse
    {
        $settings = $request->settings();
        [, $change] = $recorder->record($garden, Say::it('change.settings-changed'), static function () use (
            $garden,
            $request,
            $settings,
        ): void {
            $garden->refresh()->refuseStale($request->integer('version'), $settings, GardenResource::of($garden));
            $garden->fill($settings);
            // What is written over what stood there is somebody's own.
            $garden->water_known = $garden->water_known || $garden->isDirty(['hardness_mg_l', 'alkalinity_mg_l']);
            $garden->save();
        });

        return $this->json(new SavedSettingsResource(GardenResource::of($garden), ChangeResource::of($change)));
    }
}

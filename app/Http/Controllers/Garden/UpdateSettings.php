<?php

declare(strict_types=1);

namespace App\Http\Controllers\Garden;

use App\Http\Controllers\Controller;
use App\Http\Requests\SettingsRequest;
use App\Http\Resources\ChangeResource;
use App\Http\Resources\GardenResource;
use App\Http\Resources\SavedSettings;
use App\Models\Garden;
use App\OpenApi\Body;
use App\OpenApi\Ok;
use App\Undo\ChangeRecorder;
use Illuminate\Http\JsonResponse;
use OpenApi\Attributes as OA;

final class UpdateSettings extends Controller
{
    #[OA\Patch(path: '/api/gardens/{garden}', operationId: 'updateSettings', requestBody: new Body(SettingsRequest::class), responses: [new Ok(SavedSettings::class)])]
    public function __invoke(SettingsRequest $request, Garden $garden, ChangeRecorder $recorder): JsonResponse
    {
        $settings = $request->settings();
        [, $change] = $recorder->record($garden, 'Settings changed', static function () use ($garden, $request, $settings): void {
            $garden->refresh()->refuseStale($request->integer('version'), $settings, GardenResource::of($garden));
            $garden->update($settings);
        });

        return $this->json(new SavedSettings(GardenResource::of($garden), ChangeResource::of($change)));
    }
}

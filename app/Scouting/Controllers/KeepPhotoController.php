<?php

declare(strict_types=1);

namespace App\Scouting\Controllers;

use App\Core\Say;
use App\Http\Controllers\Controller;
use App\Models\Garden;
use App\Models\Scouting;
use App\Notebook\Resources\ChangeResource;
use App\OpenApi\Ok;
use App\Scouting\Requests\PhotoRequest;
use App\Undo\ChangeRecorder;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Facades\Storage;
use Illuminate\Support\Str;
use OpenApi\Attributes as OA;

/** A photo of a look. The browser has made it small and taken the place it was made at out of it. */
final class KeepPhotoController extends Controller
{
    #[OA\Post(
        path: '/api/gardens/{garden}/scoutings/{scouting}/photo',
        operationId: 'keepPhoto',
        requestBody: new OA\RequestBody(
            required: true,
            content: new OA\MediaType(
                mediaType: 'multipart/form-data',
                schema: new OA\Schema(
                    required: ['photo'],
                    properties: [new OA\Property(property: 'photo', type: 'string', format: 'binary')],
                    type: 'object',
                ),
            ),
        ),
        responses: [new Ok(ChangeResource::class, status: 201)],
    )]
    public function __invoke(PhotoRequest $request, Garden $garden, Scouting $scouting, ChangeRecorder $recorder): JsonResponse
    {
        $path = "$garden->id/".Str::ulid().'.jpg';
        abort_if(Storage::disk('photos')->put($path, $request->photo()) === false, 507, Say::it('refused.photo-could-not'));
        [, $change] = $recorder->record($garden, Say::it('change.photo-added'), static fn () => $scouting->update(['photo' => $path]));

        return $this->json(ChangeResource::of($change), 201);
    }
}

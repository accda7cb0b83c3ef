<?php

declare(strict_types=1);

namespace App\Notebook\Controllers;

use App\Core\Say;
use App\Http\Controllers\Controller;
use App\Models\Garden;
use App\Models\Photo;
use App\Notebook\Requests\NotePhotoRequest;
use App\Notebook\Resources\ChangeResource;
use App\OpenApi\Ok;
use App\Undo\ChangeRecorder;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Facades\Storage;
use Illuminate\Support\Str;
use OpenApi\Attributes as OA;

/** A photo with a note: a spray, a look, a count. */
final class AddPhotoController extends Controller
{
    #[OA\Post(
        path: '/api/gardens/{garden}/photos',
        operationId: 'addPhoto',
        requestBody: new OA\RequestBody(
            required: true,
            content: new OA\MediaType(
                mediaType: 'multipart/form-data',
                schema: new OA\Schema(
                    required: ['of', 'of_id', 'photo'],
                    properties: [
                        new OA\Property(property: 'of', type: 'string', enum: ['application', 'glance', 'count', 'look']),
                        new OA\Property(property: 'of_id', type: 'string'),
                        new OA\Property(property: 'photo', type: 'string', format: 'binary'),
                    ],
                    type: 'object',
                ),
            ),
        ),
        responses: [new Ok(ChangeResource::class, status: 201)],
    )]
    public function __invoke(NotePhotoRequest $request, Garden $garden, ChangeRecorder $recorder): JsonResponse
    {
        $note = $request->note($garden);
        $path = "$garden->id/".Str::ulid().'.jpg';
        abort_if(Storage::disk('photos')->put($path, $request->photo()) === false, 507, Say::it('refused.photo-could-not'));
        [, $change] = $recorder->record(
            $garden,
            Say::it('change.photo-added'),
            static fn (): Photo => $garden->photos()->create($note + ['path' => $path]),
        );

        return $this->json(ChangeResource::of($change), 201);
    }
}

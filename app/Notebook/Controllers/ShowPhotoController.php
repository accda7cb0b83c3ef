<?php

declare(strict_types=1);

namespace App\Notebook\Controllers;

use App\Http\Controllers\Controller;
use App\Models\Garden;
use App\Models\Photo;
use Illuminate\Support\Facades\Storage;
use OpenApi\Attributes as OA;
use Symfony\Component\HttpFoundation\Response;

final class ShowPhotoController extends Controller
{
    #[OA\Get(
        path: '/api/gardens/{garden}/photos/{photo}',
        operationId: 'showNotePhoto',
        responses: [
            new OA\Response(
                response: 200,
                description: 'The photo',
                content: new OA\MediaType(mediaType: 'image/jpeg', schema: new OA\Schema(type: 'string', format: 'binary')),
            ),
        ],
    )]
    public function __invoke(Garden $garden, Photo $photo): Response
    {
        $photos = Storage::disk('photos');
        abort_unless($photos->exists($photo->path), 404);

        return $photos->response($photo->path, headers: ['Content-Type' => 'image/jpeg', 'Cache-Control' => 'private, max-age=86400']);
    }
}

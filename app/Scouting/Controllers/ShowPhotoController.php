<?php

declare(strict_types=1);

namespace App\Scouting\Controllers;

use App\Http\Controllers\Controller;
use App\Models\Garden;
use App\Models\Scouting;
use Illuminate\Support\Facades\Storage;
use OpenApi\Attributes as OA;
use Symfony\Component\HttpFoundation\Response;

final class ShowPhotoController extends Controller
{
    #[OA\Get(
        path: '/api/gardens/{garden}/scoutings/{scouting}/photo',
        operationId: 'showPhoto',
        responses: [
            new OA\Response(
                response: 200,
                description: 'The photo',
                content: new OA\MediaType(mediaType: 'image/jpeg', schema: new OA\Schema(type: 'string', format: 'binary')),
            ),
        ],
    )]
    public function __invoke(Garden $garden, Scouting $scouting): Response
    {
        $photos = Storage::disk('photos');
        abort_if($scouting->photo === null || ! $photos->exists($scouting->photo), 404);

        return $photos->response($scouting->photo, headers: ['Content-Type' => 'image/jpeg', 'Cache-Control' => 'private, max-age=86400']);
    }
}

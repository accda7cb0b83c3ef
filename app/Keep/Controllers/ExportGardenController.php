<?php

declare(strict_types=1);

namespace App\Keep\Controllers;

use App\Http\Controllers\Controller;
use App\Keep\Takeout\WriteGarden;
use App\Models\Garden;
use Illuminate\Support\Str;
use OpenApi\Attributes as OA;
use Symfony\Component\HttpFoundation\BinaryFileResponse;

/** One garden with its history and photos, as a file. */
final class ExportGardenController extends Controller
{
    #[OA\Get(
        path: '/api/gardens/{garden}/garden.zip',
        operationId: 'exportGarden',
        responses: [
            new OA\Response(
                response: 200,
                description: 'nebbia.garden/1, its photos beside it',
                content: new OA\MediaType(mediaType: 'application/zip', schema: new OA\Schema(type: 'string', format: 'binary')),
            ),
        ],
    )]
    public function __invoke(Garden $garden, WriteGarden $write): BinaryFileResponse
    {
        $path = (string) tempnam(sys_get_temp_dir(), 'nebbia');
        $write->zip($garden, $path);
        $name = Str::slug($garden->name).'-'.$garden->localNow()->toDateString().'.zip';

        return response()->download($path, $name, ['Content-Type' => 'application/zip'])->deleteFileAfterSend();
    }
}

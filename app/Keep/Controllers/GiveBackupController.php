<?php

declare(strict_types=1);

namespace App\Keep\Controllers;

use App\Http\Controllers\Controller;
use App\Keep\Backup\BackupFolder;
use OpenApi\Attributes as OA;
use Symfony\Component\HttpFoundation\BinaryFileResponse;

/** A backup as a file, to be kept elsewhere. */
final class GiveBackupController extends Controller
{
    #[OA\Get(
        path: '/api/backups/{name}',
        operationId: 'giveBackup',
        responses: [
            new OA\Response(
                response: 200,
                description: 'A zip with all gardens and their photos',
                content: new OA\MediaType(mediaType: 'application/zip', schema: new OA\Schema(type: 'string', format: 'binary')),
            ),
        ],
    )]
    public function __invoke(string $name, BackupFolder $folder): BinaryFileResponse
    {
        return response()->download($folder->file($name), $name, ['Content-Type' => 'application/zip']);
    }
}

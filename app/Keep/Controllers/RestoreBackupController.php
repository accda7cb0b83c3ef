<?php

declare(strict_types=1);

namespace App\Keep\Controllers;

use App\Http\Controllers\Controller;
use App\Keep\Backup\BackupFolder;
use App\Keep\Backup\RestoreBackup;
use App\Keep\KeepWords;
use App\Keep\Resources\BroughtResource;
use App\OpenApi\Ok;
use Illuminate\Http\JsonResponse;
use OpenApi\Attributes as OA;

/** A backup is brought back; what is there is kept. */
final class RestoreBackupController extends Controller
{
    #[OA\Post(path: '/api/backups/{name}/restore', operationId: 'restoreBackup', responses: [new Ok(BroughtResource::class)])]
    public function __invoke(string $name, BackupFolder $folder, RestoreBackup $restore, KeepWords $words): JsonResponse
    {
        $done = $restore($folder->file($name));

        return $this->json(new BroughtResource($words->restored($done), $done->kept));
    }
}

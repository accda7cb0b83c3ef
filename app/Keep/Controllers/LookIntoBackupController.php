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

/** A backup is checked, and what is in it is said; nothing is changed. */
final class LookIntoBackupController extends Controller
{
    #[OA\Post(path: '/api/backups/{name}/look', operationId: 'lookIntoBackup', responses: [new Ok(BroughtResource::class)])]
    public function __invoke(string $name, BackupFolder $folder, RestoreBackup $restore, KeepWords $words): JsonResponse
    {
        return $this->json(new BroughtResource($words->wouldRestore($restore->look($folder->file($name), $words->holds(...)))));
    }
}

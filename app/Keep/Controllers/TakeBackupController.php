<?php

declare(strict_types=1);

namespace App\Keep\Controllers;

use App\Http\Controllers\Controller;
use App\Keep\Backup\BackupKind;
use App\Keep\Backup\TakeBackup;
use App\Keep\Queries\ShowKeep;
use App\Keep\Resources\KeepResource;
use App\OpenApi\Ok;
use Illuminate\Http\JsonResponse;
use OpenApi\Attributes as OA;

/** A backup is taken now. */
final class TakeBackupController extends Controller
{
    #[OA\Post(path: '/api/backups', operationId: 'takeBackup', responses: [new Ok(KeepResource::class, status: 201)])]
    public function __invoke(TakeBackup $take, ShowKeep $show): JsonResponse
    {
        $take(BackupKind::ByHand);

        return $this->json($show(), 201);
    }
}

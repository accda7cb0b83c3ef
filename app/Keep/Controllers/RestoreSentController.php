<?php

declare(strict_types=1);

namespace App\Keep\Controllers;

use App\Http\Controllers\Controller;
use App\Keep\Backup\Incoming;
use App\Keep\Backup\RestoreBackup;
use App\Keep\KeepWords;
use App\Keep\Resources\BroughtResource;
use App\OpenApi\Ok;
use Illuminate\Http\JsonResponse;
use OpenApi\Attributes as OA;

/** A backup that was sent is brought back; what is there is kept. */
final class RestoreSentController extends Controller
{
    #[OA\Post(path: '/api/incoming/{sent}/restore', operationId: 'restoreSent', responses: [new Ok(BroughtResource::class)])]
    public function __invoke(string $sent, Incoming $incoming, RestoreBackup $restore, KeepWords $words): JsonResponse
    {
        $done = $restore($incoming->file($sent));
        $incoming->forget($sent);

        return $this->json(new BroughtResource($words->restored($done), $done->kept));
    }
}

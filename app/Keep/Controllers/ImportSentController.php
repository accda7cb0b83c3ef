<?php

declare(strict_types=1);

namespace App\Keep\Controllers;

use App\Http\Controllers\Controller;
use App\Keep\Backup\Incoming;
use App\Keep\KeepWords;
use App\Keep\Requests\ImportSentRequest;
use App\Keep\Resources\BroughtResource;
use App\Keep\Takeout\ImportGarden;
use App\Notebook\Resources\ChangeResource;
use App\OpenApi\Body;
use App\OpenApi\Ok;
use Illuminate\Http\JsonResponse;
use OpenApi\Attributes as OA;

/** A garden that was sent is brought in, or only told what would be done. */
final class ImportSentController extends Controller
{
    #[OA\Post(
        path: '/api/incoming/{sent}/import',
        operationId: 'importSent',
        requestBody: new Body(ImportSentRequest::class),
        responses: [new Ok(BroughtResource::class)],
    )]
    public function __invoke(
        string $sent,
        ImportSentRequest $request,
        Incoming $incoming,
        ImportGarden $import,
        KeepWords $words,
    ): JsonResponse {
        $file = $incoming->file($sent);
        $into = $request->into();
        $isTrial = $request->boolean('look');
        $done = $import($file, $into, $isTrial);
        if (! $isTrial) {
            $incoming->forget($sent);
        }
        $change = $done->change === null ? null : ChangeResource::of($done->change);

        $said = $words->imported($done, $into !== null, $isTrial);

        return $this->json(new BroughtResource($said, null, $isTrial ? null : $done->gardenId, $change));
    }
}

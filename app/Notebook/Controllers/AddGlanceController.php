<?php

declare(strict_types=1);

namespace App\Notebook\Controllers;

use App\Core\Say;
use App\Http\Controllers\Controller;
use App\Models\Garden;
use App\Models\Glance;
use App\Models\GlanceWord;
use App\Notebook\Queries\ListHad;
use App\Notebook\Requests\GlanceRequest;
use App\Notebook\Resources\ChangeResource;
use App\Notebook\Resources\SavedGlanceResource;
use App\Notebook\Writes\KeepGlance;
use App\OpenApi\Body;
use App\OpenApi\Ok;
use App\Undo\ChangeRecorder;
use Illuminate\Http\JsonResponse;
use OpenApi\Attributes as OA;

/** "How is it now?", answered in a word. */
final class AddGlanceController extends Controller
{
    #[OA\Post(
        path: '/api/gardens/{garden}/glances',
        operationId: 'addGlance',
        requestBody: new Body(GlanceRequest::class),
        responses: [new Ok(SavedGlanceResource::class, status: 201)],
    )]
    public function __invoke(
        GlanceRequest $request,
        Garden $garden,
        KeepGlance $keep,
        ListHad $had,
        ChangeRecorder $recorder,
    ): JsonResponse {
        $attributes = $request->glance($garden);
        $count = $request->filled('count') ? $request->float('count') : null;
        [$glance, $change] = $recorder->record(
            $garden,
            Say::it('change.look-written-down'),
            static fn (): Glance => $keep($garden, $attributes, $count),
        );

        $burnt = $glance->word === GlanceWord::Burnt ? $glance->planting_id : null;

        return $this->json(
            new SavedGlanceResource(
                $glance->id,
                $burnt,
                $burnt === null ? [] : $had($garden, $burnt, 1),
                ChangeResource::of($change),
            ),
            201,
        );
    }
}

<?php

declare(strict_types=1);

namespace App\Notebook\Controllers;

use App\Http\Controllers\Controller;
use App\Models\Application;
use App\Models\Garden;
use App\Notebook\Resources\NotebookPageResource;
use App\OpenApi\Ok;
use App\Rounds\Resources\ApplicationResource;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use OpenApi\Attributes as OA;

final class ListApplicationsController extends Controller
{
    private const PAGE = 20;

    #[OA\Get(
        path: '/api/gardens/{garden}/applications',
        operationId: 'listApplications',
        parameters: [new OA\QueryParameter(name: 'before', schema: new OA\Schema(type: 'string'))],
        responses: [new Ok(NotebookPageResource::class)],
    )]
    public function __invoke(Request $request, Garden $garden): JsonResponse
    {
        $query = $garden->applications()->with('batch');
        $before = $request->string('before')->toString();
        $last = $before === '' ? null : $garden->applications()->withTrashed()->find($before);
        if ($last !== null) {
            $query->where(
                static fn ($older) => $older
                    ->where('applied_at', '<', $last->applied_at)
                    ->orWhere(static fn ($same) => $same->where('applied_at', $last->applied_at)->where('id', '<', $last->id)),
            );
        }
        $entries = $query->limit(self::PAGE + 1)->get();
        $page = $entries->take(self::PAGE);

        return $this->json(
            new NotebookPageResource(
                array_values(
                    $page
                        ->map(static fn (Application $entry): ApplicationResource => ApplicationResource::of($entry, $garden->units))
                        ->all(),
                ),
                $entries->count() > self::PAGE ? $page->last()?->id : null,
                $garden->applications()->count(),
            ),
        );
    }
}

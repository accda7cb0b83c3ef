<?php

declare(strict_types=1);

namespace App\Rounds\Controllers;

use App\Core\Say;
use App\Http\Controllers\Controller;
use App\Models\Garden;
use App\OpenApi\Body;
use App\OpenApi\Ok;
use App\Rounds\Queries\RefusePlan;
use App\Rounds\Queries\SuggestRounds;
use App\Rounds\Requests\SuggestRequest;
use App\Rounds\Resources\SuggestionResource;
use Carbon\CarbonImmutable;
use Illuminate\Http\JsonResponse;
use Illuminate\Validation\ValidationException;
use Nebbia\Core\Data\BadInput;
use Nebbia\Core\Planning\Course\Purpose;
use Nebbia\Core\Target\Targets;
use OpenApi\Attributes as OA;

/** How often and when; nothing is stored. */
final class SuggestRoundsController extends Controller
{
    #[OA\Post(
        path: '/api/gardens/{garden}/rounds/suggest',
        operationId: 'suggestRounds',
        requestBody: new Body(SuggestRequest::class),
        responses: [new Ok(SuggestionResource::class)],
    )]
    public function __invoke(
        SuggestRequest $request,
        Garden $garden,
        SuggestRounds $suggest,
        RefusePlan $refuse,
        Targets $targets,
    ): JsonResponse {
        $recipe = $garden->recipes()->findOrFail($request->string('recipe_id')->toString());
        $recipes = $request->filled('other_recipe_id')
            ? [$recipe, $garden->recipes()->findOrFail($request->string('other_recipe_id')->toString())]
            : [$recipe];
        $plantings = $garden->standing()->whereKey($request->array('planting_ids'))->get();
        try {
            $target = $targets->named($request->string('target')->toString())->id;
        } catch (BadInput $e) {
            throw $e->at('target');
        }

        $startsOn = CarbonImmutable::parse($request->string('starts_on')->toString(), $garden->time_zone);
        $purpose = $request->enum('purpose', Purpose::class) ?? Purpose::Outbreak;
        $useless = $refuse($garden, $recipes, $plantings, $target, null, null, $startsOn, $purpose);

        return $this->json(
            $suggest(
                $garden,
                $recipes,
                $plantings,
                $target,
                $request->string('starts_on')->toString(),
                $purpose,
                $useless,
            ) ?? throw ValidationException::withMessages(['target' => Say::it('refused.write-down-settings-where')]),
        );
    }
}

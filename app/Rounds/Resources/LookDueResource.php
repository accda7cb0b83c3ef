<?php

declare(strict_types=1);

namespace App\Rounds\Resources;

use OpenApi\Attributes as OA;

/** Something to be looked at: "how is it now?", and the words for an answer. */
#[OA\Schema(schema: 'LookDue')]
final readonly class LookDueResource
{
    /** @param  list<GlanceChoiceResource>  $words */
    public function __construct(
        #[OA\Property(description: 'What is looked at.')] public string $name,
        #[OA\Property] public string $question,
        #[OA\Property(description: 'Why today.')] public string $because,
        #[OA\Property] public ?string $planting_id,
        #[OA\Property] public ?string $trouble_id,
        #[OA\Property] public ?string $application_id,
        #[OA\Property(description: 'What a number would count; null where nothing is counted.')] public ?string $unit,
        #[OA\Property(items: new OA\Items(ref: GlanceChoiceResource::class))] public array $words,
    ) {}
}

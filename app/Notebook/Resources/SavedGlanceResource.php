<?php

declare(strict_types=1);

namespace App\Notebook\Resources;

use OpenApi\Attributes as OA;

/** A look in a word, and where to go on. */
#[OA\Schema(schema: 'SavedGlance')]
final readonly class SavedGlanceResource
{
    /** @param  list<NeverChoiceResource>  $had */
    public function __construct(
        #[OA\Property] public string $id,
        #[OA\Property(description: 'Leaves that were burnt: how badly is asked on their own page.')] public ?string $burnt_planting_id,
        #[OA\Property(description: 'What burnt leaves had last.', items: new OA\Items(ref: NeverChoiceResource::class))]
        public array $had,
        #[OA\Property] public ChangeResource $change,
    ) {}
}

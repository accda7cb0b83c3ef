<?php

declare(strict_types=1);

namespace App\Pantry\Resources;

use OpenApi\Attributes as OA;

/** One thing that a label names, and where it stands in the text (Unicode code points). */
#[OA\Schema(schema: 'LabelPart')]
final readonly class LabelPartResource
{
    public function __construct(
        #[OA\Property] public string $text,
        #[OA\Property] public ?string $name,
        #[OA\Property(
            description: 'soap, detergent, surfactant, solvent, acid, alkali, oxidiser, biocide, perfume, dye, salt, '.
                'thickener, softener, oil, water, plant, additive or unknown',
        )]
        public string $class,
        #[OA\Property] public string $class_name,
        #[OA\Property] public int $start,
        #[OA\Property] public int $end,
        #[OA\Property(description: 'Its share, where the label bounds it.')] public ?string $share,
        #[OA\Property(description: 'Read through a slip of the pen.')] public bool $guessed,
    ) {}
}

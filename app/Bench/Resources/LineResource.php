<?php

declare(strict_types=1);

namespace App\Bench\Resources;

use OpenApi\Attributes as OA;

/** A line of the recipe worked out, ready to be read. */
#[OA\Schema(schema: 'Line')]
final readonly class LineResource
{
    /**
     * @param  list<OfferResource>  $offers
     * @param  list<JarOfferResource>  $jars
     * @param  list<string>  $makeup
     */
    public function __construct(
        #[OA\Property] public string $ingredient,
        #[OA\Property] public string $name,
        #[OA\Property] public string $strength,
        #[OA\Property] public bool $strength_is_usual,
        #[OA\Property(description: 'As written, in kitchen fractions.')] public string $written,
        #[OA\Property(description: 'The precise amount with its unit.')] public string $precise,
        #[
            OA\Property(description: 'Spoons and cups, or pieces; with the household\'s own tools where it has any.'),
        ]
        public ?string $measure,
        #[OA\Property] public ?float $measure_error_percent,
        #[OA\Property(
            description: 'The most that measuring may be off, as far as the marks say; null where it is not measured with own tools.',
        )]
        public ?float $measure_worst_percent,
        #[OA\Property(description: 'Near enough to be measured so.')] public bool $measure_is_near,
        #[OA\Property(description: 'How to thin it first where the dose is too small.')] public ?string $stock,
        #[
            OA\Property(description: 'A ratio said the other way, or the share of the whole that a ratio comes to.'),
        ]
        public ?string $both_ways,
        #[OA\Property(
            description: 'Ids of bottles in the cupboard that can stand in for it.',
            items: new OA\Items(ref: OfferResource::class),
        )]
        public array $offers,
        #[OA\Property] public ?float $volume_ml,
        #[OA\Property] public ?float $mass_g,
        #[OA\Property] public string $group,
        #[
            OA\Property(description: 'Jars on the shelf that it can be taken from.', items: new OA\Items(ref: JarOfferResource::class)),
        ]
        public array $jars,
        #[OA\Property(description: 'The jar it is taken from.')] public ?string $preparation,
        #[
            OA\Property(description: 'What a litre of it holds, where it is made ahead.', items: new OA\Items(type: 'string')),
        ]
        public array $makeup,
        #[OA\Property(description: 'Kind of preparation that makes it.')] public ?string $made_as,
    ) {}
}

<?php

declare(strict_types=1);

namespace App\Bench\Resources;

use OpenApi\Attributes as OA;

/** A recipe worked out on the bench. */
#[OA\Schema(schema: 'Bench')]
final readonly class BenchResource
{
    /**
     * @param  list<LevelMarkResource>  $marks
     * @param  list<LineResource>  $lines
     * @param  list<LayerResource>  $layers
     * @param  list<StrengthResource>  $strengths
     * @param  list<FindingResource>  $findings
     * @param  list<OfferResource>  $base_offers
     */
    public function __construct(
        #[OA\Property(enum: ['fine', 'notice', 'caution', 'stop'])] public string $severity,
        #[OA\Property(description: 'The sentence that says it.')] public string $headline,
        #[OA\Property] public ?string $instead,
        #[OA\Property] public float $scale,
        #[OA\Property] public IntervalResource $final_volume_ml,
        #[OA\Property] public string $makes,
        #[OA\Property] public float $base_ml,
        #[OA\Property] public string $base_name,
        #[OA\Property] public string $base_precise,
        #[OA\Property] public ?string $base_measure,
        #[OA\Property] public float $capacity_ml,
        #[OA\Property] public float $usable_ml,
        #[OA\Property] public string $usable,
        #[OA\Property(items: new OA\Items(ref: LevelMarkResource::class))] public array $marks,
        #[OA\Property] public string $against,
        #[OA\Property(items: new OA\Items(ref: LineResource::class))] public array $lines,
        #[OA\Property(items: new OA\Items(ref: LayerResource::class))] public array $layers,
        #[OA\Property(items: new OA\Items(ref: StrengthResource::class))] public array $strengths,
        #[OA\Property] public ?float $burden,
        #[
            OA\Property(description: 'The burden in words, with its range where that reaches past what is borne.'),
        ]
        public string $said_burden,
        #[OA\Property(description: 'What each takes up of it.')] public string $said_parts,
        #[OA\Property(description: 'By which the shares are multiplied to make the burden.')] public float $burden_factor,
        #[OA\Property(items: new OA\Items(ref: FindingResource::class))] public array $findings,
        #[OA\Property(description: 'How it sits in the sprayer; null without one.')] public ?FitResource $fit,
        #[OA\Property(description: 'How long it keeps.')] public string $keeps,
        #[OA\Property(description: 'On what ground that is said; null where nothing is known.')] public ?string $keeps_ground,
        #[OA\Property(description: 'What a batch costs, as far as prices are known.')] public CostResource $cost,
        #[
            OA\Property(description: 'Bottles that can stand in for the base.', items: new OA\Items(ref: OfferResource::class)),
        ]
        public array $base_offers,
        #[OA\Property(description: 'Of the burden, from the low ends to the high ones.')] public ?IntervalResource $burden_range = null,
        #[
            OA\Property(description: 'What is in the bottle after mixing and what to mind; not in what a list or the notebook keeps.'),
        ]
        public ?SafetyResource $safety = null,
        #[OA\Property(description: 'Something in it spreads the drops: less of it wets as much.')] public bool $spreads = false,
        #[OA\Property(description: 'What to do in place of it, where it must not be mixed.')] public ?string $refused = null,
    ) {}
}

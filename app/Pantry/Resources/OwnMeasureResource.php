<?php

declare(strict_types=1);

namespace App\Pantry\Resources;

use App\Models\OwnMeasure;
use Nebbia\Core\Data\Sentence\Catalogue;
use Nebbia\Core\Measure\Kitchen\KitchenFraction;
use Nebbia\Core\Measure\Units;
use Nebbia\Core\Substance\Ingredients;
use OpenApi\Attributes as OA;

/** What one of the household's own measures holds, and by what that is known. */
#[OA\Schema(schema: 'OwnMeasure')]
final readonly class OwnMeasureResource
{
    /** @param  list<string>  $totals */
    public function __construct(
        #[OA\Property] public string $id,
        #[OA\Property] public int $version,
        #[OA\Property] public string $unit,
        #[OA\Property] public string $unit_name,
        #[OA\Property] public ?string $ingredient,
        #[OA\Property] public ?string $ingredient_name,
        #[OA\Property] public int $count,
        #[OA\Property(items: new OA\Items(type: 'string'))] public array $totals,
        #[OA\Property] public string $said,
        #[OA\Property] public string $range,
    ) {}

    public static function of(OwnMeasure $measure): self
    {
        $n = KitchenFraction::figures(...);
        $unit = $measure->is_weighed ? ' g' : ' mL';
        $hear = app(Catalogue::class)->hear(...);

        return new self(
            $measure->id,
            $measure->version,
            $measure->unit,
            app(Units::class)->get($measure->unit)->label,
            $measure->ingredient,
            $measure->ingredient === null ? null : app(Ingredients::class)->named($measure->ingredient)->name,
            $measure->count,
            $measure->totals,
            $hear($n($measure->likely).$unit),
            $hear($n($measure->low).' to '.$n($measure->high).$unit),
        );
    }
}

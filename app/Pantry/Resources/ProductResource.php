<?php

declare(strict_types=1);

namespace App\Pantry\Resources;

use App\Bench\Resources\FindingResource;
use App\Models\Product;
use Carbon\CarbonImmutable;
use Nebbia\Core\Data\Finding;
use Nebbia\Core\Data\Sentence\Catalogue;
use Nebbia\Core\Measure\Home\TypedVolume;
use Nebbia\Core\Measure\PreciseWords;
use Nebbia\Core\Measure\UnitSystem;
use Nebbia\Core\Mixing\Pantry\Product as Bottle;
use Nebbia\Core\Mixing\Pantry\ShelfKeeper;
use OpenApi\Attributes as OA;

/** A bottle on the shelf, in words and in figures. */
#[OA\Schema(schema: 'Product')]
final readonly class ProductResource
{
    /** @param  list<FindingResource>  $findings */
    public function __construct(
        #[OA\Property] public string $id,
        #[OA\Property] public int $version,
        #[OA\Property] public string $name,
        #[OA\Property] public string $ingredient,
        #[OA\Property(description: 'The ingredient, in words.')] public string $kind,
        #[OA\Property] public string $group,
        #[OA\Property] public bool $is_liquid,
        #[OA\Property] public ?string $strength,
        #[OA\Property] public ?float $density,
        #[OA\Property(description: 'mL of a liquid, g of a solid.')] public ?float $size,
        #[OA\Property] public ?float $left,
        #[OA\Property] public ?string $size_words,
        #[OA\Property] public ?string $left_words,
        #[OA\Property(description: 'As it would be typed again.')] public ?string $size_typed,
        #[OA\Property] public ?string $left_typed,
        #[OA\Property] public ?float $price,
        #[OA\Property(format: 'date')] public ?string $opened_on,
        #[OA\Property(format: 'date')] public ?string $best_before,
        #[OA\Property] public ?string $note,
        #[OA\Property(items: new OA\Items(ref: FindingResource::class))] public array $findings,
    ) {}

    public static function of(Product $product, UnitSystem $units, CarbonImmutable $today): self
    {
        $bottle = $product->bottle();
        $catalogue = app(Catalogue::class);
        $keeper = app(ShelfKeeper::class);

        return new self(
            $product->id,
            $product->version,
            $product->name,
            $product->ingredient,
            $bottle->ingredient->name,
            $bottle->ingredient->group,
            $bottle->isPoured(),
            $product->strength,
            $product->density,
            $product->size,
            $product->left,
            self::words($bottle, $product->size, $units),
            self::words($bottle, $product->left, $units),
            self::typed($bottle, $product->size, $units),
            self::typed($bottle, $product->left, $units),
            $product->price,
            $product->opened_on?->toDateString(),
            $product->best_before?->toDateString(),
            $product->note,
            array_map(
                static fn (Finding $finding): FindingResource => FindingResource::of($finding, $catalogue),
                $keeper->look($bottle, $today),
            ),
        );
    }

    private static function typed(Bottle $bottle, ?float $amount, UnitSystem $units): ?string
    {
        if ($amount === null || $bottle->ingredient->isTablet) {
            return self::words($bottle, $amount, $units);
        }

        return $bottle->isPoured() ? TypedVolume::of($amount, $units) : TypedVolume::mass($amount, $units);
    }

    /** Of tablets the number, where what one holds is known. */
    private static function words(Bottle $bottle, ?float $amount, UnitSystem $units): ?string
    {
        if ($amount === null) {
            return null;
        }
        $each = $bottle->strength->tablet;
        if ($bottle->ingredient->isTablet && $each !== null) {
            return round($amount / $each).' tablets';
        }

        return $bottle->isPoured() ? PreciseWords::volume($amount, $units) : PreciseWords::mass($amount, $units);
    }
}

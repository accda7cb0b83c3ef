<?php

declare(strict_types=1);

namespace App\Making\Queries;

use App\Core\Say;
use App\Making\Resources\DisinfectResource;
use App\Making\Resources\FeedResource;
use App\Making\Resources\OtherUsesResource;
use App\Making\Resources\SoilSignResource;
use App\Models\Garden;
use App\Pantry\Household;
use Nebbia\Core\Data\BadInput;
use Nebbia\Core\Data\Sentence\Catalogue;
use Nebbia\Core\Data\Sentence\Message;
use Nebbia\Core\Making\OtherUse\Disinfecting;
use Nebbia\Core\Making\OtherUse\DisinfectingMeans;
use Nebbia\Core\Making\OtherUse\Feeding;
use Nebbia\Core\Measure\AmountParser;
use Nebbia\Core\Measure\Kitchen\KitchenFraction;
use Nebbia\Core\Measure\PreciseWords;
use Nebbia\Core\Mixing\Pantry\Product;
use Nebbia\Core\Shelf\OnShelf;
use Nebbia\Core\Substance\Ingredients;
use Nebbia\Core\Substance\StrengthParser;

/** Disinfecting and feeding, from what is there. */
final readonly class ShowOtherUses
{
    /** What is usually sold, where the cupboard has none of it. */
    private const USUAL = ['isopropyl-alcohol' => '91 %', 'bleach' => '5 %', 'hydrogen-peroxide' => '3 %'];

    /** Feeds and the parts of water to one of them: rough practice. */
    private const FEEDS = ['nettle-ferment' => 10.0, 'green-ferment' => 10.0, 'sugar-ferment' => 500.0, 'frass-tea' => 1.0];

    public function __construct(
        private Ingredients $ingredients,
        private Catalogue $catalogue,
        private Household $household,
        private AmountParser $amounts,
        private Disinfecting $disinfecting,
    ) {}

    /** @throws BadInput naming `volume` */
    public function __invoke(Garden $garden, ?string $volume): OtherUsesResource
    {
        try {
            $ml = $this->amounts->parseVolume($volume === null || trim($volume) === '' ? '1 L' : $volume, $garden->units)->inBase()->likely;
        } catch (BadInput $e) {
            throw $e->at('volume');
        }

        return new OtherUsesResource(
            $this->disinfect($garden, $ml),
            $this->feeds($garden, $ml),
            PreciseWords::volume($ml, $garden->units),
            $this->say('use.soil.step', ['take', 'vinegar', 'soda', 'watch']),
            array_map(fn (string $sign): SoilSignResource => new SoilSignResource(
                ...$this->say("use.soil.sign.$sign", ['seen', 'means']),
            ), [
                'limy',
                'acid',
                'neither',
                'both',
            ]),
            $this->say('use.soil.limit', ['crude', 'between', 'dose', 'plant']),
        );
    }

    /**
     * @param  list<string>  $keys
     * @return list<string>
     */
    private function say(string $under, array $keys): array
    {
        return array_map(fn (string $key): string => $this->catalogue->say(Message::of("$under.$key")), $keys);
    }

    /** @return list<DisinfectResource> */
    private function disinfect(Garden $garden, float $ml): array
    {
        $products = array_values(
            array_filter($this->household->cupboard($garden)->products, static fn (Product $one): bool => ($one->left ?? 1.0) > 0.0),
        );
        $rows = [];
        $seen = [];
        foreach ($products as $product) {
            foreach ($this->disinfecting->from([[$product->ingredient, $product->strength]], $ml) as $means) {
                $seen[] = $means->ingredient->id;
                $rows[] = $this->means($garden, $means, $product->name, true);
            }
        }
        foreach (array_diff_key(self::USUAL, array_flip($seen)) as $id => $strength) {
            $ingredient = $this->ingredients->named($id);
            foreach ($this->disinfecting->from([[$ingredient, StrengthParser::parse($strength, $ingredient)]], $ml) as $means) {
                $rows[] = $this->means($garden, $means, $ingredient->name, false);
            }
        }

        return $rows;
    }

    private function means(Garden $garden, DisinfectingMeans $means, string $name, bool $isAtHand): DisinfectResource
    {
        $unit = $means->unit === '% v/v' ? Say::it('unit.by-volume') : '%';
        $words = static fn (float $ml): string => PreciseWords::volume($ml, $garden->units);

        return new DisinfectResource(
            $name,
            DescribePreparation::span($means->bottle)." $unit",
            $isAtHand,
            KitchenFraction::figures($means->aim)." $unit",
            $means->bottleMl === null ? null : $words($means->bottleMl),
            $means->waterMl === null ? null : ($means->waterMl < 0.5 ? 'none' : $words($means->waterMl)),
            $means->contact,
            $this->catalogue->say(Message::of('use.caution.'.$means->ingredient->group)),
            $means->bottleMl === null
                ? $this->catalogue->say(Message::of('use.not-strong-enough', ['name' => $name, 'least' => $means->aim]))
                : null,
            Say::ground($means->basis, $means->sure),
        );
    }

    /** @return list<FeedResource> */
    private function feeds(Garden $garden, float $ml): array
    {
        $jars = $this->household->shelf($garden)->all();
        $feeds = [];
        foreach (self::FEEDS as $id => $ratio) {
            [$feed, $water] = Feeding::by($ratio, $ml);
            $jar =
                array_values(
                    array_filter($jars, static fn (OnShelf $one): bool => $one->kind->id === $id && $one->state->isFitForUse()),
                )[0] ?? null;
            $feeds[] = new FeedResource(
                $jar->name ?? $this->catalogue->say(Message::of("making.kind.$id")),
                '1:'.KitchenFraction::figures($ratio),
                PreciseWords::volume($feed, $garden->units),
                PreciseWords::volume($water, $garden->units),
                $jar?->id,
                $this->catalogue->say(Message::of('making.caution.raw-food')),
            );
        }

        return $feeds;
    }
}

<?php

declare(strict_types=1);

namespace Nebbia\Core\Substance;

use Nebbia\Core\Data\Interval;
use Nebbia\Core\Data\Row;

/**
 * What acts in a spray.
 */
final readonly class Substance
{
    private function __construct(
        public string $id,
        public string $name,
        /** Grams of plant material are counted, not of an active. */
        public bool $isPlant,
        /** Said in % v/v by recipes and labels. */
        public bool $shownByVolume,
        /** Of the pure substance, g/mL at 20 °C; null where it is not measured by volume. */
        public ?Interval $density,
        /** Many things go by it: none of them stands in for another. */
        public bool $isUmbrella = false,
        /** It hurts people, plants or soil: no name is guessed to mean it. */
        public bool $isHarsh = false,
        /** Its strength stands on no bottle. */
        public bool $isUnlabelled = false,
    ) {}

    public static function fromRow(Row $row): self
    {
        return new self(
            $row->string('id'),
            $row->string('name'),
            $row->string('counted_as') === 'plant',
            $row->bool('shown_by_volume'),
            $row->has('density') ? $row->row('density')->interval() : null,
            $row->bool('umbrella'),
            $row->bool('harsh'),
            $row->bool('unlabelled'),
        );
    }
}

<?php

declare(strict_types=1);

namespace Nebbia\Core\Substance;

use Nebbia\Core\Data\Interval;
use Nebbia\Core\Data\Names;
use Nebbia\Core\Data\Row;

/**
 * What a recipe names. It carries one substance at a strength, or none (water).
 */
final readonly class Ingredient
{
    /**
     * @param  array<string, Row>  $pieces  unit id => what one weighs
     * @param  list<Content>  $others  what else one mL or g of it holds at its usual strength
     */
    private function __construct(
        public string $id,
        public string $name,
        public bool $isLiquid,
        public ?Density $density,
        public PercentMeaning $percent,
        public ?Substance $substance,
        /** Usual strength in the ingredient's own percent. */
        public Interval $usual,
        public string $usualBasis,
        public string $usualSure,
        /** One gram counts as so many grams fresh when it is judged. */
        public float $freshEquivalent,
        public string $drop,
        public string $group,
        public bool $isTablet,
        public bool $weighOnly,
        private array $pieces,
        /** g that dissolve in 100 mL of water at 20 °C; null where it is not known or does not matter. */
        public ?float $soluble,
        /** Hours that the raw material steeps; null for what is ready to pour. */
        public ?Interval $steepHours,
        /** Minutes it rests once crushed. */
        public float $restMinutes,
        public array $others = [],
        /** It is chopped before it steeps. */
        public bool $isChopped = false,
    ) {}

    /** @param  list<Content>  $others */
    public static function fromRow(Row $row, ?Substance $substance, array $others = []): self
    {
        $carries = $row->has('carries') ? $row->row('carries') : null;

        return new self(
            $row->string('id'),
            $row->string('name'),
            $row->string('form') === 'liquid',
            $row->has('density') ? Density::fromRow($row->row('density')) : null,
            $row->oneOf('percent', PercentMeaning::class, 'w/v'),
            $substance,
            $carries?->interval() ?? Interval::zero(),
            $carries?->string('basis') ?? 'definition',
            $carries?->string('sure') ?? 'high',
            $carries?->has('fresh_equivalent') === true ? $carries->float('fresh_equivalent') : 1.0,
            $row->string('drop', 'watery'),
            $row->string('group'),
            $row->bool('tablet'),
            $row->bool('weigh_only'),
            $row->rows('pieces'),
            $row->has('soluble') ? $row->row('soluble')->float('likely') : null,
            $row->has('steep_h') ? $row->row('steep_h')->interval() : null,
            $row->has('rest_min') ? $row->row('rest_min')->float('likely') : 0.0,
            $others,
            $row->bool('chopped'),
        );
    }

    /** Whether it is the same stuff; things of one's own are told by their names. */
    public function isSame(self $other): bool
    {
        return $this->id === $other->id
            && (! OwnIngredients::isOwn($this->id) || Names::fold($this->name) === Names::fold($other->name));
    }

    /** The same by the name that somebody gives it, and as heavy as it was weighed. */
    public function called(string $name, ?Density $density = null): self
    {
        return new self(
            $this->id,
            $name,
            $this->isLiquid,
            $density ?? $this->density,
            $this->percent,
            $this->substance,
            $this->usual,
            $this->usualBasis,
            $this->usualSure,
            $this->freshEquivalent,
            $this->drop,
            $this->group,
            $this->isTablet,
            $this->weighOnly,
            $this->pieces,
            $this->soluble,
            $this->steepHours,
            $this->restMinutes,
            $this->others,
            $this->isChopped,
        );
    }

    /** Whether the ingredient says itself what one of that unit weighs. */
    public function knowsPiece(string $unitId): bool
    {
        return isset($this->pieces[$unitId]);
    }

    /** What one of the unit weighs: g, or mL where pieceIsVolume says so. */
    public function piece(string $unitId): Interval
    {
        return $this->pieces[$unitId]->interval();
    }

    public function pieceIsVolume(string $unitId): bool
    {
        return $this->pieces[$unitId]->string('in', 'g') === 'mL';
    }
}

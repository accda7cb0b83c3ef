<?php

declare(strict_types=1);

namespace Nebbia\Core\Measure;

use Brick\Math\BigRational;
use Nebbia\Core\Data\Row;

/**
 * A unit of amount. `low`, `likely`, `high` are mL (volume) or g (mass) in one unit; a precise unit has them equal,
 * a piece has none of its own.
 */
final readonly class Unit
{
    private function __construct(
        public string $id,
        public UnitKind $kind,
        public string $label,
        public string $plural,
        public ?BigRational $low,
        public ?BigRational $likely,
        public ?BigRational $high,
        public string $basis,
        public string $sure,
        public bool $byVolume = false,
    ) {}

    public static function fromRow(Row $row): self
    {
        $factor = static fn (string $key): ?BigRational => $row->has($key) ? BigRational::of($row->string($key)) : null;
        $likely = $factor('factor');

        return new self(
            $row->string('id'),
            $row->oneOf('kind', UnitKind::class),
            $row->string('label'),
            $row->string('plural', $row->string('label')),
            $factor('low') ?? $likely,
            $likely,
            $factor('high') ?? $likely,
            $row->string('basis'),
            $row->string('sure', 'high'),
        );
    }

    /**
     * A tablet of a stated strength.
     *
     * @param  BigRational  $grams  of active substance in one
     */
    public static function tabletOf(BigRational $grams): self
    {
        $mg = $grams->multipliedBy(1000)->simplified();
        $label = ($mg->getDenominator()->isEqualTo(1) ? (string) $mg->getNumerator() : (string) $mg->toFloat()).' mg tablet';

        return new self('tablet', UnitKind::Count, $label, $label.'s', $grams, $grams, $grams, 'definition', 'high');
    }

    /** The same unit, by a name that says whose it is: "imp tbsp" among US spoons. */
    public function called(string $qualifier): self
    {
        return new self(
            $this->id,
            $this->kind,
            "$qualifier $this->label",
            "$qualifier $this->plural",
            $this->low,
            $this->likely,
            $this->high,
            $this->basis,
            $this->sure,
            $this->byVolume,
        );
    }

    /** Whether it is counted in tenths, and not in halves and quarters. */
    public function isDecimal(): bool
    {
        return $this->kind === UnitKind::Strength || in_array($this->id, ['ml', 'cl', 'dl', 'l', 'mg', 'g', 'kg'], true);
    }

    /** Plain millilitres or grams, for sums of unlike units. */
    public static function plain(UnitKind $kind): self
    {
        return $kind === UnitKind::Mass ? self::relative('g', UnitKind::Mass, 'g') : self::relative('ml', UnitKind::Volume, 'mL');
    }

    /** "1:50": parts to parts of base. */
    public static function perBase(): self
    {
        return self::relative('per-base', UnitKind::PerBase, 'parts per part of base');
    }

    /** "1 in 50": parts in parts of the whole. */
    public static function perFinal(): self
    {
        return self::relative('per-final', UnitKind::PerFinal, 'parts per part of the whole');
    }

    /** "%" as the label means it; by volume or by mass is then the ingredient's to say. */
    public static function percent(): self
    {
        return self::relative('percent', UnitKind::Strength, '%', '0.01');
    }

    public static function percentByMass(): self
    {
        return self::relative('percent-wv', UnitKind::Strength, '% w/v', '0.01');
    }

    public static function percentByVolume(): self
    {
        return self::relative('percent-vv', UnitKind::Strength, '% v/v', '0.01', true);
    }

    /** ppm and mg/L: grams of substance per 1,000,000 mL. */
    public static function ppm(): self
    {
        return self::relative('ppm', UnitKind::Strength, 'ppm', '0.000001');
    }

    public static function gramsPerLitre(): self
    {
        return self::relative('g/L', UnitKind::Strength, 'g/L', '0.001');
    }

    public function isPrecise(): bool
    {
        // The same number most of the time, which is quicker to see than to work out.
        return $this->low === $this->high || $this->low === null || $this->high === null || $this->low->isEqualTo($this->high);
    }

    private static function relative(string $id, UnitKind $kind, string $label, string $factor = '1', bool $byVolume = false): self
    {
        $one = BigRational::of($factor);

        return new self($id, $kind, $label, $label, $one, $one, $one, 'definition', 'high', $byVolume);
    }
}

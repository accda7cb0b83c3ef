<?php

declare(strict_types=1);

namespace Nebbia\Core\Reading\Draft;

use Nebbia\Core\Data\BadInput;
use Nebbia\Core\Measure\Amount;
use Nebbia\Core\Measure\AmountFormatter;
use Nebbia\Core\Measure\AmountParser;
use Nebbia\Core\Measure\NumberParser;
use Nebbia\Core\Measure\UnitKind;
use Nebbia\Core\Measure\UnitSystem;

/** Looks at amounts that may be none: what they measure, how much it is, how they are said. */
final readonly class Peek
{
    public function __construct(
        private AmountParser $amounts,
        private UnitSystem $system,
    ) {}

    public function amount(string $text): ?Amount
    {
        try {
            return $this->amounts->parse($text, $this->system);
        } catch (BadInput) {
            return null;
        }
    }

    public function kind(string $text): ?UnitKind
    {
        return $this->amount($text)?->unit->kind;
    }

    public function unit(string $text): ?string
    {
        return $this->amount($text)?->unit->id;
    }

    /** So many of the unit of another amount, as it is written; null where that has none. */
    public function soMany(string $number, string $like): ?string
    {
        $unit = (string) preg_replace('/^'.NumberParser::PATTERN.'\s*/u', '', $like);

        return $unit === '' || $this->amount("$number $unit") === null ? null : "$number $unit";
    }

    public function isVolume(string $text): bool
    {
        return $this->kind($text) === UnitKind::Volume;
    }

    /** A squeeze, a glug: whatever the hand makes of it. */
    public function isRough(string $text): bool
    {
        return $this->amount($text)?->unit->isPrecise() === false;
    }

    /** In the unit's own base; 0 for what is no amount. */
    public function likely(string $text): float
    {
        return $this->amount($text)?->inBase()->likely ?? 0.0;
    }

    /** In kitchen fractions; as it stands where it cannot be read. */
    public function people(string $text): string
    {
        $amount = $this->amount($text);

        return $amount === null ? $text : AmountFormatter::people($amount);
    }

    public function said(Amount $amount): string
    {
        return AmountFormatter::people($amount);
    }

    /** Exact, so that the recipe reader reads the same; as it stands where it cannot be read. */
    public function machine(string $text): string
    {
        $amount = $this->amount($text);

        return $amount === null ? $text : AmountFormatter::machine($amount);
    }
}

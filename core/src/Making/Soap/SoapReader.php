<?php

declare(strict_types=1);

namespace Nebbia\Core\Making\Soap;

use Nebbia\Core\Data\BadInput;
use Nebbia\Core\Data\Interval;
use Nebbia\Core\Data\Names;
use Nebbia\Core\Data\Row;
use Nebbia\Core\Data\Table;
use Nebbia\Core\Measure\AmountException;
use Nebbia\Core\Measure\AmountParser;
use Nebbia\Core\Measure\NumberParser;
use Nebbia\Core\Measure\UnitKind;
use Nebbia\Core\Measure\UnitSystem;

/** Reads what a soap is to be made of: `sunflower:600g`, `KOH:70,NaOH:30`, `85-92`. */
final readonly class SoapReader
{
    public const MOST_OILS = 12;

    private Names $names;

    public function __construct(private Table $soap, private AmountParser $amounts)
    {
        $this->names = Names::of(array_values($soap->rows('oils')));
    }

    /**
     * @param  list<array{string, string}>  $oils  name and amount of each
     * @param  string|null  $purity  in %, a number or a range; the usual one if left out
     * @param  string|null  $superfat  in %; what is usually planned if left out
     * @param  string|null  $alkaliMass  like "170g"
     *
     * @throws BadInput naming `oil`, `alkali`, `purity`, `superfat`, `alkali-mass`, `storage` or `vessel`
     */
    public function read(
        array $oils,
        string $alkali,
        ?string $purity = null,
        ?string $superfat = null,
        ?string $alkaliMass = null,
        UnitSystem $units = UnitSystem::Us,
        ?string $storage = null,
        ?string $vessel = null,
    ): SoapRequest {
        if ($oils === [] || count($oils) > self::MOST_OILS) {
            throw SoapException::noOil();
        }
        $read = array_map(fn (array $oil): array => $this->oil($oil[0], $oil[1], $units), $oils);
        if (array_filter($read, static fn (array $one): bool => ! $one[0]->isInert()) === []) {
            throw SoapException::takesNoAlkali($read[0][0]->name);
        }
        $figures = $this->soap->whole()->row('figures');

        return new SoapRequest(
            array_values($read),
            $this->alkalis($alkali, $purity),
            $superfat === null || trim($superfat) === ''
                ? $figures->row('plan')->float('likely')
                : $this->percent($superfat, -20.0, 60.0) ?? throw SoapException::superfat(),
            $alkaliMass === null || trim($alkaliMass) === '' ? null : $this->mass($alkaliMass, $units),
            $storage === null || trim($storage) === ''
                ? $figures->row('storage')->float('likely')
                : $this->percent(rtrim(trim($storage), ' %'), 1.0, 60.0) ?? throw SoapException::storage(),
            $vessel === null || trim($vessel) === '' ? null : $this->vessel($vessel, $units),
        );
    }

    /** @return array{Oil, Interval} */
    private function oil(string $name, string $amount, UnitSystem $units): array
    {
        $id = $this->names->find(trim($name)) ?? throw SoapException::unknownOil($name, $this->names->nearest(trim($name)));
        $oil = Oil::fromRow($this->row($id));
        try {
            $read = $this->amounts->parse($amount, $units);
        } catch (BadInput $e) {
            throw $e->at('oil');
        }
        $size = $read->inBase();

        return [
            $oil,
            match ($read->unit->kind) {
                UnitKind::Mass => $size,
                UnitKind::Volume => $size->times($oil->density ?? throw SoapException::weighIt($oil->name)),
                default => throw SoapException::oilForm($amount),
            },
        ];
    }

    /**
     * "KOH", "KOH:70,NaOH:30", or with one that is the rest: "KOH:70,NaOH".
     *
     * @return list<Alkali>
     */
    private function alkalis(string $text, ?string $purity): array
    {
        $rows = [];
        foreach ($this->soap->rows('alkalis') as $row) {
            $rows[mb_strtolower($row->string('id'))] = $row;
        }
        $parts = [];
        $rest = [];
        // A decimal comma is no list of two: a name follows one that is.
        foreach (preg_split('/,(?=\s*\pL)/u', $text) ?: [$text] as $part) {
            $isRest = ! str_contains($part, ':');
            $pair = explode(':', $isRest ? "$part:0" : $part, 2);
            $id = mb_strtolower(trim($pair[0]));
            $share = $this->percent($pair[1], $isRest ? 0.0 : 1e-6, 1e6);
            if (! isset($rows[$id]) || isset($parts[$id]) || $share === null) {
                throw SoapException::alkali();
            }
            $parts[$id] = $share;
            $rest = $isRest ? [...$rest, $id] : $rest;
        }
        foreach ($rest as $id) {
            $parts[$id] = 100.0 - array_sum($parts);
        }
        if (count($rest) > 1 || min($parts) <= 0.0) {
            throw SoapException::alkali();
        }
        $whole = array_sum($parts);
        $pure = $this->purities($purity, array_keys($parts));
        $alkalis = [];
        foreach ($parts as $id => $share) {
            $alkalis[] = Alkali::fromRow($rows[$id], $share / $whole, $pure[$id]);
        }

        return $alkalis;
    }

    /**
     * "90", "85-92", or one for each: "KOH:90,NaOH:98".
     *
     * @param  list<string>  $ids
     * @return array<string, Interval|null>
     */
    private function purities(?string $text, array $ids): array
    {
        $found = array_fill_keys($ids, null);
        if ($text === null || trim($text) === '') {
            return $found;
        }
        // A decimal comma is no list of two.
        if (! str_contains($text, ':')) {
            return array_fill_keys($ids, $this->purity($text));
        }
        foreach (preg_split('/,(?=\s*\pL)/u', $text) ?: [$text] as $part) {
            $pair = explode(':', $part, 2);
            $id = mb_strtolower(trim($pair[0]));
            if (! array_key_exists($id, $found) || ! isset($pair[1])) {
                throw SoapException::purity();
            }
            $found[$id] = $this->purity($pair[1]);
        }

        return $found;
    }

    private function purity(string $text): Interval
    {
        $ends = preg_split('/\s*(?:-|–|to)\s*/u', rtrim(trim($text), ' %'));
        $ends = $ends === false ? [] : $ends;
        $low = $this->percent($ends[0] ?? '', 1.0, 100.0);
        $high = isset($ends[1]) ? $this->percent($ends[1], 1.0, 100.0) : $low;
        if ($low === null || $high === null || $low > $high || count($ends) > 2) {
            throw SoapException::purity();
        }

        return Interval::of($low / 100, ($low + $high) / 200, $high / 100);
    }

    private function percent(string $text, float $least, float $most): ?float
    {
        $text = rtrim(trim($text), ' %');
        $isNegative = str_starts_with($text, '-');
        if (preg_match('/^-?'.NumberParser::PATTERN.'$/', $text) !== 1) {
            return null;
        }
        try {
            $number = NumberParser::parse(ltrim($text, '-'))->toFloat();
        } catch (AmountException) {
            return null;
        }
        $number = $isNegative ? -$number : $number;

        return $number >= $least && $number <= $most ? $number : null;
    }

    private function mass(string $text, UnitSystem $units): float
    {
        try {
            $amount = $this->amounts->parse($text, $units);
        } catch (BadInput) {
            throw SoapException::alkaliMass();
        }

        return $amount->unit->kind === UnitKind::Mass ? $amount->inBase()->likely : throw SoapException::alkaliMass();
    }

    private function vessel(string $text, UnitSystem $units): float
    {
        try {
            return $this->amounts->parseVolume($text, $units)->inBase()->likely;
        } catch (BadInput) {
            throw SoapException::vessel();
        }
    }

    private function row(string $id): Row
    {
        foreach ($this->soap->rows('oils') as $row) {
            if ($row->string('id') === $id) {
                return $row;
            }
        }

        throw SoapException::unknownOil($id, null);
    }
}

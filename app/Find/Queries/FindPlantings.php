<?php

declare(strict_types=1);

namespace App\Find\Queries;

use App\Models\Garden;
use Nebbia\Core\Plant\PlantFinder;
use Nebbia\Core\Plant\Plants;

/** Which plantings of a garden are meant by what was typed. */
final readonly class FindPlantings
{
    /** Things that plants stand in or near, and are not meant by. */
    private const THINGS = '/\b(?:pots?|trays?|tools?|pruners?|secateurs|shears|scissors|knife|knives|'.
        'paths?|drive|patio|paving|gravel|ledge|sill|windows?|shel(?:f|ves)|bench|greenhouse|canes|stakes|saucers?)\b/';

    /** A shorter word within a sentence names nothing by itself. */
    private const NAME = 4;

    public function __construct(private PlantFinder $plants, private Plants $known) {}

    /**
     * Those that a longer text speaks of: by their whole name, by their kind, or by what kind of kinds it names, which theirs is called by.
     *
     * @param  list<string>  $kinds  ids of plants that the text names
     * @return list<string> ids, the plainest first
     */
    public function spokenOf(Garden $garden, string $text, array $kinds): array
    {
        $said = ' '.implode(' ', NameMatch::words($text)).' ';
        $generic = [];
        foreach ($kinds as $kind) {
            $plant = $this->known->named($kind);
            $generic = $plant->isGeneric ? [...$generic, NameMatch::of($plant->name)] : $generic;
        }
        $found = [];
        foreach ($garden->standing()->toBase()->get(['id', 'name', 'plant', 'kind_name']) as $row) {
            $name = implode(' ', NameMatch::words((string) $row->name));
            $isNamed = static fn (NameMatch $one): bool => $one->rank("$row->name $row->kind_name", whole: true) !== null;
            $how = match (true) {
                strlen($name) >= self::NAME && str_contains($said, " $name ") => 3,
                $row->kind_name === null && in_array($row->plant, $kinds, true) => 2,
                array_filter($generic, $isNamed) !== [] => 1,
                default => 0,
            };
            if ($how > 0) {
                $found[] = [$how, (string) $row->id];
            }
        }
        usort($found, static fn (array $a, array $b): int => $b[0] <=> $a[0]);

        return array_column($found, 1);
    }

    /** @return array<string, string> id => name of those that are meant by "the roses and the beans" */
    public function meant(Garden $garden, string $on): array
    {
        $rows = $garden->standing()->toBase()->get(['id', 'name', 'variety', 'plant', 'kind_name']);
        $found = [];
        foreach (preg_split('/\s*(?:,|&|\band\b|\be\b)\s*/u', $on, -1, PREG_SPLIT_NO_EMPTY) ?: [] as $part) {
            $called = (string) preg_replace('/^(?:the|my|our|le|i|gli|as|os) /u', '', $part);
            $match = NameMatch::of($called);
            // Silver beet is chard, whatever stands on its label.
            $kind = $this->plants->find($called);
            $kinds = $kind->isWhole ? $kind->ids : [];
            foreach ($match->isEmpty() || preg_match(self::THINGS, $part) === 1 ? [] : $rows as $row) {
                $isKind = $row->kind_name === null && in_array($row->plant, $kinds, true);
                if ($isKind || $match->rank("$row->name $row->variety $row->plant $row->kind_name", whole: true) !== null) {
                    $found[(string) $row->id] = (string) $row->name;
                }
            }
        }

        return $found;
    }

    /**
     * Those that a sentence names by their kind, or by more than one word of their name: "white powder" is no white rambler.
     *
     * @return array<string, string> id => name; those that more of it names first
     */
    public function within(Garden $garden, string $sentence): array
    {
        $kinds = $matches = [];
        foreach (Phrases::of($sentence) as $phrase) {
            $names = array_filter(explode(' ', $phrase), static fn (string $one): bool => strlen($one) >= self::NAME);
            $kind = $names === [] ? null : $this->plants->find($phrase);
            $kinds = [...$kinds, ...$kind?->isWhole === true ? $kind->ids : []];
            // "Beans" is a word for plants; "white" is not.
            $isLong = count($names) > 1 || $kind?->isWhole === true;
            $matches[] = [NameMatch::of($phrase), $isLong, $names !== [], substr_count($phrase, ' ') + 1];
        }
        $found = [];
        foreach ($garden->standing()->toBase()->get(['id', 'name', 'variety', 'plant', 'kind_name']) as $row) {
            $words = $row->kind_name === null && in_array($row->plant, $kinds, true) ? 0 : null;
            foreach ($matches as [$match, $isLong, $isName, $length]) {
                $isCalled = $isLong && $match->rank("$row->name $row->variety", whole: true) !== null;
                $isOfKind = $isName && $match->rank((string) $row->kind_name, whole: true) !== null;
                $words = $isCalled || $isOfKind ? max($words ?? 0, $length) : $words;
            }
            if ($words !== null) {
                $found[] = [$words, (string) $row->id, (string) $row->name];
            }
        }
        usort($found, static fn (array $a, array $b): int => $b[0] <=> $a[0]);

        return array_column($found, 2, 1);
    }
}

<?php

declare(strict_types=1);

namespace Nebbia\Core\Reading;

use Nebbia\Core\Measure\AmountParser;
use Nebbia\Core\Measure\Digits;
use Nebbia\Core\Measure\UnitSystem;
use Nebbia\Core\Mixing\DoseReader;
use Nebbia\Core\Mixing\Mixer;
use Nebbia\Core\Mixing\Recipe\RecipeReader;
use Nebbia\Core\Mixing\Recipe\UseOfSpray;
use Nebbia\Core\Reading\Draft\Assembler;
use Nebbia\Core\Reading\Draft\Doubter;
use Nebbia\Core\Reading\Draft\Doubts;
use Nebbia\Core\Reading\Draft\Draft;
use Nebbia\Core\Reading\Draft\Entry;
use Nebbia\Core\Reading\Draft\Peek;
use Nebbia\Core\Reading\Draft\Settler;
use Nebbia\Core\Reading\Draft\Volume;
use Nebbia\Core\Reading\Words\Lexicon;
use Nebbia\Core\Reading\Words\Scanner;
use Nebbia\Core\Substance\Ingredients;
use Nebbia\Core\Target\Targets;

/**
 * Reads a recipe in plain words. Each thing that is understood names the phrase it rests on; whatever is missing is null, whatever could
 * be otherwise is doubted.
 */
final class PlainReader
{
    private const MOST = 5000;

    public function __construct(
        private readonly Lexicon $lexicon,
        private readonly AmountParser $amounts,
        private readonly Ingredients $ingredients,
        private readonly Targets $targets,
        private readonly DoseReader $doses,
        private readonly RecipeReader $recipes,
        private readonly Mixer $mixer,
    ) {}

    /**
     * @param  UnitSystem|null  $system  whose spoons are meant; if left out the text's own words decide, else they are US
     *
     * @throws ReadingException if there is nothing to read, too much, or it is no text
     */
    public function read(string $text, ?UnitSystem $system = null): ReadRecipe
    {
        if (! mb_check_encoding($text, 'UTF-8')) {
            throw ReadingException::notText();
        }
        if (trim($text) === '') {
            throw ReadingException::empty();
        }
        if (mb_strlen($text) > self::MOST) {
            throw ReadingException::tooLong(self::MOST);
        }
        $text = Digits::western($text);
        $system ??= $this->speaksMetric($text, $this->lexicon) ? UnitSystem::Metric : UnitSystem::Us;
        $tokens = (new Scanner($this->lexicon))->scan($text);
        $draft = (new Assembler($this->ingredients, $this->amounts, $system))->assemble($tokens);
        $peek = new Peek($this->amounts, $system);
        $doubts = new Doubts($text);
        $settler = new Settler($this->ingredients, $this->doses, $draft, $peek, $doubts);
        $doubter = new Doubter($this->targets, $this->ingredients, $this->recipes, $this->mixer, $system, $text, $draft, $peek, $doubts);
        $base = $settler->base();
        $lines = $settler->lines($base);
        [$base, $liquid] = $this->liquid($base, $lines, $doubter);

        return ReadRecipe::of(
            $this->recipe($draft, $doubter, $peek, $system, $base, $liquid, $lines),
            $doubter->understood($tokens, $base, $lines),
            $doubter->doubts($base, $lines),
            $doubter->left($tokens),
        );
    }

    /**
     * @param  list<Entry>  $lines
     * @return array<string, mixed>
     */
    private function recipe(Draft $draft, Doubter $doubter, Peek $peek, UnitSystem $system, ?Volume $base, ?Entry $liquid, array $lines): array
    {
        $recipe = [
            'format' => RecipeReader::FORMAT,
            'name' => '',
            // Taken and doubted, like an unnamed soap: most of what is mixed is sprayed on leaves.
            'use' => $doubter->use() ?? ($lines === [] ? null : UseOfSpray::Foliar->value),
            'units' => $system->value,
            'base' => [
                'amount' => $base === null ? null : $peek->machine($base->amount),
                'basis' => $base !== null && $base->isFinal ? 'final' : 'added',
                'liquid' => $liquid->ingredient ?? 'water',
            ] + ($liquid?->strength === null ? [] : ['strength' => $liquid->strength]),
            'ingredients' => array_values(array_map(static fn (Entry $entry): array => [
                'ingredient' => $entry->ingredient,
                'amount' => $entry->amount === null ? null : $peek->machine($entry->amount),
            ] + ($entry->strength === null ? [] : ['strength' => $entry->strength]), array_filter($lines, static fn (Entry $entry): bool => $entry !== $liquid))),
        ];
        if ($draft->repeat !== null && $draft->repeat->value !== 'odd') {
            $recipe['repeat'] = ['every_days' => (int) $draft->repeat->value, 'times' => $draft->rounds ?? ($draft->times === null ? null : (int) $draft->times->value)];
        }

        return $draft->targets === [] ? $recipe : $recipe + ['targets' => array_keys($draft->targets)];
    }

    /**
     * Where there is no water at all, the largest liquid measured by the cup or more is what the rest goes into.
     *
     * @param  list<Entry>  $lines
     * @return array{Volume|null, Entry|null}
     */
    private function liquid(?Volume $base, array $lines, Doubter $doubter): array
    {
        if ($base !== null || count($lines) < 2) {
            return [$base, null];
        }
        $best = null;
        $most = 0.0;
        $rest = 0.0;
        foreach ($lines as $entry) {
            $ml = $doubter->millilitres($entry);
            $rest += $ml;
            if ($ml > $most && $entry->amountToken !== null) {
                [$best, $most] = [$entry, $ml];
            }
        }
        if ($best === null || $best->amountToken === null || $best->amount === null || $most < Doubter::SMALLEST_BASE_ML || $most < 4 * ($rest - $most)) {
            return [null, null];
        }

        return [new Volume($best->amount, $best->amountToken, Volume::WATER, false, $best->sentence), $best];
    }

    private function speaksMetric(string $text, Lexicon $lexicon): bool
    {
        $words = implode('|', array_map(static fn (string $word): string => preg_quote($word, '/'), $this->lexicon->metricWords()));

        return preg_match("/(?<![\\p{L}])(?:$words)(?![\\p{L}])/iu", $text) === 1;
    }
}

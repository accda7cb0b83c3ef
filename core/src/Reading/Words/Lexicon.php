<?php

declare(strict_types=1);

namespace Nebbia\Core\Reading\Words;

use Nebbia\Core\Data\Names;
use Nebbia\Core\Data\Row;
use Nebbia\Core\Data\Table;
use Nebbia\Core\Measure\NumberParser;
use Nebbia\Core\Measure\NumberWords;
use Nebbia\Core\Measure\Units;
use Nebbia\Core\Plant\Plants;
use Nebbia\Core\Substance\Ingredients;
use Nebbia\Core\Target\Targets;

/**
 * The words of all languages as patterns, made once: each is tried where the scanner stands, longest phrase first.
 */
final class Lexicon
{
    private const NO_LETTER_AFTER = '(?![\p{L}\p{N}])';

    private const SINGULARS = [
        'ões' => ['ão'],
        'ies' => ['y'],
        'chi' => ['co'],
        'che' => ['ca'],
        'hi' => ['o'],
        'he' => ['a'],
        'i' => ['o', 'e'],
        'e' => ['a'],
    ];

    /** @var array<string, string> first letter => pattern */
    private array $ingredientPatterns = [];

    /** @var array<string, string> what a phrase stands for => pattern; tried in this order; of ingredients see pattern() */
    public readonly array $phrases;

    public readonly string $unit;

    /** That a link of possession comes next. */
    public readonly string $of;

    /** A spoon that does not say which. */
    public readonly string $spoon;

    /** "can of", before what is drunk. */
    public readonly string $can;

    public readonly string $number;

    public readonly string $adjectives;

    public readonly string $heaped;

    public readonly string $times;

    public readonly string $strengths;

    public readonly string $duration;

    public readonly string $per;

    /** "one to ten", before water or at an end. */
    public readonly string $ratio;

    /** The same, before what it is for. */
    public readonly string $thinnedOn;

    /** "-scented", without its hyphen. */
    public readonly string $manner;

    /** Containers, looked at ahead. */
    public readonly string $container;

    /** @var array<string, array<string, true>> group => letters that its phrases begin with */
    private array $initials = [];

    /** @var array<string, array<string, int|string>> group => folded phrase => what it means */
    private array $meanings = [];

    /** @var array<string, string> */
    private array $lists = [];

    /** @var array<string, array<string, true>> */
    private array $sets = [];

    private readonly Row $words;

    public function __construct(
        Table $reading,
        Units $units,
        private readonly Ingredients $ingredients,
        private readonly Targets $targets,
        private readonly Plants $plants,
    ) {
        $this->words = $reading->whole();
        // A dot after a unit is the scanner's to look at: it may end the sentence.
        $all = $units->allNames();
        $unitNames = array_filter(
            $all,
            // A letter with a dot is a degree as well: "25 C." The scanner looks at what comes behind.
            static fn (string $name): bool => ! str_ends_with($name, '.')
                || ! (mb_strlen($name) === 2 || in_array(rtrim($name, '.'), $all, true)),
        );
        $qualifiers = $this->alternatives($units->allQualifiers());
        $this->unit = "(?:(?:$qualifiers)\\s+)?".$this->alternatives(array_values($unitNames)).'(?:ful(?:s)?)?'.self::NO_LETTER_AFTER;
        $this->of = '(?='.'\s+'.$this->alternatives($this->words->strings('of')).'(?:\s|(?<=\')))';
        $this->spoon = $this->alternatives($this->words->strings('spoons')).self::NO_LETTER_AFTER;
        $this->can =
            $this->alternatives($this->words->strings('cans')).'(?=\s+'.$this->alternatives($this->words->strings('of')).'\s+\p{L})';
        $this->number = '(?:'.NumberParser::PATTERN.'|'.NumberWords::pattern().')';
        $this->heaped = $this->alternatives($this->words->strings('heaped')).self::NO_LETTER_AFTER;
        $this->adjectives =
            '(?:(?:'.$this->alternatives([...$this->words->strings('heaped'), ...$this->words->strings('plain')]).')\s+)*';
        $this->times = "({$this->number})\\s+(?:".$this->alternatives($this->words->strings('times')).')'.self::NO_LETTER_AFTER;
        $this->strengths = $this->alternatives($this->words->strings('strengths')).self::NO_LETTER_AFTER;
        $this->duration =
            "(?:(?:for|per|durante|por)\\s+)?({$this->number})(\\s*(?:-|–|to)\\s*{$this->number})?\\s+(".
            $this->alternatives($this->words->strings('durations')).
            ')'.
            self::NO_LETTER_AFTER;
        $oneTo = '(?:one|1|un|uno|una|um|uma)\s+'.$this->alternatives($this->words->strings('ratio_links')).'\s+';
        $this->ratio = "$oneTo({$this->number})".
            '(?=\s+'.
            $this->alternatives($this->words->strings('ratio_follows')).
            self::NO_LETTER_AFTER.
            '|\s*(?:[.,;)]|$))';
        // "1 to 10 on the tomatoes": fewer than five may be so many of them.
        $this->thinnedOn = "$oneTo([5-9]|[1-9]\\d{1,3}|ten|twenty|fifty|dieci|venti|dez|vinte)".
            '(?=\s+(?:on|for|onto|over|sui|sulle|sul|sulla|sugli|per|nos|nas|no|na|para)\s)';
        $this->per = $this->alternatives($this->words->strings('per'));
        $this->manner = $this->phrase($this->words->strings('manner'));
        $this->phrases = $this->phrases();
        $this->container = '\s+'.$this->phrases['containers'];
    }

    public function meaning(string $group, string $text): string
    {
        return (string) ($this->meanings[$group][self::fold($text)] ?? '');
    }

    public function ingredient(string $text): ?string
    {
        return self::find($this->ingredients->names(), $text);
    }

    /** A plant by its whole name, one or several of it. */
    public function plant(string $text): ?string
    {
        $names = $this->plants->names();
        $found = self::find($names, $text);
        // "cavoli", "zucche", "limões": one of them is a name.
        foreach (self::SINGULARS as $ending => $singulars) {
            foreach (
                $found === null && mb_strlen($text) > 4 && str_ends_with(mb_strtolower($text), $ending) ? $singulars : [] as $singular
            ) {
                $found ??= $names->find(mb_substr($text, 0, -mb_strlen($ending)).$singular);
            }
        }

        return $found;
    }

    public function target(string $text): ?string
    {
        return self::find($this->targets->names(), $text);
    }

    /** A list of reading.yaml as a piece of a pattern, longest phrase first; letters may not follow. */
    public function any(string $list): string
    {
        return $this->lists[$list] ??= $this->phrase($this->words->strings($list));
    }

    /** Whether a word is one of a list of reading.yaml. */
    public function isOf(string $list, string $word): bool
    {
        $this->sets[$list] ??= array_fill_keys(array_map(self::fold(...), $this->words->strings($list)), true);

        return isset($this->sets[$list][self::fold($word)]);
    }

    /** Days that a word for a length of time comes to; null for hours and minutes. */
    public function daysIn(string $word): ?int
    {
        foreach (['days' => 1, 'weeks' => 7, 'months' => 30] as $group => $days) {
            if (in_array(self::fold($word), $this->words->strings($group), true)) {
                return $days;
            }
        }

        return null;
    }

    /** @return list<string> */
    public function metricWords(): array
    {
        return $this->words->strings('metric_words');
    }

    /** @return array<string, string> */
    private function phrases(): array
    {
        $phrases = [];
        $manner = "(?!-{$this->manner})";
        // By the letter it begins with: all of them are too many for one pattern.
        $phrases['ingredient'] = '';
        $this->ingredientPatterns = $this->byLetter($this->ingredients->names()->all(), $manner);
        $phrases['unnamed'] = $this->meant('unnamed').$manner;
        $phrases['target'] = $this->phrase($this->targets->names()->all(), '(?:e?s)?');
        $phrases['use'] = $this->meant('uses');
        $phrases['once'] = $this->phrase($this->words->strings('once'));
        $phrases['containers'] = $this->meant('containers');
        foreach (['half', 'final', 'part', 'spells', 'each', 'stocks', 'stirred', 'not', 'per', 'and'] as $group) {
            $phrases[$group] = $this->phrase($this->words->strings($group));
        }
        $phrases['of'] = $this->alternatives($this->words->strings('of')).'(?:(?<=\')|'.self::NO_LETTER_AFTER.')';
        $phrases['in'] = $this->phrase($this->words->strings('in'));
        $meant = static fn (array $meanings): array => array_map(strval(...), array_keys($meanings));
        $lists = [
            'unnamed' => $meant($this->meanings['unnamed']),
            'use' => $meant($this->meanings['uses']), 'containers' => $meant($this->meanings['containers']),
            'target' => $this->targets->names()->all(),
        ];
        foreach (array_keys($phrases) as $group) {
            foreach ($group === 'ingredient' ? [] : $lists[$group] ?? $this->words->strings($group) as $word) {
                $this->initials[$group][mb_strtolower(mb_substr($word, 0, 1))] = true;
            }
        }

        return $phrases;
    }

    /** The phrases of a group, each of which means the key that it stands under. */
    private function meant(string $group): string
    {
        $words = $this->words->row($group);
        foreach (array_keys($words->toArray()) as $meaning) {
            foreach ($words->strings((string) $meaning) as $word) {
                $this->meanings[$group][self::fold($word)] = $meaning;
            }
        }

        return $this->phrase(array_map(strval(...), array_keys($this->meanings[$group] ?? [])));
    }

    private static function find(Names $names, string $text): ?string
    {
        return $names->find($text) ?? (str_ends_with(mb_strtolower($text), 'es') ? $names->find(mb_substr($text, 0, -2)) : null);
    }

    /** @param  list<string>  $words */
    private function phrase(array $words, string $ending = ''): string
    {
        return $this->alternatives($words).$ending.self::NO_LETTER_AFTER;
    }

    /** The pattern of a group for a text that begins with a letter; null where nothing of it does. */
    public function pattern(string $group, string $letter): ?string
    {
        $letter = mb_strtolower($letter);

        return $group === 'ingredient'
            ? $this->ingredientPatterns[$letter] ?? null
            : (isset($this->initials[$group][$letter]) ? $this->phrases[$group] : null);
    }

    /**
     * @param  list<string>  $names
     * @return array<string, string> first letter => pattern
     */
    private function byLetter(array $names, string $manner): array
    {
        $groups = [];
        foreach ($names as $name) {
            $groups[mb_strtolower(mb_substr($name, 0, 1))][] = $name;
        }

        return array_map(fn (array $some): string => $this->phrase($some, '(?:e?s)?').$manner, $groups);
    }

    /** @param  list<string>  $words */
    private function alternatives(array $words): string
    {
        usort($words, static fn (string $a, string $b): int => strlen($b) <=> strlen($a));

        return '(?:'.
            implode(
                '|',
                array_map(
                    static fn (string $word): string => str_replace(
                        ["\\'", ' ', '\ '],
                        ["['’]", '(?:[^\S\n]|-)+', '(?:[^\S\n]|-)+'],
                        preg_quote($word, '/'),
                    ),
                    $words,
                ),
            ).
            ')';
    }

    private static function fold(string $text): string
    {
        return trim((string) preg_replace('/[\s\-]+/u', ' ', mb_strtolower($text)));
    }
}

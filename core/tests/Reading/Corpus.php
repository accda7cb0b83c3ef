<?php

declare(strict_types=1);

namespace Nebbia\Core\Tests\Reading;

use Nebbia\Core\Data\BadInput;
use Nebbia\Core\Making\JarReader;
use Nebbia\Core\Measure\UnitSystem;
use Nebbia\Core\Mixing\FinalStrength;
use Nebbia\Core\Mixing\Mix;
use Nebbia\Core\Mixing\Mixer;
use Nebbia\Core\Mixing\Recipe\RecipeReader;
use Nebbia\Core\Reading\PlainReader;
use Nebbia\Core\Tests\Cases;
use Symfony\Component\Yaml\Yaml;

/** Paragraphs as gardeners write them, and how what is read of them differs from what is to be understood. */
final class Corpus
{
    /** Strengths may be off by so much: amounts are rounded to what a hand can measure. */
    private const NEAR = 0.012;

    /** Doubts that are a fault where none was expected; the rest only ask for what the text does not say. */
    private const GRAVE = ['hopeless', 'contradiction', 'two-steps', 'two-volumes', 'unknown-ingredient', 'percent-of', 'missing-volume', 'missing-amount'];

    /** @return list<array<string, mixed>> */
    public static function cases(string $file): array
    {
        return Yaml::parseFile(__DIR__."/corpus/$file.yaml");
    }

    /** @return array<string, mixed> */
    public static function read(string $text): array
    {
        return Cases::get(PlainReader::class)->read($text)->toArray(Cases::english());
    }

    /**
     * @param  array<string, mixed>  $case
     * @return list<string> what differs; empty where it is right
     */
    public static function faults(array $case): array
    {
        $read = self::read($case['t']);
        $kinds = array_values(array_unique(array_column($read['doubts'], 'kind')));
        $wanted = $case['d'] ?? [];
        $faults = [];
        $missing = array_diff($wanted, $kinds);
        if ($missing !== []) {
            $faults[] = 'not doubted: '.implode(', ', $missing);
        }
        $isOpen = in_array(null, [...array_values($case['l'] ?? []), $case['b'] ?? $case['f'] ?? (isset($case['s']) ? '' : null)], true);
        $needless = array_diff(array_intersect($kinds, self::GRAVE), $wanted, $isOpen ? ['missing-volume', 'missing-amount', 'hopeless'] : [], isset($case['s']) ? ['two-steps'] : []);
        if ($needless !== []) {
            $faults[] = 'doubted needlessly: '.implode(', ', $needless);
        }
        foreach (['p' => 'plants', 'a' => 'targets'] as $key => $field) {
            $found = $read[$field] ?? [];
            // Several that the text leaves open: each of them will do.
            $isRight = count($case[$key] ?? []) > 1 && $key === 'a' ? array_intersect($found, $case[$key]) !== [] : $found === ($case[$key] ?? []);
            if (! $isRight && isset($case[$key])) {
                $faults[] = "$field: wanted ".implode(', ', $case[$key] ?? []).', found '.implode(', ', $found);
            }
        }
        if (isset($case['u']) && $read['use'] !== $case['u']) {
            $faults[] = "use: wanted $case[u], found $read[use]";
        }
        if (($case['e'] ?? null) != ($read['repeat']['every_days'] ?? null)) {
            $faults[] = 'every: wanted '.($case['e'] ?? '-').', found '.($read['repeat']['every_days'] ?? '-');
        }
        if (($case['n'] ?? null) !== ($read['repeat']['times'] ?? null)) {
            $faults[] = 'times: found '.($read['repeat']['times'] ?? '-');
        }

        return [...$faults, ...(isset($case['s']) ? self::sprayed($case['s'], $read) : self::lines($case, $read))];
    }

    /**
     * @param  array<string, mixed>  $read
     */
    public static function mix(array $read): Mix
    {
        $jars = Cases::get(JarReader::class)->read($read['preparations'] ?? [], new \DateTimeImmutable('2026-05-14T08:00:00Z'));

        return Cases::get(Mixer::class)->mix(Cases::get(RecipeReader::class)->with($jars)->read($read));
    }

    /** @return array<string, float> % as recipes say it, by substance */
    public static function strengths(Mix $mix): array
    {
        $found = [];
        foreach ($mix->strengths as $one) {
            $found[$one->substance->id] = self::percent($one);
        }

        return $found;
    }

    private static function percent(FinalStrength $one): float
    {
        return $one->substance->shownByVolume && $one->percentVv !== null ? $one->percentVv->likely : $one->percentWv->likely;
    }

    /**
     * @param  array<string, float|null>  $wanted
     * @param  array<string, mixed>  $read
     * @return list<string>
     */
    private static function sprayed(array $wanted, array $read): array
    {
        try {
            $found = self::strengths(self::mix($read));
        } catch (BadInput $e) {
            return ['does not mix: '.Cases::english()->say($e->said)];
        }
        $faults = [];
        foreach ($wanted as $substance => $percent) {
            $is = $found[$substance] ?? null;
            if ($is === null || ($percent !== null && abs($is - $percent) > self::NEAR * $percent)) {
                $faults[] = "$substance: wanted $percent %, found ".($is === null ? 'none' : round($is, 4).' %');
            }
        }
        $more = array_diff(array_keys($found), array_keys($wanted));

        return $more === [] ? $faults : [...$faults, 'also found: '.implode(', ', $more)];
    }

    /**
     * @param  array<string, mixed>  $case
     * @param  array<string, mixed>  $read
     * @return list<string>
     */
    private static function lines(array $case, array $read): array
    {
        $faults = [];
        $base = $case['b'] ?? $case['f'] ?? null;
        $found = $read['base']['amount'];
        $ml = static fn (?string $amount): ?float => $amount === null ? null : Cases::amount($amount, $read['units'])->inBase()->likely;
        if (($base === null) !== ($found === null) || ($base !== null && abs($ml($base) - $ml($found)) > 1e-3 * $ml($base))) {
            $faults[] = "base: wanted $base, found $found";
        }
        if (isset($case['f']) !== ($read['base']['basis'] === 'final')) {
            $faults[] = "basis: found {$read['base']['basis']}";
        }
        if (($case['liquid'] ?? 'water') !== $read['base']['liquid']) {
            $faults[] = "liquid: found {$read['base']['liquid']}";
        }
        if (! isset($case['l'])) {
            return $faults;
        }
        $names = array_map(static fn (array $line): string => str_starts_with((string) $line['ingredient'], 'other') ? "own $line[name]" : (string) $line['ingredient'], $read['ingredients']);
        $wanted = array_keys($case['l']);
        sort($wanted);
        $sorted = $names;
        sort($sorted);
        if ($wanted !== $sorted) {
            return [...$faults, 'lines: wanted '.implode(', ', $wanted).'; found '.implode(', ', $sorted)];
        }
        foreach ($read['ingredients'] as $n => $line) {
            $expected = $case['l'][$names[$n]];
            if (($expected === null) !== ($line['amount'] === null) || ($expected !== null && ! self::same($line, $expected, $read['units']))) {
                $faults[] = "$names[$n]: wanted $expected, found $line[amount]";
            }
            $strength = $case['w'][$names[$n]] ?? null;
            if ($strength !== null && str_replace(' ', '', $strength) !== str_replace(' ', '', $line['strength'] ?? '')) {
                $faults[] = "$names[$n]: wanted a bottle of $strength, found ".($line['strength'] ?? '-');
            }
        }

        return $faults;
    }

    /** @param  array<string, mixed>  $line */
    private static function same(array $line, string $expected, string $units): bool
    {
        $one = static function (string $amount) use ($line, $units): array {
            $body = ['amount' => $amount] + $line;
            $mix = Cases::get(Mixer::class)->mix(Cases::get(RecipeReader::class)->read(['format' => RecipeReader::FORMAT, 'units' => UnitSystem::from($units)->value, 'base' => ['amount' => '10 L', 'basis' => 'added', 'liquid' => 'water'], 'ingredients' => [$body]]));

            return [$mix->lines[0]->volumeMl ?? 0.0, $mix->lines[0]->massG ?? 0.0];
        };
        try {
            $is = $one((string) $line['amount']);
        } catch (BadInput) {
            return false;
        }
        $wanted = $one($expected);

        return abs($is[0] - $wanted[0]) <= 1e-3 * $wanted[0] && abs($is[1] - $wanted[1]) <= 1e-3 * $wanted[1];
    }

    /**
     * Whether what is wrong in it is not doubted at the place: an amount or an ingredient is taken for another, and nothing says so.
     *
     * @param  array<string, mixed>  $case
     */
    public static function isSilent(array $case): bool
    {
        $amounts = array_filter(self::faults($case), static fn (string $fault): bool => preg_match('/: wanted .*, found (?!$|-)/', $fault) === 1 && ! str_starts_with($fault, 'plants') && ! str_starts_with($fault, 'targets'));

        return $amounts !== [] && array_intersect(array_column(self::read($case['t'])['doubts'], 'kind'), self::GRAVE) === [];
    }
}

<?php

declare(strict_types=1);

use Nebbia\Core\Data\BadInput;
use Nebbia\Core\Tests\Cases;
use Nebbia\Core\Tests\Chance;
use Symfony\Component\Yaml\Yaml;

/** Pieces that labels are made of, and pieces that they are not. */
const PIECES = ['Aqua', ', ', '; ', "\n", '5-15 %', '<5%', 'soap', 'Seife', 'savon noir', 'Sodium Laureth Sulfate', 'parfum', '. ', ': ', '%', '-', '–', 'über', '(and)', '/', 'CI 77891', '12,5', '🌿', 'ß', '30 % and more', 'moins de 5 %', '   ', '*', 'É', "a\u{301}", '…'];

it('reads any text without a stumble, and marks only what is there', function (): void {
    $chance = new Chance(4711);
    $reader = null;
    for ($n = 0; $n < 1500; $n++) {
        $text = '';
        for ($k = $chance->whole(1, 14); $k > 0; $k--) {
            $text .= PIECES[$chance->whole(0, count(PIECES) - 1)];
        }
        try {
            $found = readLabel($text);
        } catch (BadInput $e) {
            expect($e->field())->toBe('text')->and(preg_match('/\p{L}/u', $text))->toBe(0);

            continue;
        }
        $at = 0;
        foreach ($found->parts as $part) {
            expect(mb_substr($text, $part->start, $part->end - $part->start))->toBe($part->text)->and($part->start)->toBeGreaterThanOrEqual($at);
            $at = $part->end;
            if ($part->share !== null) {
                expect($part->share->low)->toBeLessThanOrEqual($part->share->likely)->and($part->share->likely)->toBeLessThanOrEqual($part->share->high)->and($part->share->high)->toBeLessThanOrEqual(100.0);
            }
        }
    }
});

it('comes to the same verdict whatever the capitals, the accents and the lines', function (string $how): void {
    foreach (Yaml::parseFile(__DIR__.'/labels.yaml') as $case) {
        $text = match ($how) {
            'capitals' => mb_strtoupper($case['text']),
            'small' => mb_strtolower($case['text']),
            'lines' => str_replace(', ', ",\n", $case['text']),
            'spaces' => str_replace(' ', '  ', $case['text']),
            default => strtr($case['text'], ['é' => 'e', 'ó' => 'o', 'ã' => 'a', 'ö' => 'o', 'ü' => 'u', 'á' => 'a', 'ú' => 'u', 'í' => 'i', 'Á' => 'A', 'õ' => 'o', 'â' => 'a']),
        };
        expect(readLabel($text)->verdict->value)->toBe($case['verdict'], $text);
    }
})->with(['capitals', 'small', 'lines', 'spaces', 'no accents']);

it('takes one slip of the pen in a long name for what was meant', function (): void {
    $chance = new Chance(99);
    $names = [];
    foreach (Cases::table('bottle-names')->rows('names') as $row) {
        foreach ($row->strings('names') as $name) {
            if (mb_strlen($name) >= 12 && preg_match('/^[a-z ]+$/', $name) === 1) {
                $names[] = [$name, $row->string('class')];
            }
        }
    }
    $right = 0;
    for ($n = 0; $n < 300; $n++) {
        [$name, $class] = $names[$chance->whole(0, count($names) - 1)];
        $at = $chance->whole(1, strlen($name) - 2);
        $right += (readLabel(substr_replace($name, '', $at, 1))->parts[0]->class->value ?? '') === $class ? 1 : 0;
    }
    // Here and there a slip makes another name of it.
    expect($right)->toBeGreaterThanOrEqual(285);
});

it('reads shares as labels of six languages say them', function (string $text, float $low, float $high): void {
    $share = readLabel($text)->soap;
    expect([$share?->low, $share?->high])->toBe([$low, $high]);
})->with([
    ['soap 12.5 %', 12.5, 12.5], ['12,5% sapone', 12.5, 12.5], ['Seife: 5 bis 15 %', 5.0, 15.0], ['mehr als 30 % Seife', 30.0, 100.0], ['weniger als 5 % Seife', 0.0, 5.0],
    ['savon 5 à 15 %', 5.0, 15.0], ['savon : 30 % et plus', 30.0, 100.0], ['sapone da 5 a 15%', 5.0, 15.0], ['oltre il 30% sapone', 30.0, 100.0], ['jabón 5% o más', 5.0, 100.0],
    ['sabão menos de 5%', 0.0, 5.0], ['15% or over but less than 30% soap', 15.0, 30.0], ['≥30% soap', 30.0, 100.0], ['≤ 5 % soap', 0.0, 5.0],
    ['pari o superiore al 15% ma inferiore al 30%: sapone', 15.0, 30.0],
]);

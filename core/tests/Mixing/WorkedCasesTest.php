<?php

declare(strict_types=1);

use Nebbia\Core\Mixing\DoseReader;
use Nebbia\Core\Mixing\Mix;
use Nebbia\Core\Tests\Cases;
use Symfony\Component\Yaml\Yaml;

/**
 * @return list<array<string, mixed>> rows of a case table beside this file
 */
function worked(string $file): array
{
    return Yaml::parseFile(__DIR__."/$file.yaml");
}

/** The figure of a mix that a case speaks of: "final", "base", "line 0 mL", "potassium-soap", "isopropanol v/v". */
function figureOf(Mix $mix, string $what): float
{
    $words = explode(' ', $what);

    return match (true) {
        $what === 'final' => $mix->finalVolume->likely,
        $what === 'base' => $mix->baseMl,
        $words[0] === 'line' => ($words[2] === 'g' ? $mix->lines[(int) $words[1]]->massG : $mix->lines[(int) $words[1]]->volumeMl) ?? NAN,
        isset($words[1]) => $mix->strengthOf($words[0])?->percentVv->likely ?? NAN,
        default => $mix->strengthOf($what)->percentWv->likely ?? NAN,
    };
}

it('reads the amount and comes to the figure worked out by hand', function (array $row): void {
    $body = Cases::body('1 L', [[$row['of'], $row['text']]], units: $row['units']);
    $recipe = Cases::recipe($body);
    $line = Cases::mix($body)->lines[0];
    [$low, $likely, $high] = $row['expected'];
    expect($row['in'] === 'g' ? $line->massG : $line->volumeMl)->toEqualWithDelta($likely, 1e-9 * $likely);
    if (! $recipe->lines[0]->amount->isRelative()) {
        $size = Cases::get(DoseReader::class)->read($recipe->lines[0])->size;
        expect($size->low)->toEqualWithDelta($low, 1e-9 * $low)->and($size->high)->toEqualWithDelta($high, 1e-9 * $high);
    }
})->with(fn (): array => array_combine(
    array_map(static fn (array $row): string => "$row[text] of $row[of], $row[units]", worked('amounts')),
    array_map(static fn (array $row): array => [$row], worked('amounts')),
));

it('works out the whole recipe as it was done by hand', function (array $row): void {
    $base = $row['base'];
    $mix = Cases::mix(
        Cases::body($base['amount'], $row['lines'], $base['basis'], $row['use'], $row['units'], $base['liquid'], $base['strength'] ?? null),
        $row['into_ml'] ?? null,
    );
    foreach ($row['expected'] as $case) {
        expect(figureOf($mix, $case['what']))->toEqualWithDelta($case['is'], 1e-9 * $case['is'], "$row[name]: $case[what]");
    }
})->with(fn (): array => array_combine(
    array_column(worked('recipes'), 'name'),
    array_map(static fn (array $row): array => [$row], worked('recipes')),
));

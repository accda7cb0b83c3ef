<?php

declare(strict_types=1);

use Nebbia\Core\Making\Soap\Soap;
use Nebbia\Core\Making\Soap\SoapMaker;
use Nebbia\Core\Making\Soap\SoapReader;
use Nebbia\Core\Tests\Cases;
use Symfony\Component\Yaml\Yaml;

/** @param  array<string, mixed>  $case */
function soap(array $case): Soap
{
    $purity = $case['purity'][0] === $case['purity'][2] ? (string) $case['purity'][1] : null;
    $request = Cases::get(SoapReader::class)->read(
        array_map(static fn (string $oil): array => [$oil, $case['oils'][$oil].'g'], array_keys($case['oils'])), $case['alkali'], $purity,
        isset($case['superfat']) ? (string) $case['superfat'] : null, isset($case['mass']) ? $case['mass'].' g' : null,
    );

    return Cases::get(SoapMaker::class)->make($request);
}

dataset('soaps', array_map(static fn (array $case): array => [$case], array_column(Yaml::parseFile(__DIR__.'/soaps.yaml'), null, 'name')));

it('agrees with what was worked out by hand', function (array $case): void {
    $soap = soap($case);
    $close = static fn (float $is, float $expected) => expect($is)->toEqualWithDelta($expected, 1e-6 * abs($expected) + 1e-6);
    $close($soap->neededG, $case['needed']);
    $close($soap->productG, $case['product']);
    $close($soap->superfat->low, $case['range'][0]);
    $close($soap->superfat->likely, $case['range'][1]);
    $close($soap->superfat->high, $case['range'][2]);
    $close($soap->soap->likely, $case['soap']);
    $close($soap->glycerolG, $case['glycerol']);
    $close($soap->oilLeft->likely, $case['left']);
    $close($soap->alkaliLeft->likely, $case['spare']);
})->with('soaps');

it('loses nothing: oil and alkali are soap, glycerol and what is left', function (array $case): void {
    $soap = soap($case);
    expect(array_sum($case['oils']) + $soap->pureG)->toEqualWithDelta($soap->soap->likely + $soap->glycerolG + $soap->waterG + $soap->oilLeft->likely + $soap->alkaliLeft->likely, 1e-6);
})->with('soaps');

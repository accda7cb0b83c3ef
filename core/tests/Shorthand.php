<?php

declare(strict_types=1);

use Nebbia\Core\Chemistry\Aftermath;
use Nebbia\Core\Chemistry\Reactor;
use Nebbia\Core\Chemistry\Water;
use Nebbia\Core\Mixing\Mix;
use Nebbia\Core\Mixing\Mixer;
use Nebbia\Core\Mixing\Substitution\Substitutor;
use Nebbia\Core\Mixing\Substitution\Swap;
use Nebbia\Core\Reading\Label\LabelReader;
use Nebbia\Core\Reading\Label\LabelReading;
use Nebbia\Core\Substance\Strength;
use Nebbia\Core\Substance\StrengthParser;
use Nebbia\Core\Tests\Cases;

// What several test files say shortly. Loaded by the autoloader, so that each file runs by itself and in any process.

function readLabel(string $text): LabelReading
{
    static $reader = null;
    $reader ??= Cases::get(LabelReader::class);

    return $reader->read($text);
}

/** @param  array<string, mixed>  $body */
function swapped(array $body, ?int $line, string $with, ?string $strength = null): Swap
{
    $ingredient = Cases::ingredient($with);

    return Cases::get(Substitutor::class)->swap(
        Cases::recipe($body), $line, $ingredient, $strength === null ? Strength::usual($ingredient) : StrengthParser::parse($strength, $ingredient), $strength,
    );
}

function mixOf(Swap $swap): Mix
{
    return Cases::get(Mixer::class)->mix($swap->recipe);
}

/** @param  list<array{0: string, 1: string, 2?: string}>  $lines */
function reacted(array $lines, ?Water $water = null, string $base = '1 L'): ?Aftermath
{
    return Cases::get(Reactor::class)->react(Cases::mix(Cases::body($base, $lines, 'final')), $water ?? Water::pure());
}

<?php

declare(strict_types=1);

use App\Models\Garden;
use App\Models\Planting;
use App\Models\Recipe;
use App\Models\Round;
use App\Models\Sprayer;
use Illuminate\Support\Facades\Process;
use Tests\Support\DemoOnce;

pest()->extend(Tests\TestCase::class)->in('Feature', 'Soak', 'Sweep');

// Short ways to say what a test is about.

function demo(): Garden
{
    return DemoOnce::garden();
}

function at(Garden $garden, string $path = ''): string
{
    return "/api/gardens/$garden->id".($path === '' ? '' : "/$path");
}

function recipeNamed(Garden $garden, string $name): Recipe
{
    return $garden->recipes()->where('name', $name)->firstOrFail();
}

function sprayerOf(Garden $garden, float $capacity): Sprayer
{
    return $garden->sprayers()->where('capacity_ml', $capacity)->firstOrFail();
}

function plantingOf(Garden $garden, string $plant): Planting
{
    return $garden->plantings()->where('plant', $plant)->firstOrFail();
}

function dueRound(Garden $garden): Round
{
    return $garden->rounds()->where('status', 'planned')->firstOrFail();
}

/**
 * Runs a command as another program would: from outside, without database or .env.
 *
 * @return array{int|null, string, string} exit code, output, errors
 */
function outside(string $input, string ...$command): array
{
    $result = Process::path(base_path())
        ->env(['DB_DATABASE' => '/nonexistent/none.sqlite', 'APP_ENV' => 'local', 'LOG_CHANNEL' => 'null'])
        ->input($input)->run(['php', 'artisan', ...$command]);

    return [$result->exitCode(), $result->output(), $result->errorOutput()];
}

/** A JPEG as far as its head goes: size is read from there. Enough for what looks at it, without an image library. */
function jpegOf(int $side): string
{
    $size = pack('n', $side);

    return "\xFF\xD8\xFF\xE0\x00\x10JFIF\x00\x01\x01\x00\x00\x01\x00\x01\x00\x00\xFF\xC0\x00\x11\x08$size$size\x03\x01\x22\x00\x02\x11\x01\x03\x11\x01\xFF\xDA\x00\x08\x01\x01\x00\x00\x3F\x00\x12\xFF\xD9";
}

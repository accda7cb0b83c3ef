<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Models\Garden;
use App\Settings\Writes\StartGarden;
use Illuminate\Database\Seeder;

/** Makes the demo garden, once. */
final class DatabaseSeeder extends Seeder
{
    public function run(StartGarden $start): void
    {
        if (! Garden::query()->where('is_demo', true)->exists()) {
            $start->demo();
        }
    }
}

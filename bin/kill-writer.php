<?php

declare(strict_types=1);

use App\Database\WriteGate;
use App\Models\Garden;
use App\Undo\ChangeRecorder;
// Writes zones into a garden until it is killed (or has written so many), and says the id of each once it was acknowledged. For
// bin/kills.mjs and bin/bench.mjs.

use Illuminate\Contracts\Console\Kernel;

require dirname(__DIR__).'/vendor/autoload.php';
$app = require dirname(__DIR__).'/bootstrap/app.php';
$app->make(Kernel::class)->bootstrap();

$garden = Garden::query()->firstOrFail();
$recorder = $app->make(ChangeRecorder::class);
$gate = $app->make(WriteGate::class);
for ($n = 0, $most = (int) ($argv[1] ?? 10_000); $n < $most; $n++) {
    // As every write of the screens does: it waits while the file is being exchanged.
    [$zone] = $gate->through(static fn (): array => $recorder->record($garden, 'Zone added', static function () use ($garden, $n) {
        // Two rows that belong together: never one without the other.
        $zone = $garden->zones()->create(['name' => "Zone $n", 'position' => $n]);
        $garden->plantings()->create(['plant' => 'tomato', 'name' => "In $zone->id", 'number' => 1, 'stage' => 'growing', 'zone_id' => $zone->id]);

        return $zone;
    }));
    echo $zone->id, "\n";
}

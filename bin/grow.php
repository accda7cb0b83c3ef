<?php

declare(strict_types=1);

use App\Models\Garden;
// Makes a garden of ten years out of the demo garden in DB_DATABASE: 300 plantings, 5,000 applications, 3,000 counts, 2,000 rounds. For bin/bench.mjs.

use Illuminate\Contracts\Console\Kernel;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;

require dirname(__DIR__).'/vendor/autoload.php';
$app = require dirname(__DIR__).'/bootstrap/app.php';
$app->make(Kernel::class)->bootstrap();

const PLANTINGS = 300;
const APPLICATIONS = 5000;
const COUNTS = 3000;
const ROUNDS = 2000;

$garden = Garden::query()->firstOrFail();
$rows = static fn (string $table): array => DB::table($table)->when($table !== 'course_planting', static fn ($query) => $query->where('garden_id', $garden->id))->get()->map(static fn (object $row): array => (array) $row)->all();
$years = static fn (?string $day, int $years): ?string => $day === null ? null : preg_replace_callback('/^\d{4}/', static fn (array $year): string => (string) ((int) $year[0] - $years), $day);
$insert = static function (string $table, array $new): void {
    foreach (array_chunk($new, 40) as $some) {
        DB::table($table)->insert($some);
    }
};

DB::transaction(static function () use ($rows, $years, $insert): void {
    // What stood in other years is retired; some stand beside what there is.
    $plantings = $rows('plantings');
    $new = [];
    for ($n = count($plantings); $n < PLANTINGS; $n++) {
        $one = $plantings[$n % count($plantings)];
        $new[] = ['id' => (string) Str::ulid(), 'name' => "{$one['name']} $n", 'retired_on' => '20'.(16 + $n % 10).'-10-30', 'harvest_on' => null] + $one;
    }
    $insert('plantings', $new);

    $done = array_values(array_filter($rows('courses'), static fn (array $course): bool => $course['starts_on'] < '2026-01-01'));
    $byCourse = [];
    foreach ($rows('rounds') as $round) {
        $byCourse[$round['course_id']][] = $round;
    }
    $ofRound = [];
    foreach ($rows('applications') as $application) {
        $ofRound[$application['round_id']] = $application;
    }
    $standing = $rows('course_planting');
    [$courses, $rounds, $applications, $pivot] = [[], [], [], []];
    $count = array_sum(array_map(count(...), $byCourse));
    for ($n = 0; $count < ROUNDS; $n++) {
        $course = $done[$n % count($done)];
        $back = 2 + intdiv($n, count($done)) % 8;
        $courses[] = ['id' => $id = (string) Str::ulid(), 'starts_on' => $years($course['starts_on'], $back), 'trouble_id' => null] + $course;
        foreach ($standing as $link) {
            if ($link['course_id'] === $course['id']) {
                $pivot[] = ['course_id' => $id] + $link;
            }
        }
        foreach ($byCourse[$course['id']] as $round) {
            $count++;
            $rounds[] = ['id' => $roundId = (string) Str::ulid(), 'course_id' => $id, 'due_on' => $years($round['due_on'], $back)] + $round;
            if (isset($ofRound[$round['id']])) {
                $applications[] = ['id' => (string) Str::ulid(), 'round_id' => $roundId, 'applied_at' => $years($ofRound[$round['id']]['applied_at'], $back)] + $ofRound[$round['id']];
            }
        }
    }
    // A round may have been sprayed in parts.
    $all = array_values($ofRound);
    for ($n = count($applications) + count($all); $n < APPLICATIONS; $n++) {
        $one = $applications[$n % max(1, count($applications))];
        $applications[] = ['id' => (string) Str::ulid()] + $one;
    }
    $insert('courses', $courses);
    $insert('course_planting', $pivot);
    $insert('rounds', $rounds);
    $insert('applications', $applications);

    $troubles = $rows('troubles');
    $counts = $rows('counts');
    [$moreTroubles, $moreCounts] = [[], []];
    for ($n = count($counts); $n < COUNTS;) {
        $trouble = $troubles[$n % count($troubles)];
        $back = 1 + $n % 9;
        $moreTroubles[] = ['id' => $id = (string) Str::ulid(), 'status' => 'closed', 'noticed_on' => $years($trouble['noticed_on'], $back), 'closed_on' => $years($trouble['noticed_on'], $back), 'outcome' => 'Over'] + $trouble;
        for ($m = 0; $m < 10 && $n < COUNTS; $m++, $n++) {
            $one = $counts[$n % count($counts)];
            $moreCounts[] = ['id' => (string) Str::ulid(), 'trouble_id' => $id, 'counted_at' => $years($one['counted_at'], $back), 'created_at' => $years($one['created_at'], $back)] + $one;
        }
    }
    $insert('troubles', $moreTroubles);
    $insert('counts', $moreCounts);
});
DB::statement('ANALYZE');
foreach (['plantings', 'courses', 'rounds', 'applications', 'troubles', 'counts'] as $table) {
    echo $table, ' ', DB::table($table)->count(), "\n";
}

<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Console\PlainCommand;
use App\Console\PlanReport;
use App\Console\RecipeFile;
use App\Console\SchemaCheck;
use App\Console\TextFile;
use App\Rounds\RoundCalendar;
use Carbon\CarbonImmutable;
use Nebbia\Core\Data\BadInput;
use Nebbia\Core\Data\Severity;
use Nebbia\Core\Planning\Course\CourseJudge;
use Nebbia\Core\Planning\Course\CourseReader;
use Nebbia\Core\Planning\Round\Planner;
use Nebbia\Core\Planning\Round\RhythmJudge;
use Nebbia\Core\Weather\Forecast;
use Nebbia\Core\Weather\Given\WeatherCsv;
use Symfony\Component\Console\Output\OutputInterface;

/** Plans a course file: nebbia.course/1 in, its rounds out. */
final class PlanCommand extends PlainCommand
{
    private const EXIT_STOP = 3;

    /** A year of hours with room to spare. */
    private const WEATHER_BYTES = 2_000_000;

    protected $signature = 'nebbia:plan
        {file : a course in the format nebbia.course/1, or - for standard input}
        {--weather= : hourly weather as CSV: time,temp_c,rain_mm,wind_ms,humidity,cloud}
        {--from= : the first day, in place of the course\'s own, as 2026-05-02}
        {--ics : print iCalendar}
        {--strict : exit with 3 where a finding says stop}
        {--json : print the plan as JSON}';

    protected $description = 'Plan the rounds of a course';

    public function handle(
        CourseReader $reader,
        Planner $planner,
        RecipeFile $files,
        TextFile $texts,
        PlanReport $report,
        SchemaCheck $schema,
        CourseJudge $judge,
        RhythmJudge $rhythm,
    ): int {
        $from = $this->text('from');
        $data = $files->read((string) $this->argument('file'));
        try {
            $course = $reader->read($data, $from);
        } catch (BadInput $e) {
            throw $from !== null && $e->field() === 'start' ? $e->renamed('--from') : $e;
        }
        $schema->check($data, 'nebbia.course-1');
        $weather = $this->text('weather');
        $forecast = $weather === null ? Forecast::of([]) : WeatherCsv::read($texts->read($weather, self::WEATHER_BYTES));
        $plan = $planner->plan([$course], $forecast)[$course->id];
        $findings = [
            ...$judge->judge($course),
            ...$rhythm->of($course->mixes, $course->plantings, $course->target, $plan->rhythm->days, $plan->rhythm->number),
        ];
        $isStopped = ($findings[0]->severity ?? null) === Severity::Stop;
        if ($isStopped || $judge->isInVain($course)) {
            $plan = $plan->withoutRounds();
        }
        $exit = $isStopped && $this->option('strict') ? self::EXIT_STOP : self::SUCCESS;
        if ($this->option('ics')) {
            $calendar = new RoundCalendar($course->target->name);
            foreach ($plan->rounds as $round) {
                $name = $report->recipe($course, $round)." ({$course->target->name})";
                $because = $report->reason($plan, $round, $forecast);
                $calendar->add(
                    "$course->id-$course->start-$round->number",
                    $round->slot->from,
                    $round->slot->to,
                    $name,
                    $because,
                    CarbonImmutable::parse($course->start, 'UTC'),
                );
            }
            $this->output->write($calendar->text(), false, OutputInterface::OUTPUT_RAW);

            return $exit;
        }
        $this->option('json')
            ? $this->give(
                json_encode(
                    $report->toArray($plan, $forecast, $findings),
                    JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR,
                )."\n",
            )
            : $this->say($report->text($plan, $forecast, $findings));

        return $exit;
    }

    private function text(string $option): ?string
    {
        $text = $this->option($option);

        return is_string($text) && trim($text) !== '' ? trim($text) : null;
    }
}

<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Console\DiagnosisReport;
use App\Console\PlainCommand;
use App\Core\Say;
use App\Exceptions\BadFile;
use BackedEnum;
use Nebbia\Core\Data\BadInput;
use Nebbia\Core\Pest\Diagnosis\Answers;
use Nebbia\Core\Pest\Diagnosis\DiagnosisCircumstances;
use Nebbia\Core\Pest\Diagnosis\Diagnostician;
use Nebbia\Core\Pest\Diagnosis\RecentWeather;
use Nebbia\Core\Pest\Diagnosis\Season;
use Nebbia\Core\Pest\Diagnosis\Signs;
use Nebbia\Core\Plant\Plant;
use Nebbia\Core\Plant\Plants;

/** From signs to causes: nebbia.diagnosis/1, or a page of text. */
final class DiagnoseCommand extends PlainCommand
{
    protected $signature = 'nebbia:diagnose
        {--sign=* : a sign that is there}
        {--not=* : a sign that was looked for and is not there}
        {--plant= : the plant it is on, by any of its names}
        {--place= : indoors or outdoors}
        {--season= : spring, summer, autumn or winter}
        {--weather=* : what the last weeks were: wet, dry, hot, cool}
        {--list : print the ids of the signs}
        {--json : print nebbia.diagnosis/1}';

    protected $description = 'Find what is behind the signs on a plant, and the next look that would tell most';

    public function handle(Plants $plants, Signs $signs, Diagnostician $diagnostician, DiagnosisReport $report): int
    {
        if ($this->option('list')) {
            $this->option('json') ? $this->give($report->listJson()."\n") : $this->say(implode("\n", $signs->ids())."\n");

            return self::SUCCESS;
        }
        $present = $this->ids('sign');
        $absent = $this->ids('not');
        if ($present === [] && $absent === []) {
            throw BadFile::option('sign', Say::it('option.say-at-least'));
        }
        try {
            $answers = Answers::of($signs, $present, $absent);
            $circumstances = DiagnosisCircumstances::of($this->plant($plants), $this->indoors(), $this->season(), $this->weather());
        } catch (BadInput $e) {
            throw match (true) {
                str_starts_with($e->field(), 'present') => BadFile::option('sign', $report->say($e->said)),
                str_starts_with($e->field(), 'absent') => BadFile::option('not', $report->say($e->said)),
                default => BadFile::option($e->field(), $report->say($e->said)),
            };
        }
        $diagnosis = $diagnostician->diagnose($answers, $circumstances);
        $this->option('json') ? $this->give($report->json($diagnosis)."\n") : $this->say($report->text($diagnosis));

        return self::SUCCESS;
    }

    /** @return list<string> repeated options, and what one of them lists with commas */
    private function ids(string $option): array
    {
        $ids = [];
        foreach ((array) $this->option($option) as $value) {
            foreach (explode(',', mb_scrub((string) $value)) as $id) {
                $ids[] = trim($id);
            }
        }

        return $ids;
    }

    private function plant(Plants $plants): ?Plant
    {
        $plant = $this->text('plant');
        try {
            return $plant === null ? null : $plants->met($plant);
        } catch (BadInput $e) {
            throw $e->at('plant');
        }
    }

    private function indoors(): ?bool
    {
        $place = $this->text('place');

        return match ($place) {
            null => null,
            'indoors' => true,
            'outdoors' => false,
            default => throw BadFile::option('place', Say::it('option.indoors-outdoors')),
        };
    }

    private function season(): ?Season
    {
        $season = $this->text('season');

        return $season === null ? null : Season::tryFrom($season) ?? throw $this->oneOf('season', Season::cases());
    }

    /** @return list<RecentWeather> */
    private function weather(): array
    {
        return array_map(
            fn (string $word): RecentWeather => RecentWeather::tryFrom($word) ?? throw $this->oneOf('weather', RecentWeather::cases()),
            $this->ids('weather'),
        );
    }

    /** @param  list<BackedEnum>  $cases */
    private function oneOf(string $option, array $cases): BadFile
    {
        return BadFile::option($option, Say::it('option.one-of', ['list' => implode(', ', array_column($cases, 'value'))]));
    }

    private function text(string $option): ?string
    {
        $value = $this->option($option);

        return is_string($value) ? trim(mb_scrub($value)) : null;
    }
}

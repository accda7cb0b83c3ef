<?php

declare(strict_types=1);

namespace Nebbia\Core\Planning\Round;

use Nebbia\Core\Data\Sentence\Catalogue;
use Nebbia\Core\Data\Sentence\Message;
use Nebbia\Core\Judgement\Hour\Objection;
use Nebbia\Core\Planning\Course\Rhythm;
use Nebbia\Core\Planning\Hour\HourWord;
use Nebbia\Core\Planning\Hour\JudgedHour;
use Nebbia\Core\Weather\Forecast;
use Nebbia\Core\Weather\WeatherUnits;

/** Why an hour, and why a round in it, in words and in the units of whoever reads them. */
final readonly class RoundWords
{
    public function __construct(private Catalogue $catalogue, private WeatherUnits $units) {}

    /** Why so often, and what is borne of it. */
    public function rhythm(Rhythm $rhythm): string
    {
        return implode(' ', array_map($this->catalogue->say(...), [$rhythm->because, ...$rhythm->bounds]));
    }

    /** Why a round is where it is. */
    public function because(PlannedRound $round, Rhythm $rhythm, Forecast $forecast, bool $isIndoors = false): string
    {
        $hour = $round->slot->hours[0];
        $why = $round->insteadOf === null ? '' : $this->against($round->insteadOf);
        $said = [$isIndoors ? $this->indoors($hour) : $this->ofHour($hour, $forecast)];
        if ($round->forHarvest) {
            $said[] = $this->say('harvest', []);
        } elseif ($round->isLate) {
            $said[] = $this->say('later', [
                'gap' => $round->gap ?? 0.0,
                'days' => $rhythm->days,
                'why' => $why !== '' ? $why : $this->say('no-hour', []),
            ]);
        } elseif (
            $round->insteadOf !== null &&
            $why !== '' &&
            ! in_array($round->insteadOf->word, [HourWord::Fine, HourWord::Unknown], true)
        ) {
            $said[] = $this->say('sooner', ['why' => $why]);
        }

        return implode(' ', $said);
    }

    /** What is against an hour, the gravest first; empty where nothing is. */
    public function against(JudgedHour $hour): string
    {
        $said = [];
        foreach ($hour->objections as [$objection, $window]) {
            $said[$objection->id] ??= $this->objection($objection);
        }

        return implode(', ', $said);
    }

    /** In a room no forecast is of matter. */
    private function indoors(JudgedHour $hour): string
    {
        return $this->say('indoors', ['why' => $this->against($hour), 'poor' => $hour->objections === [] ? 'no' : 'yes']);
    }

    private function ofHour(JudgedHour $hour, Forecast $forecast): string
    {
        $weather = $forecast->at($hour->at);

        return match (true) {
            $weather === null => $this->say('unknown', []),
            $hour->word === HourWord::Fine => $this->say('fine', [
                't' => $this->units->sayTemperature($weather->temperature),
                'degrees' => $this->units->degrees(),
                'wind' => $this->units->saySpeed($weather->wind),
                'speed' => $this->units->speed(),
                'dry' => (int) min(
                    240.0,
                    $forecast->rainIn($hour->at) ?? max(0.0, (($forecast->until() ?? $hour->at) - $hour->at) / Forecast::HOUR),
                ),
            ]),
            $hour->word === HourWord::Unknown => $this->say('not-known-dry', []),
            default => $this->say('poor', ['why' => $this->against($hour)]),
        };
    }

    private function objection(Objection $objection): string
    {
        $params = ['degrees' => $this->units->degrees(), 'speed' => $this->units->speed(), 'better' => $objection->better];
        foreach ($objection->params as $name => $value) {
            $params[$name] = match ($name) {
                't' => $this->units->sayTemperature($value),
                'wind' => $this->units->saySpeed($value),
                'rain' => (int) $value,
                default => $value,
            };
        }

        return $this->catalogue->say(Message::of("course.against.$objection->id", $params));
    }

    /** @param  array<string, string|int|float>  $params */
    private function say(string $key, array $params): string
    {
        return $this->catalogue->say(Message::of("course.round.$key", $params));
    }
}

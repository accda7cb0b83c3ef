<?php

declare(strict_types=1);

namespace App\Making\Queries;

use App\Core\Say;
use App\Making\Resources\TaskResource;
use App\Models\Garden;
use App\Models\Preparation;
use App\Pantry\Household;
use Carbon\CarbonImmutable;
use Nebbia\Core\Data\Sentence\Catalogue;
use Nebbia\Core\Data\Sentence\Message;
use Nebbia\Core\Making\StockBatch;
use Nebbia\Core\Measure\Home\TypedVolume;
use Nebbia\Core\Measure\UnitSystem;
use Nebbia\Core\Shelf\Length;
use Nebbia\Core\Shelf\State;

/** What is to be stirred, strained, tested, used up, thrown away or started by the end of today. */
final readonly class ListTasks
{
    /** Days ahead for what is to be started. */
    private const START_DAYS = 2;

    public function __construct(private Household $household, private PlanMakings $makings, private Catalogue $catalogue) {}

    /** @return list<TaskResource> */
    public function __invoke(Garden $garden): array
    {
        $tonight = $garden->localNow()->endOfDay();
        $tasks = [];
        foreach ($this->household->shelf($garden)->standing() as $row) {
            $task = $this->ofJar($garden, $row, $tonight);
            if ($task !== null) {
                $tasks[] = $task;
            }
        }
        foreach ($this->makings->batches($garden) as $batch) {
            if ($batch->startAt <= $tonight->addDays(self::START_DAYS)) {
                $tasks[] = $this->start($batch, $garden->units);
            }
        }

        return $tasks;
    }

    private function ofJar(Garden $garden, Preparation $row, CarbonImmutable $tonight): ?TaskResource
    {
        $timeline = $this->household->shelf($garden)->timeline($row);
        $until =
            $timeline->useBy === null ? '' : $this->length(abs($timeline->useBy->getTimestamp() - $garden->now()->getTimestamp()) / 3600.0);
        [$kind, $because, $at] = match (true) {
            $timeline->state === State::ToStrain => ['strain', Say::it('task.has-stood-long'), $timeline->strainAt],
            $timeline->state === State::Steeping && $timeline->strainAt !== null && $timeline->strainAt <= $tonight => [
                'strain',
                Say::it('task.will-have-stood'),
                $timeline->strainAt,
            ],
            $timeline->stirAt !== null && $timeline->stirAt <= $tonight => ['stir', Say::it('task.so-does-not'), $timeline->stirAt],
            $timeline->state === State::Untested => ['test', Say::it('task.may-hold-free'), null],
            $timeline->state === State::GoneOff => ['throw', Say::it('task.past', ['long' => $until]), $timeline->useBy],
            $timeline->state === State::Refused => ['throw', Say::it('task.there-free-alkali'), null],
            $timeline->state === State::UseSoon => ['use', Say::it('task.good-for', ['long' => $until]), $timeline->useBy],
            default => [null, '', null],
        };

        return $kind === null
            ? null
            : new TaskResource(
                $kind,
                $this->catalogue->say(Message::of("making.task.$kind", ['name' => $row->name])),
                $because,
                DescribePreparation::time($at),
                $row->id,
                $row->version,
                null,
                null,
            );
    }

    private function start(StockBatch $batch, UnitSystem $units): TaskResource
    {
        $for = implode(', ', array_unique(array_map(static fn ($need): string => $need->for, $batch->needs)));

        return new TaskResource(
            'start',
            $this->catalogue->say(Message::of('making.task.start', ['name' => $this->catalogue->say($batch->kind->name())])),
            Say::it('task.start', [
                'late' => $batch->isLate ? 'yes' : 'no',
                'what' => $for,
                'day' => $batch->readyAt->format('j F'),
                'stands' => $batch->kind->hours->likely > 0.0 ? 'yes' : 'no',
                'long' => $this->length($batch->kind->hours->likely),
            ]),
            DescribePreparation::time($batch->startAt),
            null,
            null,
            $batch->kind->id,
            TypedVolume::of(round($batch->wantedMl), $units),
        );
    }

    private function length(float $hours): string
    {
        return $this->catalogue->say(Length::of($hours));
    }
}

<?php

declare(strict_types=1);

namespace Nebbia\Core\Planning\Day;

use Nebbia\Core\Mixing\Keeping\KeepingTimes;
use Nebbia\Core\Mixing\Mixer;

/** The rounds of a day put together: what is mixed, in which order it is sprayed, and what is done after each. */
final readonly class Day
{
    /** @param  list<Batch>  $batches  in the order of the day */
    private function __construct(public array $batches) {}

    /** @param  list<DueSpray>  $sprays */
    public static function of(array $sprays, Mixer $mixer, KeepingTimes $keepingTimes, Rinse $rinse): self
    {
        usort(
            $sprays,
            static fn (DueSpray $a, DueSpray $b): int => [self::isForWeeds($a), $a->at, $a->round] <=> [
                self::isForWeeds($b),
                $b->at,
                $b->round,
            ],
        );
        $groups = [];
        foreach ($sprays as $spray) {
            $groups[$spray->same][] = $spray;
        }

        return new self(array_map(
            static fn (array $some): Batch => Batch::of($some, $mixer, $keepingTimes, $rinse),
            array_values($groups),
        ));
    }

    /** @return list<DayTask> what there is to do with a batch, in order */
    public static function steps(Batch $batch): array
    {
        $steps = [new DayTask('mix', "mix:{$batch->id()}")];
        foreach ($batch->portions as $portion) {
            $steps[] = new DayTask('spray', "spray:$portion->round:{$portion->stand->id}", $portion);
        }
        if ($batch->portions === []) {
            $steps[] = new DayTask('spray', "spray:{$batch->id()}:");
        }
        foreach ($batch->portions as $portion) {
            if ($portion->rinseAfter !== null) {
                $steps[] = new DayTask('rinse', "rinse:$portion->round:{$portion->stand->id}", $portion);
            }
        }

        return [...$steps, new DayTask('leftover', "leftover:{$batch->id()}"), new DayTask('clean', "clean:{$batch->id()}")];
    }

    /** Weed sprays come last: a trace of them burns leaves. */
    private static function isForWeeds(DueSpray $spray): bool
    {
        return $spray->mix->recipe->use->value === 'weed';
    }
}

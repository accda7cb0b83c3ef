<?php

declare(strict_types=1);

namespace Nebbia\Core\Day;

use Nebbia\Core\Formulation\Mixer;
use Nebbia\Core\Storage\KeepingTimes;

/** The rounds of a day put together: what is mixed, in which order it is sprayed, and what is done after each. */
final readonly class Day
{
    /** @param  list<Batch>  $batches  in the order of the day */
    private function __construct(public array $batches) {}

    /** @param  list<DueSpray>  $sprays */
    public static function of(array $sprays, Mixer $mixer, KeepingTimes $keepingTimes, Rinse $rinse): self
    {
        usort($sprays, static fn (DueSpray $a, DueSpray $b): int => [self::isForWeeds($a), $a->at, $a->round] <=> [self::isForWeeds($b), $b->at, $b->round]);
        $groups = [];
        foreach ($sprays as $spray) {
            $groups[$spray->same][] = $spray;
        }

        return new self(array_map(static fn (array $some): Batch => Batch::of($some, $mixer, $keepingTimes, $rinse), array_values($groups)));
    }

    /** @return list<Step> what there is to do with a batch, in order */
    public static function steps(Batch $batch): array
    {
        $steps = [new Step('mix', "mix:{$batch->id()}")];
        foreach ($batch->portions as $portion) {
            $steps[] = new Step('spray', "spray:$portion->round:{$portion->stand->id}", $portion);
        }
        if ($batch->portions === []) {
            $steps[] = new Step('spray', "spray:{$batch->id()}:");
        }
        foreach ($batch->portions as $portion) {
            if ($portion->rinseAfter !== null) {
                $steps[] = new Step('rinse', "rinse:$portion->round:{$portion->stand->id}", $portion);
            }
        }

        return [...$steps, new Step('leftover', "leftover:{$batch->id()}"), new Step('clean', "clean:{$batch->id()}")];
    }

    /** Weed sprays come last: a trace of them burns leaves. */
    private static function isForWeeds(DueSpray $spray): bool
    {
        return $spray->mix->recipe->use->value === 'weed';
    }
}

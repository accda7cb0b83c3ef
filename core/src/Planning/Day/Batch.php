<?php

declare(strict_types=1);

namespace Nebbia\Core\Planning\Day;

use Nebbia\Core\Measure\Vessel\FillPlan;
use Nebbia\Core\Mixing\Keeping\KeepingTime;
use Nebbia\Core\Mixing\Keeping\KeepingTimes;
use Nebbia\Core\Mixing\Mix;
use Nebbia\Core\Mixing\Mixer;

/**
 * One mixing for all rounds of a day that take the same: as much as they take together, with what stays in the sprayer counted once, in
 * equal fills.
 */
final readonly class Batch
{
    /**
     * @param  non-empty-list<DueSpray>  $sprays  in the order of the day
     * @param  list<Portion>  $portions  in the order in which they are sprayed
     */
    private function __construct(
        public array $sprays,
        public Mix $mix,
        /** mL made in all. */
        public float $volumeMl,
        public int $fills,
        public float $eachMl,
        public array $portions,
        public ?KeepingTime $keeps,
        /** mL of what is made that the plants are not expected to take; null where nobody can tell. */
        public ?float $overMl,
    ) {}

    /**
     * @param  non-empty-list<DueSpray>  $sprays  that may come out of one batch
     * @param  Mixer  $mixer  of the household
     */
    public static function of(array $sprays, Mixer $mixer, KeepingTimes $keepingTimes, Rinse $rinse): self
    {
        $vessel = $sprays[0]->vessel;
        $dead = $vessel->dead->likely ?? 0.0;
        // Each was planned with what stays in the sprayer: together that is needed once.
        $all = array_sum(array_map(static fn (DueSpray $one): float => $one->mix->finalVolume->likely, $sprays));
        $needed = $all - $dead * (count($sprays) - 1);
        $plan = $vessel === null ? null : FillPlan::of($vessel, max(1.0, $needed - $dead));
        $made = $plan->madeMl ?? $needed;
        $mix =
            count($sprays) === 1 && abs($made - $sprays[0]->mix->finalVolume->likely) < 0.5
                ? $sprays[0]->mix
                : $mixer->mix($sprays[0]->mix->recipe, $made);
        $portions = Portion::share($sprays, max(0.0, $made - $dead), $rinse);
        $wanted = array_map(static fn (Portion $one): ?float => $one->stand->needMl, $portions);

        return new self(
            $sprays,
            $mix,
            $made,
            $plan->fills ?? 1,
            $plan->eachMl ?? $made,
            $portions,
            $keepingTimes->of($mix),
            $wanted === [] || in_array(null, $wanted, true) ? null : max(0.0, $made - array_sum($wanted)),
        );
    }

    /** The same for the same rounds. */
    public function id(): string
    {
        return $this->sprays[0]->round;
    }
}

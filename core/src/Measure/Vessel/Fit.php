<?php

declare(strict_types=1);

namespace Nebbia\Core\Measure\Vessel;

use Nebbia\Core\Data\Sentence\Message;

/** How so much spray sits in a vessel. */
final readonly class Fit
{
    private function __construct(
        public FitVerdict $verdict,
        public float $volumeMl,
        /** mL that what is poured on top of the base takes. */
        public float $additionsMl,
        /** mL above what is usable; above the brim where it overflows. */
        public float $overMl,
        /** What a vessel already filled with the base to its usable line has to lose before the rest goes in. */
        public float $pourOutFirstMl,
        public Message $said,
    ) {}

    /**
     * @param  float  $volume  mL in all, above zero
     * @param  float  $base  mL of base in it
     */
    public static function of(float $volume, float $base, Vessel $vessel): self
    {
        $additions = max(0.0, $volume - $base);
        $verdict = match (true) {
            $volume > $vessel->capacityMl * (1 + 1e-9) => FitVerdict::Overflows,
            $volume > $vessel->usableMl() * (1 + 1e-9) => FitVerdict::TakesTheAir,
            $volume < $vessel->smallestMl() * (1 - 1e-9) => FitVerdict::TooLittle,
            default => FitVerdict::Fits,
        };
        $over = max(0.0, $volume - ($verdict === FitVerdict::Overflows ? $vessel->capacityMl : $vessel->usableMl()));
        // Full of base to the line: the share of the additions in the finished mix has to come out.
        $pourOut = $vessel->usableMl() * $additions / $volume;

        return new self($verdict, $volume, $additions, $over, $pourOut, Message::of("fit.$verdict->value", [
            'vessel' => $vessel->name, 'volume' => $volume, 'usable' => $vessel->usableMl(), 'capacity' => $vessel->capacityMl,
            'over' => $over, 'least' => $vessel->smallestMl(),
        ]));
    }
}

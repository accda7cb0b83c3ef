<?php

declare(strict_types=1);

namespace Nebbia\Core\Judgement\Tolerance;

use Nebbia\Core\Judgement\Situation;
use Nebbia\Core\Mixing\FinalStrength;

/** The strengths of a mix as something to look at. */
final readonly class Gauges
{
    public function __construct(private Limits $limits, private Burdens $burdens) {}

    public function burden(Situation $situation): ?Burden
    {
        return $this->burdens->of($situation);
    }

    /** @return list<Gauge> */
    public function of(Situation $situation): array
    {
        $shares = $this->burden($situation)->shares ?? [];

        return array_map(fn (FinalStrength $strength): Gauge => $this->gauge($situation, $strength, $shares), $situation->mix->strengths);
    }

    /** @param  array<string, float>  $shares */
    private function gauge(Situation $situation, FinalStrength $strength, array $shares): Gauge
    {
        $id = $strength->substance->id;
        $limit = $this->limits->of($situation, $id);
        $unit = $limit->threshold->unit ?? match (true) {
            $strength->substance->shownByVolume => '% v/v',
            $strength->substance->isPlant => 'g/100 mL',
            default => '% w/v',
        };
        $amount = $strength->in($unit) ?? $strength->percentWv;
        $judged = $limit !== null && $situation->mix->recipe->use->wetsLeaves();

        return new Gauge(
            $id,
            $strength->substance->name,
            $unit,
            $amount,
            $judged ? $limit->threshold->works : null,
            $judged ? $limit->careful : null,
            $judged ? $limit->stop : null,
            $limit->group ?? $situation->groupFor(null),
            $judged ? $limit->verdict($amount) : null,
            $shares[$id] ?? null,
        );
    }
}

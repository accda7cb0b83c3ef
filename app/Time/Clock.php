<?php

declare(strict_types=1);

namespace App\Time;

use App\Models\Garden;
use Carbon\CarbonImmutable;

/**
 * The one place that knows what time it is: NEBBIA_NOW, or else the machine's clock. It is looked at once a request, so that all
 * of an answer is of one instant. A garden's own time is that plus its stored offset; ask the garden.
 */
final class Clock
{
    private ?CarbonImmutable $fixed = null;

    /** @var array<string, int> garden => seconds ahead of the clock */
    private array $offsets = [];

    /** @param  string|null  $set  an instant with its offset, in place of the machine's clock */
    public function __construct(private readonly ?string $set = null) {}

    /** Seconds that have gone since the machine started are of no matter from here on: it is this instant until it is let go. */
    public function hold(): void
    {
        $this->fixed = $this->look();
    }

    public function letGo(): void
    {
        $this->fixed = null;
        $this->offsets = [];
    }

    public function now(): CarbonImmutable
    {
        return $this->fixed ?? $this->look();
    }

    /** The instant it is in a garden, in UTC. */
    public function in(Garden $garden): CarbonImmutable
    {
        if ($garden->exists) {
            $this->offsets[$garden->id] = $garden->clock_offset_s;
        }

        return $this->now()->addSeconds($garden->clock_offset_s);
    }

    /** The same for a row that only knows whose it is. */
    public function inGarden(string $id): CarbonImmutable
    {
        $this->offsets[$id] ??= Garden::query()->whereKey($id)->first(['clock_offset_s'])->clock_offset_s ?? 0;

        return $this->now()->addSeconds($this->offsets[$id]);
    }

    private function look(): CarbonImmutable
    {
        return ($this->set === null || CarbonImmutable::hasTestNow() ? CarbonImmutable::now() : CarbonImmutable::parse($this->set))->utc();
    }
}

<?php

declare(strict_types=1);

namespace Nebbia\Core\Target;

use Nebbia\Core\Data\Interval;
use Nebbia\Core\Data\Row;
use Nebbia\Core\Weather\PartOfDay;

/** A pest, disease or weed, or a look-alike that is none of these and wants no spray. */
final readonly class Target
{
    /**
     * @param  Likeliness|null  $likeliness  how likely it is at all; null for weeds, which nobody has to diagnose
     * @param  list<string>  $enemies  ids of its natural enemies
     * @param  Interval|null  $everyDays  days between contact sprays
     * @param  Interval|null  $times  how many contact sprays
     * @param  list<PartOfDay>  $outAt  when it is where a spray or a hand can reach it; empty where that is always
     * @param  Interval|null  $hopelessFrom  % of the leaf from which the plant cannot be saved
     */
    private function __construct(
        public string $id,
        public string $name,
        public TargetKind $kind,
        public ?Likeliness $likeliness,
        public ?Cycle $cycle,
        public ?Latency $latency,
        public array $enemies,
        public ?WatchLevel $watchUntil,
        public ?Interval $everyDays,
        public ?Interval $times,
        public ?Interval $hopelessFrom,
        public array $outAt,
        public HostRange $range,
        /** A lack, which what is sprayed or watered can feed. */
        public bool $isFed = false,
    ) {}

    public static function fromRow(Row $row): self
    {
        $rounds = $row->has('rounds') ? $row->row('rounds') : null;

        return new self(
            $row->string('id'),
            $row->string('name'),
            $row->oneOf('kind', TargetKind::class),
            $row->has('common') ? Likeliness::fromRow($row) : null,
            $row->has('cycle') ? Cycle::fromRow($row->row('cycle')) : null,
            $row->has('latent') ? Latency::fromRow($row->row('latent')) : null,
            $row->strings('enemies'),
            $row->has('watch_until') ? WatchLevel::fromRow($row->row('watch_until')) : null,
            $rounds?->row('every_days')->interval(),
            $rounds?->row('times')->interval(),
            $row->has('hopeless_from') ? $row->row('hopeless_from')->interval() : null,
            array_map(PartOfDay::from(...), $row->strings('out_at')),
            HostRange::fromRow($row),
            $row->bool('fed'),
        );
    }

    /** Whether nothing alive is to be treated. */
    public function isLookAlike(): bool
    {
        return $this->kind === TargetKind::LookAlike;
    }
}

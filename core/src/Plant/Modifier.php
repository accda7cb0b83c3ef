<?php

declare(strict_types=1);

namespace Nebbia\Core\Plant;

use Nebbia\Core\Data\Row;

/** What a stage, a strain or an hour does to what a plant bears: a factor on thresholds, or a reason not to spray. */
final readonly class Modifier
{
    /**
     * @param  string  $group  of those in one group only the harshest counts
     * @param  float|null  $factor  0 to 1.1 on thresholds; null where it is a reason not to spray
     * @param  list<string>  $harsherSubstances  ids for which harsherFactor holds instead
     * @param  list<string>  $stages  at which it holds by itself
     * @param  list<string>  $states  in which it holds
     * @param  float|null  $over  °C of the air above which it holds
     * @param  float|null  $humid  % above which it holds
     * @param  float|null  $days  it holds where the same was sprayed no longer ago
     * @param  bool  $roots  it holds for what is poured on roots too
     * @param  bool  $capped  it lifts no stop, and careful up to the stop
     */
    private function __construct(
        public string $id,
        public string $group,
        public ?float $factor,
        public ?float $harsherFactor,
        public array $harsherSubstances,
        public array $stages,
        public array $states,
        public ?float $over,
        public ?float $humid,
        public ?float $days,
        public bool $roots,
        public bool $capped,
        public bool $stops,
        public string $basis,
        public string $sure,
    ) {}

    public static function fromRow(Row $row): self
    {
        $harsher = $row->has('harsher') ? $row->row('harsher') : null;
        $figure = static fn (string $key): ?float => $row->has($key) ? $row->float($key) : null;

        return new self(
            $row->string('id'),
            $row->string('group', $row->string('id')),
            $figure('factor'),
            $harsher?->float('factor'),
            $harsher?->strings('substances') ?? [],
            $row->strings('stages'),
            $row->strings('states'),
            $figure('over'),
            $figure('humid'),
            $figure('days'),
            $row->bool('roots'),
            $row->bool('capped'),
            $row->bool('stop'),
            $row->string('basis'),
            $row->string('sure'),
        );
    }

    public function holdsAt(Stage $stage): bool
    {
        return in_array($stage->value, $this->stages, true);
    }

    /** 1 where it is a reason not to spray and no factor. */
    public function factorFor(string $substance): float
    {
        return ($this->harsherFactor !== null && in_array($substance, $this->harsherSubstances, true)
            ? $this->harsherFactor
            : $this->factor) ?? 1.0;
    }
}

<?php

declare(strict_types=1);

namespace Nebbia\Core\Judgement;

use Nebbia\Core\Chemistry\Water;
use Nebbia\Core\Judgement\Evidence\OwnEvidence;
use Nebbia\Core\Judgement\Evidence\SaidNever;
use Nebbia\Core\Judgement\Soil\PotOfPlant;
use Nebbia\Core\Measure\UnitSystem;
use Nebbia\Core\Plant\Stage;
use Nebbia\Core\Weather\Hour;

/** All that matters beside mix and plant. What is not known is left out, and nothing is said of it. */
final readonly class Circumstances
{
    /** What a gardener may say of a plant. */
    public const STATES = ['drought', 'new', 'soft-growth', 'hardened', 'in-flower', 'sick', 'bud-swell'];

    /** Who and what is about. */
    public const AROUND = ['cats', 'dogs', 'children', 'pond', 'hives', 'hens', 'asthma', 'pregnancy', 'aspirin'];

    /**
     * @param  list<string>  $states  of STATES
     * @param  Water|null  $water  null for what a tap usually gives
     * @param  list<string>  $around  of AROUND
     * @param  PotOfPlant|null  $pot  null where it stands in the ground, or its pot was not measured
     * @param  float|null  $measuredPh  of the finished mix, by strip or meter, 0 to 14
     * @param  list<SaidNever>  $nevers  what is not to be put on it again
     * @param  UnitSystem|null  $units  in which degrees and wind are said; metric if left out
     */
    public function __construct(
        public ?Stage $stage = null,
        public array $states = [],
        public bool $indoors = false,
        public ?Hour $hour = null,
        public ?Water $water = null,
        public ?ClosedVessel $vessel = null,
        public History $history = new History,
        public OwnEvidence $evidence = new OwnEvidence,
        public array $around = [],
        public ?UnitSystem $units = null,
        public ?float $measuredPh = null,
        public ?PotOfPlant $pot = null,
        public array $nevers = [],
    ) {}

    public function is(string $state): bool
    {
        return in_array($state, $this->states, true)
            || ($state === 'in-flower' && $this->stage === Stage::Flowering)
            || ($state === 'sun-soon' && ($this->hour->sunSoon ?? false));
    }

    /** @param  list<string>  $any */
    public function hasAround(array $any): bool
    {
        return array_intersect($this->around, $any) !== [];
    }
}

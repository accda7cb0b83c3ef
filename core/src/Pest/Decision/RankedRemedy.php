<?php

declare(strict_types=1);

namespace Nebbia\Core\Pest\Decision;

use Nebbia\Core\Pest\Pairing;
use Nebbia\Core\Pest\Remedy;
use Nebbia\Core\Plant\Plant;
use Nebbia\Core\Plant\SensitivityGroup;
use Nebbia\Core\Plant\Thresholds;

/** A family of sprays against a trouble on a plant. */
final readonly class RankedRemedy
{
    private function __construct(
        public Remedy $remedy,
        public Pairing $pairing,
        /** The plant stands in the list of those it hurts. */
        public bool $plantIsSensitive,
        /** Some of its kind, or its young leaves, are hurt: which. */
        public ?string $noted,
        /** The harvest is nearer than the wait before eating. */
        public bool $tooNearHarvest,
        /** It should have been there before the trouble was. */
        public bool $tooLate,
    ) {}

    public static function of(Remedy $remedy, Pairing $pairing, Trouble $trouble, Thresholds $thresholds): self
    {
        $lists = [];
        foreach ($remedy->substances as $substance) {
            $lists[] = $thresholds->of($substance)?->listedAs;
        }
        $times = $trouble->timesLevel();

        return new self(
            $remedy,
            $pairing,
            self::isSensitive($trouble->plant, $lists),
            self::noted($trouble->plant, $lists),
            $trouble->daysToHarvest !== null && $remedy->waitDays !== null && $trouble->daysToHarvest < $remedy->waitDays,
            $pairing->asPrevention && $times !== null && $times >= 1.0,
        );
    }

    /** Whether it may be used now and is of any use. */
    public function isOpen(): bool
    {
        return $this->pairing->evidence->rank() > 0 && ! $this->tooNearHarvest;
    }

    public function rank(): float
    {
        return 10 * $this->pairing->evidence->rank() -
            ($this->tooNearHarvest ? 100 : 0) -
            ($this->tooLate ? 6 : 0) -
            ($this->plantIsSensitive ? 8 : 0) -
            ($this->noted !== null ? 1 : 0);
    }

    /** @param  list<string|null>  $lists */
    private static function isSensitive(Plant $plant, array $lists): bool
    {
        foreach ($lists as $list) {
            if ($list !== null && $plant->groupFor($list) === SensitivityGroup::Sensitive) {
                return true;
            }
        }

        return false;
    }

    /** @param  list<string|null>  $lists */
    private static function noted(Plant $plant, array $lists): ?string
    {
        foreach ($lists as $list) {
            if ($list !== null && isset($plant->notedFor[$list])) {
                return $plant->notedFor[$list];
            }
        }

        return null;
    }
}

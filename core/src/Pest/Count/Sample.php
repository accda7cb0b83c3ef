<?php

declare(strict_types=1);

namespace Nebbia\Core\Pest\Count;

use Nebbia\Core\Data\Interval;
use Nebbia\Core\Target\CountMeasure;

/**
 * What was counted, and what it says of all: a mean with a 95 % interval.
 *
 * Counts of living things are clumped: their variance is several times their mean. The factor is taken from the counts
 * themselves, drawn towards 4 (the standard error twice that of chance) with the weight of three plants:
 * φ = (3·4 + (k − 1)·max(1, s²/m)) / (3 + k − 1). The interval is m·exp(±1.96·√(φ/T)) for a total T, and 0 to 3.69·φ/n where
 * nothing was found (3.69 is the upper 97.5 % limit of a Poisson count of nought).
 *
 * Shares by eye: an eye is off by some 30 %, and plants differ; the interval is m·exp(±1.96·se/m), within 100 %.
 * Plants that have it or not: Wilson's score interval (1927).
 */
final readonly class Sample
{
    private const Z = 1.96;

    private const USUAL_CLUMPING = 4.0;

    private const ITS_WEIGHT = 3.0;

    private const NONE_FOUND = 3.69;

    private const EYE = 0.3;

    /** How much plants differ, as a part of the mean, where only one was looked at. */
    private const ONE_PLANT = 0.5;

    /** The smallest share of a leaf the eye tells, %. */
    private const LEAST_SHARE = 1.0;

    private const MOST = 1_000_000;

    /** @param  non-empty-list<float>  $counts  one for each plant (or card) looked at; of PercentPlants 1 or 0 */
    private function __construct(
        public CountMeasure $measure,
        public array $counts,
        public int $leavesPerPlant,
        public Interval $mean,
        /** Standard error of the logarithm of the mean. */
        private float $logError,
    ) {}

    /**
     * @param  list<float>  $counts  what was counted on each plant, on all its looked-at leaves together; % for shares
     *
     * @throws CountException if there are none, or one is below zero, over a million, over 100 %, or not whole where things are counted
     */
    public static function of(CountMeasure $measure, array $counts, int $leavesPerPlant = 1): self
    {
        if ($counts === []) {
            throw CountException::nothingLookedAt()->at('counts');
        }
        foreach ($counts as $n => $count) {
            if ($count < 0.0 || $count > self::MOST || ($measure === CountMeasure::PercentLeaf && $count > 100.0)) {
                throw CountException::outOfRange($measure->isShare())->at("counts.$n");
            }
            if (! $measure->isShare() && floor($count) !== $count) {
                throw CountException::notWhole()->at("counts.$n");
            }
        }
        if ($leavesPerPlant < 1 || $leavesPerPlant > 1000) {
            throw CountException::leaves()->at('leaves_per_plant');
        }
        [$mean, $logError] = match ($measure) {
            CountMeasure::PercentLeaf => self::share($counts),
            CountMeasure::PercentPlants => self::proportion($counts),
            default => self::things($counts, $leavesPerPlant),
        };

        return new self($measure, $counts, $leavesPerPlant, $mean, $logError);
    }

    /**
     * The logarithm of the mean and its standard error. Where nothing was found half a one is taken, for a logarithm of nought
     * there is none.
     *
     * @return array{float, float}
     */
    public function logarithm(): array
    {
        $least = match ($this->measure) {
            CountMeasure::PercentLeaf => self::LEAST_SHARE / 2,
            CountMeasure::PercentPlants => 50.0 / count($this->counts),
            default => 0.5 / (count($this->counts) * $this->leavesPerPlant),
        };

        return [log(max($this->mean->likely, $least)), $this->logError];
    }

    /**
     * @param  non-empty-list<float>  $counts
     * @return array{Interval, float}
     */
    private static function things(array $counts, int $leaves): array
    {
        $plants = count($counts);
        $total = array_sum($counts);
        $mean = $total / $plants;
        $units = $plants * $leaves;
        $own = $mean > 0.0 ? max(1.0, self::variance($counts, $mean) / $mean) : 0.0;
        $phi =
            $mean > 0.0
                ? (self::ITS_WEIGHT * self::USUAL_CLUMPING + ($plants - 1) * $own) / (self::ITS_WEIGHT + $plants - 1)
                : self::USUAL_CLUMPING;
        if ($total <= 0.0) {
            return [Interval::of(0.0, 0.0, (self::NONE_FOUND * $phi) / $units), sqrt($phi / 0.5)];
        }
        $error = sqrt($phi / $total);

        return [self::around($total / $units, $error, INF), $error];
    }

    /**
     * @param  non-empty-list<float>  $shares  %
     * @return array{Interval, float}
     */
    private static function share(array $shares): array
    {
        $plants = count($shares);
        $mean = array_sum($shares) / $plants;
        if ($mean <= 0.0) {
            return [Interval::of(0.0, 0.0, self::LEAST_SHARE), 1.0];
        }
        $spread = $plants > 1 ? sqrt(self::variance($shares, $mean)) / $mean : self::ONE_PLANT;
        $error = sqrt(($spread ** 2 + self::EYE ** 2) / $plants);

        return [self::around($mean, $error, 100.0), $error];
    }

    /**
     * @param  non-empty-list<float>  $hits  1 or 0
     * @return array{Interval, float}
     */
    private static function proportion(array $hits): array
    {
        $n = count($hits);
        $hit = (float) count(array_filter($hits, static fn (float $one): bool => $one > 0.0));
        $p = $hit / $n;
        $z2 = self::Z ** 2;
        $middle = ($p + $z2 / (2 * $n)) / (1 + $z2 / $n);
        $half = (self::Z / (1 + $z2 / $n)) * sqrt(($p * (1 - $p)) / $n + $z2 / (4 * $n ** 2));

        return [
            Interval::of(100 * max(0.0, $middle - $half), 100 * $p, 100 * min(1.0, $middle + $half)),
            sqrt((1 - $p + 0.5 / $n) / max($hit, 0.5)),
        ];
    }

    private static function around(float $mean, float $logError, float $most): Interval
    {
        return Interval::of($mean * exp(-self::Z * $logError), $mean, min($most, $mean * exp(self::Z * $logError)));
    }

    /** @param  non-empty-list<float>  $values */
    private static function variance(array $values, float $mean): float
    {
        $sum = 0.0;
        foreach ($values as $value) {
            $sum += ($value - $mean) ** 2;
        }

        return count($values) > 1 ? $sum / (count($values) - 1) : 0.0;
    }
}

<?php

declare(strict_types=1);

namespace Nebbia\Core\Measure\Tool;

use Nebbia\Core\Data\Interval;
use Nebbia\Core\Data\Sentence\Message;
use Nebbia\Core\Measure\Kitchen\KitchenFraction;

/**
 * Finds how to measure a dose with what is owned: the fewest scoops that come near enough, or else the nearest there is.
 */
final readonly class MeasureFinder
{
    private const MOST_SCOOPS = 12;

    private const MOST_KINDS = 3;

    private const MOST_DROPS = 40;

    /** As much as so many scoops. */
    private const WEIGHING_A_LIQUID = 4.5;

    public function __construct(private Kit $kit) {}

    /**
     * @param  float|null  $ml  null for what cannot be measured by volume
     * @param  float|null  $grams  null where the density is not known
     * @param  Interval|null  $drop  mL of a drop of it; null for what does not drip
     * @param  bool  $isLiquid  then it is rather poured than weighed
     * @param  float  $volumeSpread  by which a volume of it may be off in weight, as spooned powders are
     */
    public function find(
        ?float $ml,
        ?float $grams,
        ?Interval $drop = null,
        float $volumeSpread = 0.0,
        bool $weighOnly = false,
        bool $isLiquid = false,
    ): ?Measurement {
        $found = $grams === null || $grams <= 0.0 ? [] : $this->weighed($grams, $isLiquid ? self::WEIGHING_A_LIQUID : 1.0);
        if ($ml !== null && $ml > 0.0 && ! $weighOnly) {
            $found = [
                ...$found,
                ...$this->spooned($ml, $volumeSpread),
                ...$this->drawn($ml, $volumeSpread),
                ...$drop === null ? [] : $this->dropped($ml, $drop),
            ];
        }

        return $this->best($found);
    }

    /** Drop by drop, however much drops differ; null where there is no dropper, or they are too many to count. */
    public function drops(float $ml, Interval $drop): ?Measurement
    {
        return $this->dropped($ml, $drop)[0] ?? null;
    }

    /**
     * Of those near enough the one with the least to do; if none is, the nearest.
     *
     * @param  list<Measurement>  $found
     */
    private function best(array $found): ?Measurement
    {
        $best = null;
        foreach ($found as $one) {
            $isNear = $one->isWithin($this->kit->within);
            $better =
                $best === null ||
                ($isNear === $best->isWithin($this->kit->within)
                    ? ($isNear
                        ? $one->isBetterThan($best)
                        : $one->worst() < $best->worst())
                    : $isNear);
            $best = $better ? $one : $best;
        }

        return $best;
    }

    /**
     * @param  float  $effort  a liquid is weighed only where pouring it would take as long
     * @return list<Measurement>
     */
    private function weighed(float $grams, float $effort): array
    {
        $found = [];
        foreach ($this->kit->all(ToolKind::Scale) as $scale) {
            $reading = round($grams / $scale->step) * $scale->step;
            if ($reading > 0.0 && $reading <= $scale->size) {
                $found[] = Measurement::of(
                    [Message::of('measuring.weigh', ['amount' => self::figures($reading), 'tool' => $scale->name])],
                    $reading,
                    $grams,
                    $scale->step / 2 / $reading,
                    $effort,
                    true,
                );
            }
        }

        return $found;
    }

    /** @return list<Measurement> */
    private function drawn(float $ml, float $spread): array
    {
        $found = [];
        foreach ($this->kit->all(ToolKind::Graduated) as $tool) {
            $whole = (int) floor($ml / $tool->size + 1e-9);
            $rest = round(($ml - $whole * $tool->size) / $tool->step) * $tool->step;
            if ($rest >= $tool->size - 1e-9) {
                $whole++;
                $rest = 0.0;
            }
            $amount = $whole * $tool->size + $rest;
            if ($amount <= 0.0 || $whole > self::MOST_SCOOPS) {
                continue;
            }
            $terms = [];
            if ($whole > 0) {
                $terms[] = Message::of('measuring.full', ['n' => $whole, 'tool' => $tool->name, 'amount' => self::figures($tool->size)]);
            }
            if ($rest > 0.0) {
                $terms[] = Message::of($whole > 0 ? 'measuring.rest' : 'measuring.draw', [
                    'amount' => self::figures($rest),
                    'tool' => $tool->name,
                ]);
            }
            $draws = $whole + ($rest > 0.0 ? 1 : 0);
            $found[] = Measurement::of($terms, $amount, $ml, ($draws * $tool->step) / 2 / $amount + $spread, (float) $draws);
        }

        return $found;
    }

    /** @return list<Measurement> */
    private function dropped(float $ml, Interval $drop): array
    {
        $droppers = $this->kit->all(ToolKind::Dropper);
        $count = (int) round($ml / $drop->likely);
        if ($droppers === [] || $count < 1 || $count > self::MOST_DROPS) {
            return [];
        }
        $spread = max($drop->high / $drop->likely - 1.0, 1.0 - $drop->low / $drop->likely);

        return [
            Measurement::of(
                [Message::of('measuring.drops', ['n' => $count, 'tool' => $droppers[0]->name])],
                $count * $drop->likely,
                $ml,
                $spread,
                max(1.0, $count / 10),
            ),
        ];
    }

    /** @return list<Measurement> the best of spoons and cups */
    private function spooned(float $ml, float $spread): array
    {
        $spoons = $this->kit->all(ToolKind::Spoon);
        $best = null;
        $near = $this->kit->within * $ml;
        $try = function (int $from, float $sum, int $scoops, int $kinds, array $counts) use (
            &$try,
            &$best,
            $spoons,
            $ml,
            $spread,
            $near,
        ): void {
            if ($best !== null && $scoops > $best[1] && abs($best[0] - $ml) + $spread * $best[0] <= $near) {
                // More scoops cannot be better than fewer that are near enough.
                return;
            }
            if ($scoops > 0) {
                $one = [$sum, $scoops, $counts];
                $best = $this->nearer($best, $one, $ml, $spread) ? $one : $best;
            }
            if ($kinds === self::MOST_KINDS) {
                return;
            }
            for ($n = $from, $all = count($spoons); $n < $all; $n++) {
                $fit = (int) floor(($ml - $sum) / $spoons[$n]->size + 1e-9);
                foreach ([$fit + 1, $fit, $fit - 1] as $count) {
                    if ($count > 0 && $scoops + $count <= self::MOST_SCOOPS) {
                        $try($n + 1, $sum + $count * $spoons[$n]->size, $scoops + $count, $kinds + 1, $counts + [$n => $count]);
                    }
                }
            }
        };
        $try(0, 0.0, 0, 0, []);
        if ($best === null) {
            return [];
        }
        [$sum, $scoops, $counts] = $best;
        $terms = [];
        foreach ($counts as $n => $count) {
            $terms[] = Message::of('measuring.spoons', ['n' => $count, 'tool' => $spoons[$n]->name]);
        }

        return [Measurement::of($terms, $sum, $ml, $spread, (float) $scoops)];
    }

    /**
     * @param  array{float, int, array<int, int>}|null  $best
     * @param  array{float, int, array<int, int>}  $one
     */
    private function nearer(?array $best, array $one, float $ml, float $spread): bool
    {
        if ($best === null) {
            return true;
        }
        $near = $this->kit->within * $ml * (1 + 1e-9);
        $off = static fn (array $draft): float => abs($draft[0] - $ml) + $spread * $draft[0];
        [$isNear, $wasNear] = [$off($one) <= $near, $off($best) <= $near];
        if ($isNear !== $wasNear) {
            return $isNear;
        }

        return $isNear && $one[1] !== $best[1] ? $one[1] < $best[1] : $off($one) < $off($best) - 1e-9;
    }

    private static function figures(float $number): string
    {
        return KitchenFraction::figures($number);
    }
}

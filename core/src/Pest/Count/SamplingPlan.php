<?php

declare(strict_types=1);

namespace Nebbia\Core\Pest\Count;

use Nebbia\Core\Target\CountMeasure;
use Random\Engine\Xoshiro256StarStar;
use Random\Randomizer;

/**
 * Which plants to look at, and how many leaves on each. The plants are drawn, not chosen by eye: the worst ones catch it.
 *
 * All of five plants or fewer; of more, √n + 1 of them (a usual rule for lots, rounded up) and never fewer than five. Twenty
 * leaves in all where leaves are counted, two to ten a plant. Rough practice, not a calculation of error: the sample says that.
 */
final readonly class SamplingPlan
{
    private const FEW = 5;

    private const LEAVES = 20;

    private const PLANTS_PER_CARD = 10;

    /**
     * @param  list<int>  $plants  places in the row, from 1, rising; for cards, how many there are
     * @param  int  $leavesPerPlant  1 where whole plants or cards are looked at
     */
    private function __construct(public CountMeasure $measure, public array $plants, public int $leavesPerPlant) {}

    /**
     * @param  int  $number  of plants that stand there; fewer than one count as one
     * @param  int  $seed  the same seed draws the same plants, so that a plan does not change under one's hands
     */
    public static function draw(CountMeasure $measure, int $number, int $seed): self
    {
        $number = max(1, $number);
        if ($measure === CountMeasure::PerCard) {
            return new self($measure, range(1, (int) ceil($number / self::PLANTS_PER_CARD)), 1);
        }
        $looked = match (true) {
            $number <= self::FEW => $number,
            // Plants that have it or not are quickly looked over, and few of them say little.
            $measure === CountMeasure::PercentPlants => min($number, 50),
            default => min($number, max(self::FEW, (int) ceil(sqrt($number)) + 1)),
        };
        $all = range(1, $number);
        $plants = $looked === $number ? $all : array_map(
            static fn (int|string $key): int => $all[(int) $key],
            (new Randomizer(new Xoshiro256StarStar($seed)))->pickArrayKeys($all, $looked),
        );
        sort($plants);
        $leaves = $measure === CountMeasure::PerLeaf ? min(10, max(2, (int) ceil(self::LEAVES / $looked))) : 1;

        return new self($measure, $plants, $leaves);
    }
}

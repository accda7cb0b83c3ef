<?php

declare(strict_types=1);

namespace Nebbia\Core\Planning\Course;

use Nebbia\Core\Data\Sentence\Message;

/**
 * When a course is over: two clean looks after it began; or given up, where all its rounds have not halved what there was. A rough practice
 * rule: soap and the like leave 5 to 30 % of what they wet, so rounds that do anything halve it at the least.
 */
final readonly class Ending
{
    /** Of what there was before the first round: with more than that left it has not worked. */
    private const HALF = 0.5;

    /** Days between two looks that count as two. */
    private const APART = 2.0;

    private function __construct(
        /** over, nearly, give-up or open */
        public string $word,
        public Message $said,
    ) {}

    /**
     * @param  int  $number  rounds that were planned
     * @param  list<int>  $sprayed  when rounds were done, seconds since 1970, soonest first
     * @param  list<array{int, float}>  $counts  when, and how many on average, soonest first
     */
    public static function of(int $number, array $sprayed, array $counts): self
    {
        if ($sprayed === []) {
            return new self('open', Message::of('course.ending.open', ['n' => $number]));
        }
        $after = array_values(array_filter($counts, static fn (array $one): bool => $one[0] > $sprayed[0]));
        $clean = self::cleanFor($after);
        if ($clean !== null) {
            return $clean >= self::APART
                ? new self('over', Message::of('course.ending.over'))
                : new self('nearly', Message::of('course.ending.nearly'));
        }
        $before = array_values(array_filter($counts, static fn (array $one): bool => $one[0] <= $sprayed[0]));
        $first = $before === [] ? null : $before[count($before) - 1][1];
        $last = $after === [] ? null : $after[count($after) - 1];
        if (
            $first !== null &&
            $first > 0.0 &&
            $last !== null &&
            count($sprayed) >= $number &&
            $last[0] > $sprayed[count($sprayed) - 1] &&
            $last[1] > self::HALF * $first
        ) {
            return new self(
                'give-up',
                Message::of('course.ending.give-up', ['n' => count($sprayed), 'first' => $first, 'last' => $last[1]]),
            );
        }

        return new self('open', Message::of('course.ending.open', ['n' => $number]));
    }

    /**
     * Days for which the last looks found nothing; null where the last found something, or there was none.
     *
     * @param  list<array{int, float}>  $counts
     */
    private static function cleanFor(array $counts): ?float
    {
        $from = null;
        for ($n = count($counts) - 1; $n >= 0 && $counts[$n][1] <= 0.0; $n--) {
            $from = $counts[$n][0];
        }

        return $from === null ? null : ($counts[count($counts) - 1][0] - $from) / 86400.0;
    }
}

<?php

declare(strict_types=1);

namespace Nebbia\Core\Planning\Course;

use Nebbia\Core\Data\Sentence\Message;
use Nebbia\Core\Target\Cycle;
use Nebbia\Core\Target\Target;

/**
 * How far apart the rounds are, and how many. A contact spray must catch each hatch before it lays again: no further apart than 0.8 of the
 * time that the pest can be hit, the last not before all that was protected at the first has hatched, and one more, because no spray
 * reaches all. Diseases go by their latent period. A rough practice rule.
 */
final readonly class Rhythm
{
    /** Of the time that can be used, so that a day's delay does no harm. */
    private const SAFE = 0.8;

    private const LEAST = 2;

    /** Days. */
    private const STANDS_STILL = 100.0;

    private function __construct(
        /** Days from one round to the next at the most. */
        public float $days,
        public int $number,
        /** Days of the longest stage that the spray does not reach; 0 where it reaches all. */
        public float $protectedDays,
        /** Days in which it can be hit, until it is protected again or lays. */
        public ?float $openDays,
        /** °C that it was worked out for. */
        public ?float $mean,
        public Message $because,
        public string $basis,
        public string $sure,
        /** @var list<Message> what plants and soil bear, where that is less */
        public array $bounds = [],
    ) {}

    /**
     * @param  float|null  $meanC  expected over the course; null where nothing is known
     * @param  bool  $isGuessed  no forecast says so: it is what is usual there
     */
    public static function of(Target $target, ?float $meanC, Purpose $purpose = Purpose::Outbreak, bool $isGuessed = false): ?self
    {
        $longest = $target->everyDays?->high;
        if ($target->cycle !== null && $meanC !== null && $purpose === Purpose::Outbreak) {
            $cycle = self::byCycle($target->cycle, $target->name, $meanC, $longest, $isGuessed);
            if ($cycle !== null) {
                return $cycle;
            }
        }
        if ($target->everyDays === null || $target->times === null) {
            return null;
        }
        $latent = $target->latency === null || $meanC === null ? null : $target->latency->days($meanC);
        if ($latent !== null) {
            $days = max($target->everyDays->low, min($target->everyDays->high, $latent->low));

            return new self(
                $days,
                (int) round($target->times->likely),
                0.0,
                null,
                $meanC,
                Message::of('course.because.latent', [
                    'name' => $target->name,
                    'low' => $latent->low,
                    'high' => $latent->high,
                    'mean' => $meanC,
                    'guessed' => $isGuessed ? 'yes' : 'no',
                    'days' => $days,
                    'n' => (int) round($target->times->likely),
                ]),
                'established guidance',
                'medium',
            );
        }

        // Where it all but stands still there is no hurry.
        $isStill = $target->cycle !== null && $meanC !== null && $purpose === Purpose::Outbreak;
        $days = $isStill ? $target->everyDays->high : $target->everyDays->likely;

        return new self(
            $days,
            (int) round($target->times->likely),
            0.0,
            null,
            $meanC,
            Message::of('course.because.table', [
                'name' => $target->name,
                'low' => $target->everyDays->low,
                'high' => $target->everyDays->high,
                'days' => $days,
                'n' => (int) round($target->times->likely),
                'still' => $isStill ? 'yes' : 'no',
            ]),
            'practice',
            'low',
        );
    }

    /** Every so many days, so often, because the recipe says so. */
    public static function written(float $days, int $number): self
    {
        return new self(
            $days,
            $number,
            0.0,
            null,
            null,
            Message::of('course.because.recipe', ['days' => $days, 'n' => $number]),
            'practice',
            'low',
        );
    }

    /** Once, where nobody has said how often. */
    public static function once(): self
    {
        return new self(7.0, 1, 0.0, null, null, Message::of('course.because.once'), 'practice', 'low');
    }

    /**
     * As much of it as is borne.
     *
     * @param  list<Message>  $bounds
     */
    public function within(float $days, int $number, array $bounds): self
    {
        return new self(
            $days,
            $number,
            $this->protectedDays,
            $this->openDays,
            $this->mean,
            $this->because,
            $this->basis,
            $this->sure,
            $bounds,
        );
    }

    private static function byCycle(Cycle $cycle, string $name, float $meanC, ?float $longest, bool $isGuessed): ?self
    {
        $days = [];
        foreach ($cycle->stages as $stage) {
            $length = $cycle->days($stage, $meanC);
            if ($length === null) {
                return null;
            }
            $days[] = [$stage->killedByContact, $length->likely];
        }
        [$protected, $open] = self::longestProtected($days);
        // So slow that the model says nothing: it all but stands still.
        if ($open <= 0.0 || $open > self::STANDS_STILL) {
            return null;
        }
        $interval = min($longest ?? INF, self::SAFE * $open);
        $number = max(self::LEAST, (int) ceil($protected / $interval - 1e-9) + 1) + 1;

        return new self(
            $interval,
            $number,
            $protected,
            $open,
            $meanC,
            Message::of('course.because.cycle', [
                'name' => $name,
                'mean' => $meanC,
                'guessed' => $isGuessed ? 'yes' : 'no',
                'protected' => $protected,
                'open' => $open,
                'days' => $interval,
                'n' => $number,
                'hides' => $protected > 0.0 ? 'yes' : 'no',
                'capped' => $longest !== null && $longest < self::SAFE * $open ? 'yes' : 'no',
            ]),
            'practice',
            'medium',
        );
    }

    /**
     * Going round the cycle from the longest stage that is not reached; where none that is reached follows it, those that are count
     * wherever they stand.
     *
     * @param  list<array{bool, float}>  $days  reached, and how long
     * @return array{float, float} protected, open
     */
    private static function longestProtected(array $days): array
    {
        $longest = null;
        foreach ($days as $n => [$reached, $length]) {
            if (! $reached && ($longest === null || $length > $days[$longest][1])) {
                $longest = $n;
            }
        }
        if ($longest === null) {
            return [0.0, array_sum(array_column($days, 1))];
        }
        $open = 0.0;
        for ($n = ($longest + 1) % count($days); $n !== $longest && $days[$n][0]; $n = ($n + 1) % count($days)) {
            $open += $days[$n][1];
        }
        if ($open <= 0.0) {
            $open = max([0.0, ...array_map(static fn (array $one): float => $one[0] ? $one[1] : 0.0, $days)]);
        }

        return [$days[$longest][1], $open];
    }
}

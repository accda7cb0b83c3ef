<?php

declare(strict_types=1);

namespace Nebbia\Core\Planning\Day;

use Nebbia\Core\Planning\Hour\HourWord;
use Nebbia\Core\Planning\Hour\JudgedHour;

/**
 * Whether a spray that is due can go out now, later today, or has to wait: by the hours from now on. What is no good hour but may be one
 * says from when there is a better.
 */
final readonly class WhenToday
{
    /**
     * @param  string  $state  now, later, poor (it may, and a better hour comes) or wait
     * @param  int|null  $from  hours from now to the one that is meant: the later, the better or the next; null where none is seen
     * @param  int|null  $until  hours from now until it is no longer as good; null where that is not seen
     */
    private function __construct(public string $state, public ?int $from, public ?int $until) {}

    /**
     * @param  non-empty-list<JudgedHour>  $hours  soonest first, the one that it is at the head
     * @param  int  $today  how many of them are today's
     * @param  list<bool>  $awake  whether somebody is up, for each
     * @param  int|null  $planned  hours from now to the one that was planned; null where none was, or it has gone by
     */
    public static function of(array $hours, int $today, array $awake, ?int $planned = null): self
    {
        $isGood = static fn (int $n): bool => in_array($hours[$n]->word, [HourWord::Fine, HourWord::Unknown], true);
        $may = static fn (int $n): bool => $hours[$n]->word !== HourWord::No;
        if ($planned !== null && $planned > 0 && $planned < $today && isset($hours[$planned]) && $may($planned)) {
            return new self('later', $planned, null);
        }
        if ($isGood(0)) {
            return new self('now', 0, self::first($hours, 1, null, static fn (int $n): bool => ! $isGood($n)));
        }
        $awakeAnd = static fn (callable $is): callable => static fn (int $n): bool => ($awake[$n] ?? true) && $is($n);
        $good = self::first($hours, 1, null, $awakeAnd($isGood));
        if ($good !== null && $good < $today) {
            return new self('later', $good, null);
        }
        if ($may(0)) {
            return new self('poor', $good, self::first($hours, 1, null, static fn (int $n): bool => ! $may($n)));
        }
        $some = self::first($hours, 1, $today, $awakeAnd($may));

        return $some !== null
            ? new self('later', $some, null)
            : new self('wait', $good ?? self::first($hours, 1, null, $awakeAnd($may)), null);
    }

    /**
     * The same for several rounds that go out of one sprayer: an hour is as good as for the worst of them.
     *
     * @param  non-empty-list<non-empty-list<JudgedHour>>  $each
     * @return non-empty-list<JudgedHour>
     */
    public static function worst(array $each): array
    {
        $worst = array_shift($each);
        foreach ($each as $hours) {
            foreach ($worst as $n => $hour) {
                $other = $hours[$n] ?? $hour;
                $worst[$n] = $other->word->worth() < $hour->word->worth() ? $other : $hour;
            }
        }

        return array_values($worst);
    }

    /**
     * @param  list<JudgedHour>  $hours
     * @param  callable(int): bool  $is
     */
    private static function first(array $hours, int $from, ?int $to, callable $is): ?int
    {
        for ($n = $from; $n < min($to ?? count($hours), count($hours)); $n++) {
            if ($is($n)) {
                return $n;
            }
        }

        return null;
    }
}

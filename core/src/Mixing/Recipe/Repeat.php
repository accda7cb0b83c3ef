<?php

declare(strict_types=1);

namespace Nebbia\Core\Mixing\Recipe;

use DateTimeImmutable;

/** Every n days, m times; a recipe may leave open how often. Twice a week is every 3.5 days, and falls on whole days by turns. */
final readonly class Repeat
{
    public const MAX_DAYS = 366;

    public const MAX_TIMES = 100;

    private function __construct(public float $everyDays, public ?int $times) {}

    /** @throws RepeatException if days are not 1 to 366 or times not 1 to 100 */
    public static function every(float $days, ?int $times): self
    {
        if (! ($days >= 1.0 && $days <= self::MAX_DAYS)) {
            throw RepeatException::days();
        }
        if ($times !== null && ($times < 1 || $times > self::MAX_TIMES)) {
            throw RepeatException::times();
        }

        return new self($days, $times);
    }

    /** As it is written: a whole number where it is one. */
    public function days(): int|float
    {
        return $this->everyDays === floor($this->everyDays) ? (int) $this->everyDays : $this->everyDays;
    }

    /**
     * The days of the rounds, the first on the given day; only that one where it is open how often. Counted in calendar days, so a change
     * of the clocks between two rounds shifts nothing.
     *
     * @return list<DateTimeImmutable>
     */
    public function from(DateTimeImmutable $first): array
    {
        $days = [];
        for ($n = 0; $n < ($this->times ?? 1); $n++) {
            $days[] = $first->modify('+'.(int) floor($n * $this->everyDays + 1e-9).' days');
        }

        return $days;
    }
}

<?php

declare(strict_types=1);

namespace Nebbia\Core\Planning\Course;

/** When in the week the gardener usually has time, by the garden's clocks. */
final readonly class FreeHours
{
    private const EVERY_DAY = [1, 2, 3, 4, 5, 6, 7];

    private const WEEK = ['mon' => 1, 'tue' => 2, 'wed' => 3, 'thu' => 4, 'fri' => 5, 'sat' => 6, 'sun' => 7];

    /** @param  list<array{list<int>, int, int}>  $spans  days of the week (1 is Monday), first hour, hour at which it ends */
    private function __construct(private array $spans) {}

    /** Between five in the morning and ten at night. */
    public static function usual(): self
    {
        return new self([[self::EVERY_DAY, 5, 22]]);
    }

    /** @param  list<array{list<int>, int, int}>  $spans */
    public static function of(array $spans): self
    {
        return $spans === []
            ? self::usual()
            : new self(
                array_map(static fn (array $span): array => [$span[0] === [] ? self::EVERY_DAY : $span[0], $span[1], $span[2]], $spans),
            );
    }

    /**
     * @param  mixed  $rows  decoded JSON: days, from, to; no days is every day, no rows are the usual hours
     *
     * @throws CourseException naming the field below that path
     */
    public static function read(mixed $rows, string $path): self
    {
        if (! is_array($rows) || ! array_is_list($rows)) {
            throw CourseException::freeHours($path);
        }
        $spans = [];
        foreach ($rows as $n => $row) {
            $days = is_array($row) && is_array($row['days'] ?? null) ? $row['days'] : [];
            $from = is_array($row) ? self::hour($row['from'] ?? null) : null;
            $to = is_array($row) ? self::hour($row['to'] ?? null) : null;
            $week = array_map(
                static fn (mixed $day): int => is_string($day) && isset(self::WEEK[$day])
                    ? self::WEEK[$day]
                    : throw CourseException::freeHours("$path.$n.days"),
                array_values($days),
            );
            if ($from === null || $to === null || $to <= $from) {
                throw CourseException::freeHours("$path.$n");
            }
            $spans[] = [$week, $from, $to];
        }

        return self::of($spans);
    }

    /**
     * @return list<array{days: list<string>, from: string, to: string}> as they are read, and as they are kept; the usual hours are none
     */
    public function toArray(): array
    {
        return $this == self::usual()
            ? []
            : array_map(
                static fn (array $span): array => [
                    'days' => $span[0] === self::EVERY_DAY
                            ? []
                            : array_map(static fn (int $day): string => (string) array_search($day, self::WEEK, true), $span[0]),
                    'from' => sprintf('%02d:00', $span[1]),
                    'to' => sprintf('%02d:00', $span[2]),
                ],
                $this->spans,
            );
    }

    private static function hour(mixed $text): ?int
    {
        return is_string($text) && preg_match('/^([01]?\d|2[0-4]):00$/', $text, $found) === 1 ? (int) $found[1] : null;
    }

    /** The same for all that say the same. */
    public function key(): string
    {
        return implode(';', array_map(static fn (array $span): string => implode(',', $span[0]).".$span[1]-$span[2]", $this->spans));
    }

    /** @param  int  $weekday  1 is Monday */
    public function has(int $weekday, int $hour): bool
    {
        foreach ($this->spans as [$days, $from, $to]) {
            if ($hour >= $from && $hour < $to && in_array($weekday, $days, true)) {
                return true;
            }
        }

        return false;
    }
}

<?php

declare(strict_types=1);

namespace Nebbia\Core\Planning\Course;

/**
 * When in the week plants are watered and fed, by the garden's clocks. A spray goes on before either: water from above takes it off again,
 * and a plant that has just been fed is soft. Rough practice.
 */
final readonly class PlantCare
{
    private const WEEK = ['mon' => 1, 'tue' => 2, 'wed' => 3, 'thu' => 4, 'fri' => 5, 'sat' => 6, 'sun' => 7];

    /** Hour at which is watered where none is said. */
    private const MORNING = 7;

    /** Yes and no, as programs write them. */
    private const ANSWERS = ['1' => true, '0' => false, 'true' => true, 'false' => false];

    /**
     * @param  list<int>  $waterDays  1 is Monday
     * @param  list<int>  $feedDays
     * @param  list<string>  $waterOn  days of the calendar, as 2026-05-14, beside those of every week
     * @param  list<string>  $feedOn
     */
    private function __construct(
        public array $waterDays,
        /** Hour of the day. */
        public int $waterHour,
        /** Over the leaves, not at the root. */
        public bool $fromAbove,
        public array $feedDays,
        public array $waterOn = [],
        public array $feedOn = [],
    ) {}

    /**
     * @param  list<int>  $waterDays
     * @param  list<int>  $feedDays
     */
    public static function of(array $waterDays, int $waterHour, bool $fromAbove, array $feedDays): self
    {
        sort($waterDays);
        sort($feedDays);

        return new self(array_values(array_unique($waterDays)), $waterHour, $fromAbove, array_values(array_unique($feedDays)));
    }

    /**
     * The same with what is done on days of the calendar: every fortnight, every month.
     *
     * @param  list<string>  $waterOn  on which leaves are wetted, as 2026-05-14
     * @param  list<string>  $feedOn
     */
    public static function onDays(?self $weekly, array $waterOn, array $feedOn): ?self
    {
        if ($waterOn === [] && $feedOn === []) {
            return $weekly;
        }
        $weekly ??= self::of([], self::MORNING, $waterOn !== [], []);
        sort($waterOn);
        sort($feedOn);
        // What is watered at the foot every week and over the leaves on some days wets them on those days.
        $weekly = $waterOn === [] || $weekly->fromAbove ? $weekly : self::of([], $weekly->waterHour, true, $weekly->feedDays);

        return new self($weekly->waterDays, $weekly->waterHour, $weekly->fromAbove, $weekly->feedDays, $waterOn, $feedOn);
    }

    /**
     * @return self|null null where nothing is written
     *
     * @throws CourseException naming the field
     */
    public static function read(mixed $row, string $path): ?self
    {
        if ($row === null) {
            return null;
        }
        if (! is_array($row)) {
            throw CourseException::care($path);
        }
        $days = static function (string $field) use ($row, $path): array {
            $some = $row[$field] ?? [];
            if (! is_array($some)) {
                throw CourseException::care("$path.$field");
            }

            return array_map(
                static fn (mixed $day): int => is_string($day) && isset(self::WEEK[$day])
                    ? self::WEEK[$day]
                    : throw CourseException::care("$path.$field"),
                array_values($some),
            );
        };
        $at = $row['water_at'] ?? '07:00';
        if (! is_string($at) || preg_match('/^([01]?\d|2[0-3]):00$/', $at, $found) !== 1) {
            throw CourseException::care("$path.water_at");
        }

        $above =
            self::ANSWERS[
                is_bool($row['from_above'] ?? false)
                    ? (int) ($row['from_above'] ?? false)
                    : (is_scalar($row['from_above'])
                        ? (string) $row['from_above']
                        : '')
            ] ?? throw CourseException::care("$path.from_above");

        return self::of($days('water_days'), (int) $found[1], $above, $days('feed_days'));
    }

    /**
     * @return array{water_days: list<string>, water_at: string, from_above: bool, feed_days: list<string>} as it is read, and as it is kept
     */
    public function toArray(): array
    {
        $names = static fn (array $days): array => array_values(
            array_map(static fn (int $day): string => (string) array_search($day, self::WEEK, true), $days),
        );

        return [
            'water_days' => $names($this->waterDays),
            'water_at' => sprintf('%02d:00', $this->waterHour),
            'from_above' => $this->fromAbove,
            'feed_days' => $names($this->feedDays),
        ];
    }

    /** The same for all that are kept alike; empty where nothing of it matters to a spray. */
    public function key(): string
    {
        $water = $this->fromAbove && $this->waterDays !== [] ? 'w'.implode('', $this->waterDays).".$this->waterHour" : '';

        $on = $this->waterOn === [] && $this->feedOn === [] ? '' : 'o'.implode(',', $this->waterOn).'.'.implode(',', $this->feedOn);

        return $water.($this->feedDays === [] ? '' : 'f'.implode('', $this->feedDays)).$on;
    }

    /**
     * @param  int  $weekday  1 is Monday
     * @param  string  $day  as 2026-05-14
     */
    public function wetsLeaves(int $weekday, int $hour, string $day = ''): bool
    {
        return $this->fromAbove && $hour === $this->waterHour
            && (in_array($weekday, $this->waterDays, true) || in_array($day, $this->waterOn, true));
    }

    /**
     * On that day or the day before.
     *
     * @param  string  $day  as 2026-05-14
     * @param  string  $before  the day before it
     */
    public function justFed(int $weekday, string $day = '', string $before = ''): bool
    {
        return in_array($weekday, $this->feedDays, true) || in_array((($weekday + 5) % 7) + 1, $this->feedDays, true)
            || in_array($day, $this->feedOn, true) || in_array($before, $this->feedOn, true);
    }
}

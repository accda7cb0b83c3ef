<?php

declare(strict_types=1);

namespace Nebbia\Core\Planning\Hour;

use DateTimeImmutable;
use LogicException;
use Nebbia\Core\Data\Severity;
use Nebbia\Core\Judgement\Hour\Objection;
use Nebbia\Core\Judgement\Hour\SprayWindow;
use Nebbia\Core\Judgement\Hour\SprayWindows;
use Nebbia\Core\Mixing\Mix;
use Nebbia\Core\Planning\Course\PlantCare;
use Nebbia\Core\Planning\Course\PlantConditions;
use Nebbia\Core\Weather\Forecast;
use Nebbia\Core\Weather\Hour;
use Nebbia\Core\Weather\LeafWetness;
use Nebbia\Core\Weather\PartOfDay;
use Nebbia\Core\Weather\Place;
use Nebbia\Core\Weather\Sun;
use Nebbia\Core\Weather\WeatherHour;

/**
 * What each hour of a forecast is worth for a spray on some plants: by the same windows as the judgement of a typed hour. An hour is judged
 * once, however many rounds ask for it.
 */
final class HourJudge
{
    /** Degrees above the horizon from which the sun is felt on a leaf, and % of cloud up to which. */
    private const SUN_FROM = 15.0;

    private const CLOUD_TO = 60.0;

    /** Degrees at which the sun's rim is on the horizon, the air bending its light. */
    private const HORIZON = -0.833;

    /** °C from which bees fly. */
    private const BEES_FROM = 10.0;

    /** Degrees below the horizon to which dusk and dawn reach. */
    private const TWILIGHT = -6.0;

    private readonly DateTimeImmutable $epoch;

    /** @var array<int, array{int, int, string}> hour => weekday, hour and day by the clocks of the place */
    private array $clocks = [];

    /** @var array<string, array<int, array<int, Hour>>> where, in flower, hour */
    private array $hours = [];

    /** From when until when the sun comes through a window, by the clock. */
    private const WINDOW_SUN = [10, 16];

    /** @var array<int, float> hour => degrees */
    private array $heights = [];

    /** @var array<string, array<int, JudgedHour>> */
    private array $judged = [];

    /** @var array<string, array{list<SprayWindow>, PlantConditions}> */
    private array $sprays = [];

    private readonly LeafWetness $wetness;

    public function __construct(private readonly SprayWindows $windows, private readonly Place $place, private readonly Forecast $forecast)
    {
        $this->epoch = (DateTimeImmutable::createFromFormat('!U', '0') ?: throw new LogicException('No time.'))->setTimezone($place->zone);
        $this->wetness = new LeafWetness($forecast);
    }

    /** @return list<SprayWindow> those that a mix goes by */
    public function windowsOf(Mix $mix, bool $onBareWood = false): array
    {
        return $this->windows->for($mix, $onBareWood);
    }

    /**
     * Under what a spray's hours are kept, to be asked for with at().
     *
     * @param  list<SprayWindow>  $windows
     */
    public function open(array $windows, PlantConditions $kept): string
    {
        $key = implode(',', array_map(static fn (SprayWindow $window): string => $window->id, $windows)).$kept->key();
        $this->sprays[$key] ??= [$windows, $kept];

        return $key;
    }

    /** @param  int  $at  a full hour */
    public function at(string $key, int $at): JudgedHour
    {
        return $this->judged[$key][$at] ??= $this->look($this->sprays[$key][0], $this->sprays[$key][1], $at);
    }

    /** @param  list<SprayWindow>  $windows */
    public function judge(array $windows, PlantConditions $kept, int $at): JudgedHour
    {
        return $this->at($this->open($windows, $kept), $at - ($at % Forecast::HOUR));
    }

    /** The height of the sun in the middle of an hour, in degrees. */
    public function height(int $at): float
    {
        return $this->heights[$at] ??= Sun::height($this->place, $at + Forecast::HOUR / 2);
    }

    public function part(int $at): PartOfDay
    {
        $height = $this->height($at);
        $local = fmod($at / 3600.0 + 0.5 + $this->place->longitude / 15.0 + 48.0, 24.0);

        return match (true) {
            $height < self::TWILIGHT => PartOfDay::Night,
            $height < 6.0 => $local < 12.0 ? PartOfDay::Dawn : PartOfDay::Dusk,
            $local >= 10.0 && $local < 14.0 => PartOfDay::Midday,
            default => $local < 12.0 ? PartOfDay::Morning : PartOfDay::Afternoon,
        };
    }

    /** @param  list<SprayWindow>  $windows */
    private function look(array $windows, PlantConditions $kept, int $at): JudgedHour
    {
        $weather = $this->forecast->at($at);
        if ($weather === null && ! $kept->indoors) {
            return $this->withoutForecast($windows, $kept, $at);
        }
        $where = $kept->indoors ? 'in'.$kept->indoorsKey() : 'out';
        $hour = $this->hours[$where][$kept->inFlower ? 1 : 0][$at] ??= $this->hour($weather, $kept, $at);
        $objections = $kept->isPlain() ? [] : $this->ofKeeping($windows, $kept, $at);
        foreach ($windows as $window) {
            foreach ($window->objections($hour, $kept->indoors, $this->windows->deltaT, $kept->nightBreathing) as $objection) {
                $objections[] = [$objection, $window];
            }
        }

        return self::told($at, $objections, $this->isKnownDry($windows, $kept, $at) ? HourWord::Fine : HourWord::Unknown);
    }

    /**
     * Whether the forecast reaches as far as it has to be dry: that none is foreseen because nothing is, is no dry day.
     *
     * @param  list<SprayWindow>  $windows
     */
    private function isKnownDry(array $windows, PlantConditions $kept, int $at): bool
    {
        if ($kept->indoors) {
            return true;
        }
        foreach ($windows as $window) {
            $until = $at + (int) ceil(($window->dryHours ?? 0.0) * Forecast::HOUR);
            if ($until > $this->forecast->knownUntil($at)) {
                return false;
            }
        }

        return true;
    }

    /** The same for all sprays on plants that stand alike, so it is worked out once. */
    private function hour(?WeatherHour $weather, PlantConditions $kept, int $at): Hour
    {
        if ($kept->indoors || $weather === null) {
            $room = $kept->room ?? $this->windows->room;
            $sun = $kept->indoors && $kept->inWindow && $this->sunInWindow($at);

            return Hour::foreseen($room->temperature($this->part($at)), $room->humidity, 0.0, null, $sun, false, $this->part($at));
        }

        return Hour::foreseen(
            $weather->temperature,
            $weather->humidity,
            $weather->wind,
            $this->forecast->rainIn($at) ?? 240.0,
            $this->sunSoon($at),
            $kept->inFlower && $weather->temperature >= self::BEES_FROM && $weather->rain < Forecast::DRY && $this->isSunUp($at),
            $this->part($at),
            $this->wetness->isWet($at),
            $this->forecast->frostIn($at),
        );
    }

    /** @param  list<array{Objection, SprayWindow}>  $objections */
    private static function told(int $at, array $objections, HourWord $best = HourWord::Fine): JudgedHour
    {
        // The gravest first. There are few, and this is done for every hour: by insertion, which is quicker than usort.
        for ($n = 1, $count = count($objections); $n < $count; $n++) {
            for ($k = $n; $k > 0 && $objections[$k][0]->weight > $objections[$k - 1][0]->weight; $k--) {
                [$objections[$k - 1], $objections[$k]] = [$objections[$k], $objections[$k - 1]];
            }
        }
        if ($objections === []) {
            return new JudgedHour($at, $best, []);
        }

        return new JudgedHour($at, $objections[0][0]->forbids ? HourWord::No : HourWord::Poor, array_values($objections));
    }

    /**
     * What watering, feeding and the pest's own hours have against it.
     *
     * @param  list<SprayWindow>  $windows
     * @return list<array{Objection, SprayWindow}>
     */
    private function ofKeeping(array $windows, PlantConditions $kept, int $at): array
    {
        $objections = [];
        if ($windows !== [] && $kept->outAt !== [] && ! in_array($this->part($at), $kept->outAt, true)) {
            $objections[] = [Objection::of('hidden', false, Severity::Notice, [], $kept->outAt[0]->value), $windows[0]];
        }
        if ($windows !== [] && $kept->settledAt !== null && $at < $kept->settledAt) {
            $objections[] = [Objection::of('settling', false, Severity::Caution, []), $windows[0]];
        }
        foreach ($windows as $window) {
            foreach ($kept->care as $care) {
                if ($window->dryHours !== null) {
                    $in = $this->wateredIn($care, $at, (int) ceil($window->dryHours));
                    if ($in !== null) {
                        $objections[] = [Objection::of('watered', true, Severity::Caution, ['in' => (float) $in]), $window];
                    }
                }
                if ($care->justFed($this->clock($at)[0], $this->clock($at)[2], $this->clock($at - 24 * Forecast::HOUR)[2])) {
                    $objections[] = [Objection::of('fed', false, Severity::Notice, []), $window];
                }
            }
        }

        return $objections;
    }

    /**
     * Hours until the leaves are watered: 0 in that hour itself or where they are not dry of it; null where they are left alone for so
     * long.
     */
    private function wateredIn(PlantCare $care, int $at, int $hours): ?int
    {
        if ($care->wetsLeaves(...$this->clock($at - Forecast::HOUR))) {
            return 0;
        }
        for ($n = 0; $n < $hours; $n++) {
            if ($care->wetsLeaves(...$this->clock($at + $n * Forecast::HOUR))) {
                return $n;
            }
        }

        return null;
    }

    /** @return array{int, int, string} weekday, hour and day by the clocks of the place */
    private function clock(int $at): array
    {
        return $this->clocks[$at] ??= (static function (DateTimeImmutable $time): array {
            return [(int) $time->format('N'), (int) $time->format('G'), $time->format('Y-m-d')];
        })($this->epoch->setTimestamp($at));
    }

    /**
     * Where no forecast reaches, what holds without weather still holds: the sun and the bees by the clock, and what is done every week.
     *
     * @param  list<SprayWindow>  $windows
     */
    private function withoutForecast(array $windows, PlantConditions $kept, int $at): JudgedHour
    {
        $part = $this->part($at);
        $objections = $this->ofKeeping($windows, $kept, $at);
        foreach ($windows as $window) {
            // A clear sky is taken, which is what harms, and a day on which bees fly.
            $sun = $window->bySun($this->sunSoon($at));
            if ($sun !== null) {
                $objections[] = [$sun, $window];
            }
            $bees = $kept->inFlower && $this->isSunUp($at) ? $window->byBees() : null;
            if ($bees !== null) {
                $objections[] = [$bees, $window];
            }
            $best = $window->bestFor($kept->nightBreathing);
            if ($best !== [] && ! in_array($part->value, $best, true)) {
                $objections[] = [Objection::of('time', false, Severity::Notice, [], $best[0]), $window];
            }
        }

        return self::told($at, $objections, HourWord::Unknown);
    }

    /** At the beginning of the hour or at its end. */
    private function isSunUp(int $at): bool
    {
        return max(Sun::height($this->place, $at), Sun::height($this->place, $at + Forecast::HOUR)) > self::HORIZON;
    }

    /** The sun comes through the window from 10 to 16 by the clock (FACTS.md, Q): in this hour or within two. */
    private function sunInWindow(int $at): bool
    {
        $clock = (int) $this->epoch->setTimestamp($at)->format('G');

        return $clock + 2 >= self::WINDOW_SUN[0] && $clock < self::WINDOW_SUN[1];
    }

    /** The sun will stand on the leaves in this hour or within two. */
    private function sunSoon(int $at): bool
    {
        for ($n = 0; $n <= 2; $n++) {
            $hour = $at + $n * Forecast::HOUR;
            if ($this->height($hour) >= self::SUN_FROM && ($this->forecast->at($hour)->cloud ?? 0.0) <= self::CLOUD_TO) {
                return true;
            }
        }

        return false;
    }
}

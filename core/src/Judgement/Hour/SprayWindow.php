<?php

declare(strict_types=1);

namespace Nebbia\Core\Judgement\Hour;

use Nebbia\Core\Data\Row;
use Nebbia\Core\Data\Severity;
use Nebbia\Core\Mixing\Mix;
use Nebbia\Core\Weather\Hour;
use Nebbia\Core\Weather\PartOfDay;

/** When one kind of spray may go out. */
final readonly class SprayWindow
{
    /**
     * @param  list<string>  $substances
     * @param  list<string>  $uses
     * @param  array{float, float}  $temperature  °C, outside of which not
     * @param  array{float, float}  $ideal
     * @param  float|null  $stopTemperature  from which it is a stop
     * @param  float|null  $wind  km/h at most
     * @param  float|null  $movement  km/h that it wants at least
     * @param  array{float, float}  $humidity
     * @param  float|null  $dryHours  without rain afterwards
     * @param  float|null  $frostHours  without frost afterwards
     * @param  array{float, float}|null  $washOff  mm of rain that take it away: begins, all gone; null where nothing is left to wash once
     *     it is dry
     * @param  list<string>  $best  parts of the day at which it does best; none where any will do
     */
    private function __construct(
        public string $id,
        public array $substances,
        public array $uses,
        public array $temperature,
        public array $ideal,
        public ?float $stopTemperature,
        public ?float $wind,
        public ?float $movement,
        public array $humidity,
        public ?float $dryHours,
        public ?float $idealDryHours,
        public ?float $frostHours,
        public string $sun,
        public string $bees,
        public array $best,
        /** Hours after which to look at what it did. */
        public float $look,
        public ?array $washOff,
        /** It works by being taken up through the pores. */
        public bool $takenUp,
        /** For wood that is bare in winter, in place of what else names the substance. */
        public bool $isForBareWood,
        /** @var list<string> uses for which it holds where no other does */
        public array $fallback,
        public string $basis,
        public string $sure,
    ) {}

    public static function fromRow(Row $row): self
    {
        $figure = static fn (string $key): ?float => $row->has($key) ? $row->float($key) : null;

        return new self(
            $row->string('id'),
            $row->strings('substances'),
            $row->strings('uses'),
            self::pair($row, 'temp'),
            self::pair($row, 'ideal'),
            $figure('stop_temp'),
            $figure('wind'),
            $figure('still'),
            self::pair($row, 'humidity'),
            $figure('dry_hours'),
            $figure('ideal_dry_hours'),
            $figure('frost_hours'),
            $row->string('sun'),
            $row->string('bees'),
            $row->strings('best'),
            $row->float('look'),
            $row->has('wash_off') ? self::pair($row, 'wash_off') : null,
            $row->bool('taken_up'),
            $row->bool('bare'),
            $row->strings('fallback'),
            $row->string('basis'),
            $row->string('sure'),
        );
    }

    /** Whether it names something in the mix, for what the mix is used for. */
    public function names(Mix $mix): bool
    {
        return in_array($mix->recipe->use->value, $this->uses, true) &&
            array_filter($this->substances, static fn (string $id): bool => ($mix->strengthOf($id)->percentWv->likely ?? 0.0) > 0.0) !== [];
    }

    /**
     * What is wrong with this hour: nothing where it is a good one. Indoors wind, rain and bees do not count.
     *
     * @param  array{float, float}  $drying  Delta-T between which drops dry as they should
     * @param  bool  $nightBreathing  the plant's pores open after dusk
     * @return list<Objection>
     */
    public function objections(Hour $hour, bool $indoors, array $drying, bool $nightBreathing = false): array
    {
        // Asked for every hour of a forecast, so nothing is gathered that is not there.
        $found = [];
        if (($one = $this->byTemperature($hour)) !== null) {
            $found[] = $one;
        }
        if (! $indoors && ($one = $this->byWind($hour)) !== null) {
            $found[] = $one;
        }
        if (! $indoors && ($one = $this->byRain($hour)) !== null) {
            $found[] = $one;
        }
        if (! $indoors && $this->frostHours !== null && $hour->frostIn !== null && $hour->frostIn < $this->frostHours) {
            $found[] = Objection::of('frost', true, Severity::Caution, ['hours' => $this->frostHours]);
        }
        if (($one = $this->byAir($hour, $drying)) !== null) {
            $found[] = $one;
        }
        if (($one = $this->bySun($hour->sunSoon)) !== null) {
            $found[] = $one;
        }
        if (! $indoors && $hour->wetLeaf === true) {
            $found[] = Objection::of('wet-leaf', false, Severity::Notice, []);
        }
        // In a room neither sun nor bees ask for dusk; what is taken up keeps to the plant's own hours.
        if ((! $indoors || $this->takenUp) && ($one = $this->byPart($hour, $nightBreathing)) !== null) {
            $found[] = $one;
        }
        if (! $indoors && $hour->beesAbout && ($one = $this->byBees()) !== null) {
            $found[] = $one;
        }

        return $found;
    }

    private function byTemperature(Hour $hour): ?Objection
    {
        $t = $hour->temperature;
        if (
            $t === null ||
            ($t >= $this->ideal[0] &&
                $t <= $this->ideal[1] &&
                $t >= $this->temperature[0] &&
                $t <= $this->temperature[1] &&
                ($this->stopTemperature === null || $t < $this->stopTemperature))
        ) {
            return null;
        }
        $params = [
            't' => $t,
            'from' => $this->temperature[0],
            'to' => $this->temperature[1],
            'well_from' => $this->ideal[0],
            'well_to' => $this->ideal[1],
        ];

        return match (true) {
            $this->stopTemperature !== null && $t >= $this->stopTemperature => Objection::of('too-hot', true, Severity::Stop, $params),
            $t > $this->temperature[1] => Objection::of('too-hot', true, Severity::Caution, $params),
            $t < $this->temperature[0] => Objection::of('too-cold', true, Severity::Caution, $params),
            $t > $this->ideal[1] => Objection::of('warm', false, Severity::Notice, $params),
            $t < $this->ideal[0] => Objection::of('cool', false, Severity::Notice, $params),
            default => null,
        };
    }

    private function byWind(Hour $hour): ?Objection
    {
        return match (true) {
            $hour->wind === null => null,
            $this->wind !== null && $hour->wind > $this->wind => Objection::of('windy', true, Severity::Caution, [
                'wind' => $hour->wind,
                'most' => $this->wind,
            ]),
            $this->movement !== null && $hour->wind < $this->movement => Objection::of('still', false, Severity::Notice, [
                'wind' => $hour->wind,
                'least' => $this->movement,
            ]),
            default => null,
        };
    }

    private function byRain(Hour $hour): ?Objection
    {
        return match (true) {
            $hour->rainIn === null || $this->dryHours === null => null,
            $hour->rainIn < $this->dryHours => Objection::of('rain', true, Severity::Caution, [
                'rain' => $hour->rainIn,
                'hours' => $this->dryHours,
            ]),
            $this->idealDryHours !== null && $hour->rainIn < $this->idealDryHours => Objection::of('rain-later', false, Severity::Notice, [
                'rain' => $hour->rainIn,
                'hours' => $this->idealDryHours,
            ]),
            default => null,
        };
    }

    /** @param  array{float, float}  $drying */
    private function byAir(Hour $hour, array $drying): ?Objection
    {
        if ($hour->humidity !== null && $hour->humidity > $this->humidity[1]) {
            return Objection::of('damp', false, Severity::Notice, ['humidity' => $hour->humidity, 'most' => $this->humidity[1]]);
        }
        if ($hour->humidity !== null && $hour->humidity < $this->humidity[0]) {
            return Objection::of('dry', false, Severity::Notice, ['humidity' => $hour->humidity, 'least' => $this->humidity[0]]);
        }

        return $hour->deltaT !== null && $hour->deltaT > $drying[1]
            ? Objection::of('drying-fast', false, Severity::Notice, ['delta' => $hour->deltaT])
            : null;
    }

    /** Where bees are at open flowers. */
    public function byBees(): ?Objection
    {
        return $this->bees === 'low'
            ? null
            : Objection::of('bees', true, $this->bees === 'kills' ? Severity::Stop : Severity::Caution, []);
    }

    /** @param  bool  $soon  the sun will stand on the leaves within two hours */
    public function bySun(bool $soon): ?Objection
    {
        return match (true) {
            $soon && $this->sun === 'never' => Objection::of('sun-never', true, Severity::Caution, []),
            $soon && $this->sun === 'avoid' => Objection::of('sun', false, Severity::Caution, []),
            ! $soon && $this->sun === 'wanted' => Objection::of('no-sun', false, Severity::Notice, []),
            default => null,
        };
    }

    /** @return list<string> parts of the day, the best first; none where any will do */
    public function bestFor(bool $nightBreathing): array
    {
        return $this->takenUp && $nightBreathing ? [PartOfDay::Dusk->value, PartOfDay::Night->value] : $this->best;
    }

    private function byPart(Hour $hour, bool $nightBreathing): ?Objection
    {
        $best = $this->bestFor($nightBreathing);

        return $hour->part === null || $best === [] || in_array($hour->part->value, $best, true)
            ? null
            : Objection::of('time', false, Severity::Notice, [], $best[0]);
    }

    /** @return array{float, float} */
    private static function pair(Row $row, string $key): array
    {
        $pair = $row->floats($key);

        return [$pair[0] ?? 0.0, $pair[1] ?? 0.0];
    }
}

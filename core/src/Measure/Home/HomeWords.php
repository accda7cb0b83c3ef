<?php

declare(strict_types=1);

namespace Nebbia\Core\Measure\Home;

use Nebbia\Core\Data\Sentence\Dialect;
use Nebbia\Core\Data\Sentence\Figures;
use Nebbia\Core\Measure\NumberParser;
use Nebbia\Core\Measure\PreciseWords;
use Nebbia\Core\Measure\UnitSystem;

/**
 * Quantities in sentences, said in the household's units: a number or two with a metric unit behind them. What is said alike everywhere
 * (per cent, milligrams of a tablet, grams below a quarter of an ounce) stays as it is.
 */
final readonly class HomeWords implements Dialect
{
    private const NUMBER = '(?<![\w.,])([-−]?\d+(?:,\d{3})*(?:\.\d+)?)';

    private const UNIT = '(°C|km\/h|g\/100 mL|mg\/L|g\/L|g\/m²|mL|mm|cm|m²|kg|g|L|K|bar|m)(?![\w²³\/°])';

    /** "20 g of garlic per litre": the weight and what it is in, apart. */
    private const PER_LITRE = '/(?<![\w.,])(\d+(?:\.\d+)?)(?: to (\d+(?:\.\d+)?))? g of ([^.,;:]+?) per (litre|100 mL)/u';

    private const MONTHS = '(January|February|March|April|May|June|July|August|September|October|November|December)';

    private const FINDS = '/'.self::NUMBER.'(?:(?: to |–|-)(\d+(?:,\d{3})*(?:\.\d+)?))? ?'.self::UNIT.'/u';

    /** oz/gal in a g/L: a gallon over an ounce, by a thousand. */
    private const US_OZ_PER_GAL = 0.133526;

    private const IMP_OZ_PER_GAL = 0.160359;

    /** Ounces on a hundred square feet in a gram on a square metre. */
    private const OZ_PER_100_SQ_FT = 0.327706;

    private const PSI_PER_BAR = 14.5038;

    private HomeUnits $units;

    private function __construct(private UnitSystem $system)
    {
        $this->units = HomeUnits::of($system);
    }

    /** @return self|null null where sentences are heard as they are */
    public static function of(?UnitSystem $system): ?self
    {
        return $system === null || HomeUnits::of($system)->isMetric() ? null : new self($system);
    }

    public function minds(string $text): bool
    {
        return preg_match(self::FINDS, $text) === 1;
    }

    public function hear(string $sentence): string
    {
        $isOfRain = preg_match('/\brain|\bgauge/iu', $sentence) === 1;
        $heard = (string) preg_replace_callback(
            self::PER_LITRE,
            fn (array $found): string => $this->perGallon(
                $found[2] === '' ? [$found[1]] : [$found[1], $found[2]],
                $found[4] === 'litre' ? 1.0 : 10.0,
            )." oz of $found[3] per gallon",
            $sentence,
        );
        $heard = (string) preg_replace_callback(
            self::FINDS,
            fn (array $found): string => $this->one(
                $found[0],
                self::number($found[1]),
                $found[2] === '' ? null : self::number($found[2]),
                $found[3],
                $isOfRain,
            ),
            $heard,
        );

        return $this->system === UnitSystem::Us ? self::american($heard) : $heard;
    }

    /** Days and hours as they are written there: May 14, 2026; 7:30 PM. */
    private static function american(string $sentence): string
    {
        $sentence = (string) preg_replace('/\b(\d{1,2}) '.self::MONTHS.' (\d{4})\b/u', '$2 $1, $3', $sentence);
        $sentence = (string) preg_replace('/(?<![\d,.])(\d{1,2}) '.self::MONTHS.'\b/u', '$2 $1', $sentence);

        return (string) preg_replace_callback(
            '/(?<![\d:])([01]\d|2[0-3]):([0-5]\d)(?![\d:])/',
            static fn (array $at): string => self::twelveHours((int) $at[1]).
                ($at[2] === '00' ? '' : ":$at[2]").
                ((int) $at[1] < 12 ? ' AM' : ' PM'),
            $sentence,
        );
    }

    private static function twelveHours(int $hour): string
    {
        return (string) ($hour % 12 ?: 12);
    }

    /** @param  list<string>  $grams one figure or two, g in so many */
    private function perGallon(array $grams, float $times): string
    {
        $each = $times * ($this->system === UnitSystem::Us ? self::US_OZ_PER_GAL : self::IMP_OZ_PER_GAL);
        $said = array_map(static fn (string $one): string => Figures::say((float) $one * $each, Figures::OF_STRENGTH), $grams);

        return self::span($said[0], $said[1] ?? null);
    }

    private function one(string $as, float $low, ?float $high, string $unit, bool $isOfRain): string
    {
        $isUs = $this->system === UnitSystem::Us;
        $volume = fn (float $ml): string => PreciseWords::volume($ml, $this->system);
        $mass = fn (float $g): string => PreciseWords::mass($g, $this->system);
        $times = static fn (float $by): array => [$low * $by, $high === null ? null : $high * $by];
        $each = static fn (callable $say): string => self::span($say($low), $high === null ? null : $say($high));

        return match ($unit) {
            '°C' => $isUs ? $each(static fn (float $c): string => (string) (int) round($c * 1.8 + 32.0)).' °F' : $as,
            'km/h' => $each(static fn (float $kmh): string => Figures::say(round($kmh / HomeUnits::KM_PER_MILE))).' mph',
            'mg/L' => $isUs ? $each(static fn (float $n): string => Figures::say($n)).' ppm' : $as,
            'bar' => $isUs
                ? $each(static fn (float $bar): string => Figures::say($bar * self::PSI_PER_BAR, Figures::OF_STRENGTH)).' psi'
                : $as,
            'K' => $isUs ? $each(static fn (float $k): string => Figures::say($k * 1.8, Figures::OF_STRENGTH)).' °F' : $as,
            'g/m²' => $each(
                static fn (float $n): string => Figures::say($n * self::OZ_PER_100_SQ_FT, Figures::OF_STRENGTH),
            ).' oz/100 sq ft',
            'g/L', 'g/100 mL' => $this->perGallon(
                array_map(strval(...), $high === null ? [$low] : [$low, $high]),
                $unit === 'g/L' ? 1.0 : 10.0,
            ).' oz/gal',
            'mL' => $this->shared($low, $high, $volume),
            'L' => $this->shared(...[...$times(1000.0), $volume]),
            'g' => $this->shared($low, $high, $mass),
            'kg' => $this->shared(...[...$times(1000.0), $mass]),
            'm²' => $this->shared($low, $high, $this->units->area(...)),
            'mm' => match (true) {
                ! $isOfRain => $this->shared($low, $high, self::small(...)),
                $isUs => $this->shared($low, $high, $this->units->rain(...)),
                default => $as,
            },
            'cm' => $this->shared($low, $high, $this->units->length(...)),
            default => $this->shared(...[...$times(100.0), $this->units->length(...)]),
        };
    }

    /**
     * Both ends in one unit: the one that fits the upper.
     *
     * @param  callable(float): string  $say
     */
    private function shared(float $low, ?float $high, callable $say): string
    {
        if ($high === null) {
            return $low === 0.0 ? '0'.strstr($say(100.0), ' ') : ($low < 0.0 ? '-' : '').$say(abs($low));
        }
        $end = $say($high);
        $begin = $low === 0.0 ? '0'.strstr($end, ' ') : $say($low);
        $unit = (string) strstr($end, ' ');
        if ((string) strstr($begin, ' ') !== $unit) {
            // In the larger one's unit, by proportion of the figures as they are said.
            $said = NumberParser::parse((string) strstr($end, ' ', true))->toFloat();
            $begin = Figures::say($low / $high * $said, Figures::OF_STRENGTH).$unit;
        }

        return self::span((string) strstr($begin, ' ', true), (string) strstr($end, ' ', true)).$unit;
    }

    /** The size of small things, as a ruler shows it; what is finer than that, in decimals. */
    private static function small(float $mm): string
    {
        $inches = $mm / HomeUnits::MM_PER_INCH;

        return ($mm < 0.8 || $inches >= 1.0 ? Figures::say($inches, Figures::OF_STRENGTH) : HomeUnits::fraction($inches, 16)).' in';
    }

    private static function span(string $low, ?string $high): string
    {
        return $high === null ? $low : ($low === $high ? "about $low" : "$low to $high");
    }

    private static function number(string $digits): float
    {
        return (float) str_replace([',', '−'], ['', '-'], $digits);
    }
}

<?php

declare(strict_types=1);

namespace Nebbia\Core\Judgement\Soil;

use Nebbia\Core\Data\Row;
use Nebbia\Core\Data\Table;
use Nebbia\Core\Mixing\Mix;

/** What the sodium of one round comes to in the soil, counted for a loam: rows of core/data/soil.yaml. */
final readonly class SodiumLoad
{
    /** @var array<string, float> substance => part of it that is sodium */
    private array $sodium;

    private Soil $loam;

    private Row $loads;

    public function __construct(Table $soil)
    {
        $sodium = [];
        foreach ($soil->part('sodium')->toArray() as $id => $part) {
            $sodium[$id] = is_numeric($part) ? (float) $part : 0.0;
        }
        $this->sodium = $sodium;
        $loam = $soil->part('soil');
        $this->loads = $soil->part('load');
        $this->loam = Soil::of($loam->float('depth_m'), $loam->float('density'), $loam->float('exchange'));
    }

    /** g/m² that reach the ground in a round; 0 where the use brings none there */
    public function grams(Mix $mix): float
    {
        $use = $mix->recipe->use->value;
        if (! $this->loads->has($use)) {
            return 0.0;
        }
        $load = $this->loads->row($use);

        return $this->perMl(self::strengths($mix)) * $load->row('ml')->float('likely') * $load->row('reaches')->float('likely');
    }

    /** mg that so many mL of a mix bring to the ground under a plant. */
    public function milligrams(Mix $mix, float $ml): float
    {
        return $this->milligramsOf(self::strengths($mix), $mix->recipe->use->value, $ml);
    }

    /**
     * The same of what was put on before.
     *
     * @param  array<string, float>  $strengths  substance => % w/v
     * @param  string  $use  foliar, dip, weed or drench; 0 of any other
     */
    public function milligramsOf(array $strengths, string $use, float $ml): float
    {
        return $this->loads->has($use)
            ? 1000.0 * $this->perMl($strengths) * $ml * $this->loads->row($use)->row('reaches')->float('likely')
            : 0.0;
    }

    /**
     * g in a mL.
     *
     * @param  array<string, float>  $strengths  substance => % w/v
     */
    private function perMl(array $strengths): float
    {
        $perMl = 0.0;
        foreach ($this->sodium as $id => $part) {
            $perMl += (($strengths[$id] ?? 0.0) / 100.0) * $part;
        }

        return $perMl;
    }

    /** @return array<string, float> */
    private static function strengths(Mix $mix): array
    {
        $strengths = [];
        foreach ($mix->strengths as $strength) {
            $strengths[$strength->substance->id] = $strength->percentWv->likely;
        }

        return $strengths;
    }

    /** Percentage points of exchangeable sodium that so many g/m² come to. */
    public function rise(float $grams): float
    {
        return $this->loam->exchangeableRise($grams);
    }
}

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
        $perMl = 0.0;
        foreach ($this->sodium as $id => $part) {
            $perMl += ($mix->strengthOf($id)->percentWv->likely ?? 0.0) / 100.0 * $part;
        }
        $load = $this->loads->row($use);

        return $perMl * $load->row('ml')->float('likely') * $load->row('reaches')->float('likely');
    }

    /** Percentage points of exchangeable sodium that so many g/m² come to. */
    public function rise(float $grams): float
    {
        return $this->loam->exchangeableRise($grams);
    }
}

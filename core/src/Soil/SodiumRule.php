<?php

declare(strict_types=1);

namespace Nebbia\Core\Soil;

use Nebbia\Core\Judgement\Finding;
use Nebbia\Core\Judgement\Rule;
use Nebbia\Core\Judgement\Severity;
use Nebbia\Core\Judgement\Situation;
use Nebbia\Core\Knowledge\Knowledge;

/** What the sodium of all rounds of a recipe comes to in the soil, counted for a loam. */
final readonly class SodiumRule implements Rule
{
    /** @var array<string, float> substance => part of it that is sodium */
    private array $sodium;

    private Soil $soil;

    public function __construct(private Knowledge $knowledge)
    {
        $sodium = [];
        foreach ($knowledge->section('soil', 'sodium')->toArray() as $id => $part) {
            $sodium[$id] = is_numeric($part) ? (float) $part : 0.0;
        }
        $this->sodium = $sodium;
        $loam = $knowledge->section('soil', 'soil');
        $this->soil = Soil::of($loam->float('depth_m'), $loam->float('density'), $loam->float('exchange'));
    }

    public function judge(Situation $situation): iterable
    {
        $loads = $this->knowledge->section('soil', 'load');
        $use = $situation->mix->recipe->use->value;
        $perMl = $this->gramsPerMl($situation);
        if ($perMl <= 0.0 || ! $loads->has($use)) {
            return;
        }
        $load = $loads->row($use);
        $times = $situation->mix->recipe->repeat->times ?? 1;
        $each = $perMl * $load->row('ml')->float('likely') * $load->row('reaches')->float('likely');
        $rise = $this->soil->exchangeableRise($each * $times);
        $points = $this->knowledge->section('soil', 'points');
        $severity = match (true) {
            $rise >= $points->float('stop') => Severity::Stop,
            $rise >= $points->float('caution') => Severity::Caution,
            $rise >= $points->float('notice') => Severity::Notice,
            // Of salt on the ground it is always said where it stays.
            ! $situation->mix->recipe->use->wetsLeaves() && $situation->mix->strengthOf('sodium-chloride') !== null => Severity::Fine,
            default => null,
        };
        if ($severity !== null) {
            yield Finding::of('soil', $severity, 'soil.sodium', [
                'rise' => $rise,
                'grams' => $each * $times,
                'times' => $times,
            ], $points->string('basis'), $points->string('sure'))->from('soil.sodium');
        }
    }

    /** g of sodium in a mL of the mix */
    private function gramsPerMl(Situation $situation): float
    {
        $grams = 0.0;
        foreach ($this->sodium as $id => $part) {
            $grams += ($situation->mix->strengthOf($id)->percentWv->likely ?? 0.0) / 100.0 * $part;
        }

        return $grams;
    }
}

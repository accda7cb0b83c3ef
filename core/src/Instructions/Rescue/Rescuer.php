<?php

declare(strict_types=1);

namespace Nebbia\Core\Instructions\Rescue;

use Nebbia\Core\Data\Finding;
use Nebbia\Core\Data\Severity;
use Nebbia\Core\Measure\Vessel\Vessel;
use Nebbia\Core\Mixing\Mix;

/**
 * Brings a mix that went wrong back to what was planned. With a part f of what is in kept and s times the plan made, line i
 * still needs s · planned_i − f · in_i, and so does the base; nothing may be negative. Then
 *   larger:     f = 1, s = the most that any of them is over its plan;
 *   as planned: s = 1, f = the least that makes room for the one that is over;
 *   fill:       s = what the vessel holds over what was planned, f as large as that allows.
 */
final class Rescuer
{
    /** Below this part kept it is honest to call it thrown away. */
    private const LEAST_KEPT = 0.2;

    /** mL or g, and parts of the whole: below it is rounding. */
    private const NOTHING = 1e-9;

    /**
     * @param  list<Finding>  $findings  of the mix, where it was judged
     * @return list<WayOut> the least wasteful first; none where it is to be thrown away
     */
    public function waysOut(Mix $mix, RescueContent $in, ?Vessel $vessel, array $findings = []): array
    {
        if ($this->mustGo($findings)) {
            return [];
        }
        $over = $this->over($mix, $in);
        $volume = $mix->finalVolume->likely;
        $room = $vessel?->usableMl() ?? INF;
        $ways = [];
        if ($over <= 1 + self::NOTHING) {
            return [$this->way('as-planned', $mix, $in, 1.0, 1.0)];
        }
        if ($over * $volume <= $room * (1 + self::NOTHING)) {
            $ways[] = $this->way('larger', $mix, $in, $over, 1.0);
        } elseif ($room > $volume * 1.02) {
            $ways[] = $this->way('fill', $mix, $in, $room / $volume, $room / $volume / $over);
        }
        $ways[] = $this->way('as-planned', $mix, $in, 1.0, 1 / $over);

        return array_values(array_filter($ways, static fn (WayOut $way): bool => $way->keep >= self::LEAST_KEPT));
    }

    /**
     * Whether no strength makes it right: what must not be mixed, whatever there is of it.
     *
     * @param  list<Finding>  $findings
     */
    public function mustGo(array $findings): bool
    {
        foreach ($findings as $finding) {
            if ($finding->severity === Severity::Stop && in_array($finding->rule, ['compatibility', 'danger'], true)) {
                return true;
            }
        }

        return false;
    }

    /** How many times its plan the most overdone part is in; 1 where nothing is over. */
    private function over(Mix $mix, RescueContent $in): float
    {
        $over = $mix->baseMl > 0.0 ? max(1.0, $in->baseMl / $mix->baseMl) : 1.0;
        foreach ($in->lines as $line => $amount) {
            $over = max($over, $amount / RescueContent::planned($mix, $line));
        }

        return $over;
    }

    private function way(string $kind, Mix $mix, RescueContent $in, float $scale, float $keep): WayOut
    {
        $keep = min(1.0, $keep);
        $add = [];
        foreach (array_keys($mix->lines) as $line) {
            $missing = $scale * RescueContent::planned($mix, $line) - $keep * ($in->lines[$line] ?? 0.0);
            if ($missing > self::NOTHING * $scale * RescueContent::planned($mix, $line)) {
                $add[$line] = $missing;
            }
        }

        return WayOut::of(
            $kind,
            (1 - $keep) * $in->volumeMl($mix),
            $keep,
            max(0.0, $scale * $mix->baseMl - $keep * $in->baseMl),
            $add,
            $scale * $mix->finalVolume->likely,
        );
    }
}

<?php

declare(strict_types=1);

namespace Nebbia\Core\Making\Soap;

use Nebbia\Core\Data\Interval;
use Nebbia\Core\Data\Row;
use Nebbia\Core\Data\Table;

/**
 * How much alkali oils take, and what becomes of both.
 *
 * Alkali for all the oil: sum of g oil × g KOH per g, by moles for other alkalis. A triglyceride gives one glycerol for three alkali, a
 * fatty acid one water for one; soap is what reacted less that. Superfat = 1 − moles of alkali / moles needed, with the corners of purity
 * and oil as its bounds.
 */
final readonly class SoapMaker
{
    private const GLYCEROL = 92.094;

    private const WATER = 18.015;

    /** J/(g·K) of the water alone; what the dissolved alkali adds in mass it takes away in heat capacity, to a few percent. */
    private const HEAT_CAPACITY = 4.18;

    /** Share of the heat that is still there at least when all is dissolved slowly in an open pot: rough practice. */
    private const HEAT_KEPT = 0.6;

    /** g/mL of paste. */
    private const PASTE = 1.0;

    private Row $figures;

    public function __construct(Table $soap)
    {
        $this->figures = $soap->whole()->row('figures');
    }

    public function make(SoapRequest $request): Soap
    {
        $needed = $this->needed($request);
        $perMole = 0.0;
        $asBought = 0.0;
        foreach ($request->alkalis as $alkali) {
            $perMole += $alkali->share * $alkali->molar;
            $asBought += ($alkali->share * $alkali->molar) / $alkali->purity->likely;
        }
        $product = $needed->likely * $asBought * (1.0 - $request->superfat / 100.0);
        $goesIn = $request->alkaliMass ?? $product;
        $have = $this->have($request, $goesIn / $asBought);
        $superfat = Interval::of(
            100.0 * (1.0 - $have->high / $needed->low),
            100.0 * (1.0 - $have->likely / $needed->likely),
            100.0 * (1.0 - $have->low / $needed->high),
        );
        [$soap, $glycerol, $water, $left, $spare] = $this->react($request, $have->likely, $needed->likely, $perMole, 'likely');
        $richest = $this->react($request, $have->high, $needed->low, $perMole, 'low');
        $leanest = $this->react($request, $have->low, $needed->high, $perMole, 'high');
        $range = static fn (float $a, float $middle, float $b): Interval => Interval::of(
            min($a, $middle, $b),
            $middle,
            max($a, $middle, $b),
        );
        $soaps = $range($richest[0], $soap, $leanest[0]);
        $solvent = $this->figures->row('water')->interval()->times($goesIn);

        return new Soap(
            $request,
            array_map(
                static fn (Alkali $alkali): array => [
                    $alkali,
                    $needed->likely * $alkali->share * $alkali->molar,
                    (($goesIn / $asBought) * $alkali->share * $alkali->molar) / $alkali->purity->likely,
                ],
                $request->alkalis,
            ),
            $needed->likely * $perMole,
            $product,
            $goesIn,
            $superfat,
            $this->verdict($superfat),
            $soaps,
            $glycerol,
            $water,
            $range($richest[3], $left, $leanest[3]),
            $range($leanest[4], $spare, $richest[4]),
            $have->likely * $perMole,
            $solvent,
            $this->rise($request, $have, $solvent->likely),
            $soap / ($request->storage / 100.0),
            ($request->oilGrams()->likely + $goesIn + $solvent->likely) / self::PASTE,
        );
    }

    /** mol of alkali for all of the oil */
    private function needed(SoapRequest $request): Interval
    {
        $moles = Interval::zero();
        foreach ($request->oils as [$oil, $grams]) {
            $moles = $moles->plus($grams->times($oil->koh)->times(1.0 / Alkali::KOH));
        }

        return $moles;
    }

    /** mol of alkali that go in, of which so many are meant to */
    private function have(SoapRequest $request, float $moles): Interval
    {
        $low = $high = 0.0;
        foreach ($request->alkalis as $alkali) {
            $low += ($moles * $alkali->share * $alkali->purity->low) / $alkali->purity->likely;
            $high += ($moles * $alkali->share * $alkali->purity->high) / $alkali->purity->likely;
        }

        return Interval::of($low, $moles, $high);
    }

    /** @return array{float, float, float, float, float} g of soap, glycerol, water, oil left, pure alkali left */
    private function react(SoapRequest $request, float $have, float $needed, float $perMole, string $end): array
    {
        $share = min(1.0, $have / $needed);
        $soap = $glycerol = $water = $left = 0.0;
        foreach ($request->oils as [$oil, $amount]) {
            $grams = $end === 'low' ? $amount->low : ($end === 'high' ? $amount->high : $amount->likely);
            $koh = $end === 'low' ? $oil->koh->low : ($end === 'high' ? $oil->koh->high : $oil->koh->likely);
            if ($oil->isInert()) {
                $left += $grams;

                continue;
            }
            $moles = ($share * $grams * $koh) / Alkali::KOH;
            $freed = match ($oil->sort) {
                'triglyceride' => ($moles / 3.0) * self::GLYCEROL,
                'acid' => $moles * self::WATER,
                default => 0.0,
            };
            $glycerol += $oil->sort === 'triglyceride' ? $freed : 0.0;
            $water += $oil->sort === 'acid' ? $freed : 0.0;
            $soap += $grams * $share + $moles * $perMole - $freed;
            $left += $grams * (1.0 - $share);
        }

        return [$soap, $glycerol, $water, $left, max(0.0, $have - $needed) * $perMole];
    }

    private function verdict(Interval $superfat): SoapVerdict
    {
        $figure = fn (string $name): float => $this->figures->row($name)->float('likely');

        return match (true) {
            $superfat->likely < -1e-9 => SoapVerdict::Refused,
            $superfat->likely > $figure('separates') + 1e-9 => SoapVerdict::Rich,
            // As is advised: the test that every soap has to pass is enough.
            $superfat->likely >= $figure('plan') - 1e-9 => SoapVerdict::Sound,
            $superfat->low < 0.0, $superfat->likely < $figure('exact') - 1e-9 => SoapVerdict::Possible,
            default => SoapVerdict::Sound,
        };
    }

    private function rise(SoapRequest $request, Interval $moles, float $water): Interval
    {
        $heat = 0.0;
        foreach ($request->alkalis as $alkali) {
            $heat += $alkali->share * $alkali->heat * 1000.0;
        }
        $perMole = $water > 0.0 ? $heat / ($water * self::HEAT_CAPACITY) : 0.0;

        return Interval::of($moles->low * $perMole * self::HEAT_KEPT, $moles->likely * $perMole, $moles->high * $perMole);
    }
}

<?php

declare(strict_types=1);

namespace App\Making\Queries;

use App\Bench\Resources\FindingResource;
use App\Bench\Resources\IntervalResource;
use App\Core\Say;
use App\Making\Resources\MakingStepResource;
use App\Making\Resources\SoapResource;
use App\Models\Garden;
use Nebbia\Core\Data\BadInput;
use Nebbia\Core\Data\Finding;
use Nebbia\Core\Data\Interval;
use Nebbia\Core\Data\Sentence\Catalogue;
use Nebbia\Core\Data\Sentence\Figures;
use Nebbia\Core\Making\Soap\Soap;
use Nebbia\Core\Making\Soap\SoapFindings;
use Nebbia\Core\Making\Soap\SoapSteps;
use Nebbia\Core\Making\Soap\SoapStock;
use Nebbia\Core\Measure\Kitchen\KitchenFraction;
use Nebbia\Core\Measure\PreciseWords;

/** A soap on its bench: the balance of oil against alkali, what to mind, what to do. */
final readonly class WorkOutSoap
{
    public function __construct(private SoapStock $soaps, private SoapFindings $findings, private Catalogue $catalogue) {}

    /**
     * @param  array<string, mixed>  $plan
     *
     * @throws BadInput naming the field under `soap`
     */
    public function __invoke(Garden $garden, array $plan): SoapResource
    {
        $soap = $this->plan($garden, $plan);
        $units = $garden->units;
        $mass = static fn (float $grams): string => PreciseWords::mass($grams, $units);
        $findings = $this->findings->of($soap, $garden->water());
        $worst = $findings[0];
        $steps = SoapSteps::of($soap, $units);

        return new SoapResource(
            $soap->verdict->value,
            $worst->severity->value,
            $this->catalogue->sentence($worst->what),
            array_map(
                static fn (array $one): string => Say::it('soap.of', ['mass' => $mass($one[2]), 'name' => $one[0]->name]),
                $soap->alkalis,
            ),
            $mass($soap->productG),
            $soap->productG,
            $soap->goesInG,
            $this->limit($soap),
            $mass($this->limit($soap)),
            IntervalResource::of($soap->superfat),
            self::left($soap->superfat),
            $soap->request->oilGrams()->likely,
            $mass($soap->request->oilGrams()->likely),
            $mass($soap->solvent->likely),
            $soap->hottest(),
            $this->catalogue->hear(round($soap->hottest()).' °C'),
            $this->catalogue->hear(DescribePreparation::span($soap->soap, ' g')),
            $mass($soap->glycerolG),
            $this->catalogue->hear(DescribePreparation::span($soap->oilLeft, ' g')),
            PreciseWords::volume($soap->storageMl, $units),
            $soap->storageMl,
            $soap->request->storage,
            '1:'.KitchenFraction::figures(max(0.0, $soap->request->storage - 1.0)),
            array_map(fn (Finding $finding): FindingResource => FindingResource::of($finding, $this->catalogue), $findings),
            array_map(
                fn (int $n): MakingStepResource => new MakingStepResource(
                    $n,
                    $steps[$n][0],
                    $steps[$n][1]->kind,
                    $this->catalogue->sentence($steps[$n][1]->what),
                    $steps[$n][1]->how === null ? null : $this->catalogue->sentence($steps[$n][1]->how),
                    array_map($this->catalogue->sentence(...), $steps[$n][1]->cautions),
                    null,
                    $steps[$n][1]->timer?->minutes->likely,
                    null,
                    null,
                ),
                array_keys($steps),
            ),
        );
    }

    /**
     * @param  array<string, mixed>  $plan
     *
     * @throws BadInput
     */
    public function plan(Garden $garden, array $plan): Soap
    {
        try {
            return $this->soaps->plan($plan, $garden->units);
        } catch (BadInput $e) {
            throw $e->under('soap');
        }
    }

    /** g as bought at which no oil is left, at the likely purity */
    private function limit(Soap $soap): float
    {
        $share = 1.0 - $soap->superfat->likely / 100.0;

        return $share > 0.0 ? $soap->goesInG / $share : $soap->goesInG;
    }

    private static function left(Interval $superfat): string
    {
        return $superfat->likely < 0.0
            ? Say::it('soap.too-much', [
                'likely' => Figures::strength(-$superfat->likely),
                'low' => Figures::strength(-$superfat->high),
                'high' => Figures::strength(-$superfat->low),
            ])
            : Say::it('soap.left-over', [
                'likely' => Figures::strength($superfat->likely),
                'low' => Figures::strength($superfat->low),
                'high' => Figures::strength($superfat->high),
            ]);
    }
}

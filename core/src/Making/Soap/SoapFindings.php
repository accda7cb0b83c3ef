<?php

declare(strict_types=1);

namespace Nebbia\Core\Making\Soap;

use Nebbia\Core\Chemistry\Water;
use Nebbia\Core\Data\Finding;
use Nebbia\Core\Data\Row;
use Nebbia\Core\Data\Severity;
use Nebbia\Core\Data\Table;

/** What is to be said of a soap before it is made, the worst first. */
final readonly class SoapFindings
{
    /** °C at which alkali water steams and spits. */
    private const HOT = 80.0;

    /** mg/L of hardness from which water wastes soap that anybody sees. */
    private const HARD = 120.0;

    private Row $figures;

    public function __construct(Table $soap)
    {
        $this->figures = $soap->whole()->row('figures');
    }

    /**
     * @param  Water|null  $water  that it will be thinned with, where it was measured
     * @return list<Finding>
     */
    public function of(Soap $soap, ?Water $water = null): array
    {
        $findings = [
            ...$this->alkali($soap),
            ...$this->heat($soap),
            ...$this->pot($soap),
            ...$this->oils($soap),
            ...$this->purity($soap),
            ...$this->water($water),
        ];
        $findings = array_map(static fn (Finding $one): Finding => $one->from('soap'), $findings);
        usort($findings, static fn (Finding $a, Finding $b): int => $b->severity->rank() <=> $a->severity->rank());

        return $findings;
    }

    /** @return list<Finding> */
    private function alkali(Soap $soap): array
    {
        $plan = $this->figures->row('plan')->float('likely');
        $holds = $this->figures->row('separates')->float('likely');
        $params = [
            'likely' => $soap->superfat->likely,
            'low' => $soap->superfat->low,
            'high' => $soap->superfat->high,
            'much' => -$soap->superfat->likely,
            // As advised, whatever was asked for.
            'product' => ($soap->productG / (1.0 - $soap->request->superfat / 100.0)) * (1.0 - $plan / 100.0),
            'sure' => $soap->superfat->low < 0.0 ? 'no' : 'yes',
            'plan' => $plan,
        ];
        $findings = match ($soap->verdict) {
            SoapVerdict::Refused => [$this->finding(Severity::Stop, 'soap.free-alkali', $params)],
            SoapVerdict::Possible => [$this->finding(Severity::Caution, 'soap.perhaps-alkali', $params)],
            SoapVerdict::Sound => [$this->finding(Severity::Notice, 'soap.test-first', $params)],
            SoapVerdict::Rich => [
                // Of twice what it holds most of it is oil, which burns leaves.
                $this->finding(
                    $soap->superfat->likely > 2.0 * $holds ? Severity::Caution : Severity::Notice,
                    'soap.separates',
                    $params,
                ),
            ],
        };
        if ($soap->sodiumShare() >= 0.5) {
            $findings[] = Finding::of('soap', Severity::Notice, 'soap.sodium', [], 'practice', 'high');
        }

        return $findings;
    }

    /** @return list<Finding> */
    private function heat(Soap $soap): array
    {
        return $soap->hottest() < self::HOT
            ? []
            : [
                Finding::of(
                    'soap',
                    Severity::Caution,
                    $soap->hottest() >= 100.0 ? 'soap.boils' : 'soap.hot',
                    [
                        'hottest' => $soap->hottest(),
                        'low' => $soap->request->waterTemperature + $soap->rise->low,
                        'water' => $soap->solvent->likely,
                    ],
                    'physical constant',
                    'medium',
                ),
            ];
    }

    /** @return list<Finding> */
    private function pot(Soap $soap): array
    {
        if ($soap->request->vesselMl === null) {
            return [];
        }
        $fill = (100.0 * $soap->potMl) / $soap->request->vesselMl;
        $figure = $this->figures->row('fill');
        if ($fill <= $figure->float('likely')) {
            return [];
        }

        return [
            Finding::of(
                'soap',
                $fill > $figure->float('high') ? Severity::Caution : Severity::Notice,
                'soap.pot',
                [
                    'fill' => $fill,
                    'most' => $figure->float('likely'),
                    'share' => (100.0 * $figure->float('likely')) / $fill,
                ],
                $figure->string('basis'),
                $figure->string('sure'),
            ),
        ];
    }

    /** @return list<Finding> */
    private function oils(Soap $soap): array
    {
        $findings = [];
        foreach ($soap->request->oils as [$oil]) {
            $key = $oil->isInert() ? 'soap.inert' : ($oil->sort === 'wax' ? 'soap.wax' : null);
            if ($key !== null) {
                $findings[] = Finding::of('soap', Severity::Caution, $key, ['name' => $oil->name], $oil->basis, $oil->sure);
            }
        }

        return $findings;
    }

    /** @return list<Finding> */
    private function purity(Soap $soap): array
    {
        $findings = [];
        foreach ($soap->request->alkalis as $alkali) {
            if ($alkali->isUsual) {
                $findings[] = Finding::of(
                    'soap',
                    Severity::Notice,
                    'soap.purity-unknown',
                    [
                        'name' => $alkali->name,
                        'likely' => 100 * $alkali->purity->likely,
                        'low' => 100 * $alkali->purity->low,
                        'high' => 100 * $alkali->purity->high,
                    ],
                    'practice',
                    'medium',
                );
            }
        }

        return $findings;
    }

    /** @return list<Finding> */
    private function water(?Water $water): array
    {
        return $water === null || $water->hardness->likely <= self::HARD
            ? []
            : [
                Finding::of(
                    'soap',
                    Severity::Notice,
                    'soap.hard-water',
                    ['hardness' => $water->hardness->likely, 'lost' => (6.41 * $water->hardness->likely) / 1000],
                    'physical constant',
                    'high',
                ),
            ];
    }

    /** @param  array<string, string|int|float>  $params */
    private function finding(Severity $severity, string $key, array $params): Finding
    {
        return Finding::of('soap', $severity, $key, $params, 'established guidance', 'medium');
    }
}

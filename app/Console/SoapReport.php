<?php

declare(strict_types=1);

namespace App\Console;

use App\Core\Say;
use Nebbia\Core\Data\Finding;
use Nebbia\Core\Data\Interval;
use Nebbia\Core\Data\Sentence\Catalogue;
use Nebbia\Core\Making\Soap\Soap;
use Nebbia\Core\Measure\Kitchen\KitchenFraction;

/** Writes a soap down: as JSON, or as a page to read. */
final readonly class SoapReport
{
    public function __construct(private Catalogue $catalogue) {}

    /**
     * @param  list<Finding>  $findings
     * @return array<string, mixed>
     */
    public function toArray(Soap $soap, array $findings): array
    {
        return [
            'alkali_needed_g' => $soap->neededG,
            'alkali_product_g' => $soap->productG,
            'alkali_goes_in_g' => $soap->goesInG,
            'alkalis' => array_map(
                static fn (array $one): array => [
                    'alkali' => $one[0]->id,
                    'needed_g' => $one[1],
                    'goes_in_g' => $one[2],
                    'purity_percent' => $one[0]->purity->times(100.0)->toArray(),
                ],
                $soap->alkalis,
            ),
            'superfat_percent' => $soap->superfat->toArray(),
            'verdict' => $soap->verdict->value,
            'soap_g' => $soap->soap->likely,
            'soap_range_g' => $soap->soap->toArray(),
            'glycerol_g' => $soap->glycerolG,
            'water_freed_g' => $soap->waterG,
            'oil_left_g' => $soap->oilLeft->likely,
            'oil_left_range_g' => $soap->oilLeft->toArray(),
            'alkali_left_g' => $soap->alkaliLeft->likely,
            'alkali_left_range_g' => $soap->alkaliLeft->toArray(),
            'water_g' => $soap->solvent->toArray(),
            'temperature_rise_c' => $soap->rise->toArray(),
            'storage_ml' => $soap->storageMl,
            'storage_percent_wv' => $soap->request->storage,
            'findings' => array_map(fn (Finding $finding): array => $finding->toArray($this->catalogue), $findings),
        ];
    }

    /** @param  list<Finding>  $findings */
    public function json(Soap $soap, array $findings): string
    {
        return json_encode(
            $this->toArray($soap, $findings),
            JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_PRESERVE_ZERO_FRACTION | JSON_PRETTY_PRINT,
        );
    }

    /** @param  list<Finding>  $findings */
    public function text(Soap $soap, array $findings): string
    {
        $n = KitchenFraction::figures(...);
        $text = Say::it('console.findings')."\n";
        foreach ($findings as $finding) {
            $said = $finding->toArray($this->catalogue);
            $text .= sprintf("  [%s] %s\n      %s\n      %s\n", $said['severity'], $said['what'], $said['because'], $said['instead']);
        }
        $text .= "\n".Say::it('console.goes-in')."\n";
        foreach ($soap->request->oils as [$oil, $grams]) {
            $text .= sprintf("  %-28s %8s g\n", $oil->name, $n($grams->likely));
        }
        foreach ($soap->alkalis as [$alkali, , $grams]) {
            $text .= sprintf("  %-28s %8s g of %s %%\n", ucfirst($alkali->name), $n($grams), $this->span($alkali->purity->times(100.0)));
        }
        $text .= sprintf(
            "  %-28s %8s g (%s to %s)\n",
            Say::it('console.cold-water'),
            $n($soap->solvent->likely),
            $n($soap->solvent->low),
            $n($soap->solvent->high),
        );
        $text .=
            "\n".
            Say::it('console.superfat', [
                'likely' => $this->signed($soap->superfat->likely),
                'low' => $this->signed($soap->superfat->low),
                'high' => $this->signed($soap->superfat->high),
                'needed' => $n($soap->neededG),
            ]).
            "\n";
        $text .=
            Say::it('console.soap-gives', [
                'soap' => $n($soap->soap->likely),
                'glycerol' => $n($soap->glycerolG),
                'oil' => $n($soap->oilLeft->likely),
                'alkali' => $n($soap->alkaliLeft->likely),
            ])."\n";

        return $text.
            Say::it('console.stored', [
                'percent' => $n($soap->request->storage),
                'ml' => $n($soap->storageMl),
                'rise' => $n($soap->rise->high),
            ]).
            "\n";
    }

    private function signed(float $percent): string
    {
        return number_format($percent, 2, '.', '');
    }

    private function span(Interval $interval): string
    {
        $n = KitchenFraction::figures(...);

        return $interval->isExact() ? $n($interval->likely) : $n($interval->low).' to '.$n($interval->high);
    }
}

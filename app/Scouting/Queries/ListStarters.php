<?php

declare(strict_types=1);

namespace App\Scouting\Queries;

use App\Bench\Queries\JudgeMix;
use App\Models\Garden;
use App\Models\Planting;
use App\Models\Product;
use App\Scouting\Resources\StarterResource;
use Nebbia\Core\Data\Finding;
use Nebbia\Core\Data\Sentence\Catalogue;
use Nebbia\Core\Data\Severity;
use Nebbia\Core\Pest\Remedy;
use Nebbia\Core\Pest\Starter;
use Nebbia\Core\Pest\Starters;

/** Recipes to begin with: those that a plant bears, what is in the cupboard first, and of those what needs no caution. */
final readonly class ListStarters
{
    public function __construct(private Starters $starters, private JudgeMix $judge, private Catalogue $catalogue) {}

    /** @return list<StarterResource> of one family, for a planting */
    public function of(Remedy $remedy, Garden $garden, Planting $planting): array
    {
        return $this->ordered($this->starters->of($remedy), $garden, $planting);
    }

    /** @return list<StarterResource> all of them */
    public function all(Garden $garden): array
    {
        return $this->ordered($this->starters->all, $garden, null);
    }

    /**
     * @param  list<Starter>  $starters
     * @return list<StarterResource>
     */
    private function ordered(array $starters, Garden $garden, ?Planting $planting): array
    {
        $there = array_values($garden->products->map(static fn (Product $one): string => $one->ingredient)->all());
        $said = [];
        foreach ($starters as $n => $starter) {
            $body = $starter->body($garden->units);
            $findings = [];
            if ($planting !== null) {
                $judged = $this->judge->each($garden, $body, [$planting], null, null, null)[0];
                // What this plant does not bear is not offered for it.
                if ($judged->lastingStops() !== []) {
                    continue;
                }
                $findings = array_filter($judged->findings, static fn (Finding $one): bool => $one->severity === Severity::Caution);
            }
            $has = array_diff($starter->needs(), $there) === [];
            $mind = $findings === [] ? null : $this->catalogue->sentence(array_values($findings)[0]->what);
            $said[] = [
                [$has ? 0 : 1, $mind === null ? 0 : 1, $n],
                new StarterResource(
                    $starter->id,
                    $starter->name,
                    $starter->use->value,
                    $has,
                    $mind,
                    $body,
                ),
            ];
        }
        usort($said, static fn (array $a, array $b): int => $a[0] <=> $b[0]);

        return array_column($said, 1);
    }
}

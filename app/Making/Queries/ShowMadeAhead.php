<?php

declare(strict_types=1);

namespace App\Making\Queries;

use App\Making\Resources\KindResource;
use App\Making\Resources\PreparationResource;
use App\Making\Resources\ShelfResource;
use App\Models\Garden;
use App\Models\Preparation;
use App\Pantry\Household;
use Nebbia\Core\Shelf\Kind;
use Nebbia\Core\Shelf\Kinds;

/** All that was made ahead, what can be, and what planned rounds want started. */
final readonly class ShowMadeAhead
{
    public function __construct(
        private Kinds $kinds,
        private Household $household,
        private DescribePreparation $describe,
        private PlanMakings $plan,
    ) {}

    public function __invoke(Garden $garden): ShelfResource
    {
        return new ShelfResource(
            array_map(
                fn (Preparation $row): PreparationResource => ($this->describe)($garden, $row),
                $this->household->shelf($garden)->standing(),
            ),
            array_map(fn (Kind $kind): KindResource => $this->describe->kind($kind), array_values($this->kinds->all)),
            ($this->plan)($garden),
            $this->plan->fromShelf($garden),
        );
    }
}

<?php

declare(strict_types=1);

namespace App\Garden\Writes;

use App\Core\Say;
use App\Models\Garden;
use App\Models\Planting;
use Illuminate\Support\Str;
use Nebbia\Core\Plant\Meeting;
use Nebbia\Core\Plant\Plants;

/** Whoever has only a sick leaf in the hand need not write down a garden first: a plant by whatever name, told better later. */
final readonly class AddNameless
{
    public function __construct(private Plants $plants) {}

    /** @param  string|null  $name  as it was typed; nothing is known of one without */
    public function __invoke(Garden $garden, ?string $name): Planting
    {
        $called = trim((string) $name);
        $meeting = Meeting::of($this->plants, $called);
        $plant = match ($meeting->how) {
            'slip' => $this->plants->named($meeting->which[0]),
            'several' => $this->plants->met($called, Plants::UNKNOWN),
            default => $meeting->plant ?? $this->plants->named(Plants::UNKNOWN),
        };

        return $garden->plantings()->create([
            'zone_id' => $garden->zones()->firstOrFail()->id,
            'plant' => $plant->id,
            'kind_name' => $plant->isGeneric && $plant->name !== $this->plants->named($plant->id)->name ? $plant->name : null,
            'name' => $called === '' ? Say::it('garden.a-plant') : Str::ucfirst($meeting->how === 'slip' ? $plant->name : $called),
            'number' => 1,
            'stage' => 'growing',
            'indoors' => $garden->indoors,
        ]);
    }
}

<?php

declare(strict_types=1);

namespace App\Making;

use App\Models\Garden;
use App\Models\Preparation;
use Carbon\CarbonImmutable;
use DateTimeImmutable;
use Nebbia\Core\Data\BadInput;
use Nebbia\Core\Making\Maker;
use Nebbia\Core\Making\MakingReader;
use Nebbia\Core\Making\Preparation as Made;
use Nebbia\Core\Making\Soap\Soap;
use Nebbia\Core\Making\Soap\SoapStock;
use Nebbia\Core\Making\Soap\SoapTest;
use Nebbia\Core\Making\Soap\SoapVerdict;
use Nebbia\Core\Making\Timeline;
use Nebbia\Core\Measure\UnitSystem;
use Nebbia\Core\Shelf\Kind;
use Nebbia\Core\Shelf\Kinds;
use Nebbia\Core\Shelf\OnShelf;
use Nebbia\Core\Shelf\Shelf;
use Nebbia\Core\Shelf\State;
use Nebbia\Core\Substance\Ingredients;

/**
 * What a garden has made ahead, as core takes it: looked up only where something is taken from it, and worked out once. What was thrown
 * away is still found, as used up, because recipes may name it.
 */
final class GardenShelf implements Shelf
{
    /** @var array<string, Preparation>|null */
    private ?array $rows = null;

    /** @var array<string, OnShelf|null> */
    private array $worked = [];

    public function __construct(
        private readonly Garden $garden,
        private readonly Kinds $kinds,
        private readonly Ingredients $ingredients,
        private readonly MakingReader $reader,
        private readonly Maker $maker,
        private readonly SoapStock $soaps,
    ) {}

    public function find(string $id): ?OnShelf
    {
        if (! array_key_exists($id, $this->worked)) {
            // A preparation that names itself would go on for ever.
            $this->worked[$id] = null;
            $row = $this->rows()[$id] ?? null;
            $this->worked[$id] = $row === null ? null : $this->onShelf($row);
        }

        return $this->worked[$id];
    }

    /** @return list<OnShelf> all that stand there, the oldest first */
    public function all(): array
    {
        $all = [];
        foreach ($this->standing() as $row) {
            $found = $this->find($row->id);
            if ($found !== null) {
                $all[] = $found;
            }
        }

        return $all;
    }

    /** @return list<Preparation> all that stand there, the oldest first */
    public function standing(): array
    {
        return array_values(array_filter($this->rows(), static fn (Preparation $row): bool => $row->deleted_at === null));
    }

    public function timeline(Preparation $row): Timeline
    {
        return Timeline::of(
            $this->kind($row),
            $row->started_at->setTimezone($this->garden->time_zone),
            $row->stayed(),
            $this->garden->localNow(),
            $row->stirred_at,
            $row->test === null ? null : SoapTest::of($row->test['clear'], $row->test['ph'])->hasPassed(),
            $row->strained_at === null ? null : $row->left_ml,
        );
    }

    /** Its kind, standing as long as its recipe has it stand. */
    private function kind(Preparation $row): Kind
    {
        $kind = $this->kinds->get($row->kind);
        $hours = $row->body['stands_hours'] ?? null;

        return is_numeric($hours) && $hours > 0 ? $kind->standing((float) $hours) : $kind;
    }

    /** @throws BadInput if what was written cannot be worked out any more */
    public function made(Preparation $row): Made
    {
        return $this->maker->make($this->reader->with($this)->read(['ph' => $row->ph, 'name' => $row->name] + $row->body));
    }

    /** @throws BadInput */
    public function soap(Preparation $row): Soap
    {
        $plan = $row->body['soap'] ?? [];

        return $this->soaps->plan(
            is_array($plan) ? $plan : [],
            UnitSystem::tryFrom(is_string($row->body['units'] ?? null) ? $row->body['units'] : '') ?? $this->garden->units,
        );
    }

    private function onShelf(Preparation $row): ?OnShelf
    {
        $kind = $this->kind($row);
        $timeline = $this->timeline($row);
        $state = $row->deleted_at === null ? $timeline->state : State::Empty;
        $local = fn (?DateTimeImmutable $time): ?CarbonImmutable => $time === null
            ? null
            : CarbonImmutable::instance($time)->setTimezone($this->garden->time_zone);
        $left = $row->left_ml;
        try {
            if ($kind->isSoap()) {
                $soap = $this->soap($row);
                $contents = $this->soaps->contents($soap, $soap->storageMl, $state === State::Ready || $state === State::UseSoon);
                $state = $soap->verdict === SoapVerdict::Refused && $row->deleted_at === null ? State::Refused : $state;
            } else {
                $made = $this->made($row);
                $contents = $made->contents;
                $left ??= $row->strained_at === null ? $made->yield?->low : null;
            }
        } catch (BadInput) {
            return null;
        }

        return OnShelf::of(
            $row->id,
            $row->name,
            $kind,
            $this->ingredients->named($kind->makes),
            $contents,
            $state,
            $local($timeline->readyAt ?? $timeline->strainAt),
            $local($timeline->useBy),
            $left,
            $row->ph,
        );
    }

    /** @return array<string, Preparation> */
    private function rows(): array
    {
        if ($this->rows === null) {
            $this->rows = [];
            foreach ($this->garden->preparations()->withTrashed()->get() as $row) {
                $this->rows[$row->id] = $row;
            }
        }

        return $this->rows;
    }
}

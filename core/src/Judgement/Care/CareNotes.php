<?php

declare(strict_types=1);

namespace Nebbia\Core\Judgement\Care;

use Nebbia\Core\Data\Row;
use Nebbia\Core\Data\Table;
use Nebbia\Core\Mixing\Hazard\Hazards;
use Nebbia\Core\Mixing\Mix;

/** What to mind with a mix, rows of core/data/care.yaml. */
final readonly class CareNotes
{
    private const BEES = 'bees';

    /** @var list<Row> */
    private array $rows;

    public function __construct(Table $care, private Hazards $hazards)
    {
        $this->rows = array_values($care->rows());
    }

    /**
     * @param  string|null  $moment  only those of this moment
     * @param  bool  $isHazardous  a bottle that goes in is, whatever the finished mix
     * @param  bool  $isShort  without what holds for every mix
     * @param  bool  $isIndoors  where no bee flies and no ladybird hunts
     * @return list<CareNote>
     */
    public function of(Mix $mix, ?string $moment = null, bool $isHazardous = false, bool $isShort = false, bool $isIndoors = false): array
    {
        $notes = [];
        foreach ($this->rows as $row) {
            if (
                ! $row->bool('only_as_finding') &&
                ! ($isShort && $row->bool('always')) &&
                ! ($isIndoors && $row->string('who') === self::BEES) &&
                ($moment === null || $row->string('moment') === $moment) &&
                $this->holds($row, $mix, $isHazardous) !== null
            ) {
                $notes[] = CareNote::fromRow($row);
            }
        }

        return $notes;
    }

    /**
     * What belongs on the bottle.
     *
     * @return list<CareNote>
     */
    public function forLabel(Mix $mix): array
    {
        $notes = [];
        foreach ($this->rows as $row) {
            if ($row->bool('on_label') && $this->holds($row, $mix) !== null) {
                $notes[] = CareNote::fromRow($row);
            }
        }

        return $notes;
    }

    /** The name of what it speaks of, or null where it does not hold for this mix. */
    public function holds(Row $row, Mix $mix, bool $isHazardous = false): ?string
    {
        $uses = $row->strings('uses');
        if ($uses !== [] && ! in_array($mix->recipe->use->value, $uses, true)) {
            return null;
        }
        if ($row->bool('always')) {
            return '';
        }
        if ($row->bool('hazard')) {
            return $isHazardous || $this->hazards->ofMix($mix) !== [] ? '' : null;
        }
        foreach ($row->strings('substances') as $id) {
            $strength = $mix->strengthOf($id);
            $amount = $strength?->in($row->string('unit', '% w/v'))->likely ?? 0.0;
            if ($strength !== null && $amount > 0.0 && (! $row->has('over') || $amount > $row->float('over'))) {
                return $strength->substance->name;
            }
        }

        return null;
    }
}

<?php

declare(strict_types=1);

namespace App\Chores\Queries;

use App\Models\Chore;
use App\Models\Planting;
use Nebbia\Core\Data\BadInput;
use Nebbia\Core\Planning\Course\PlantCare;
use Nebbia\Core\Reading\Often\OftenReader;

/**
 * On which days plantings are fed and watered over the leaves by the calendar: what a spray must mind. Asked for once for each garden at
 * hand.
 */
final class ChoreDays
{
    /** Times ahead that are looked at. */
    private const AHEAD = 12;

    /** @var array<string, array<string, array{water: list<string>, feed: list<string>}>> garden => planting => days */
    private array $known = [];

    public function __construct(private readonly OftenReader $often) {}

    /** Something was changed: what is known is asked for anew. */
    public function forget(): void
    {
        $this->known = [];
    }

    /** @throws BadInput if the care that is written down cannot be read */
    public function careOf(Planting $planting): ?PlantCare
    {
        $days = ($this->known[$planting->garden_id] ??= $this->find($planting->garden_id))[$planting->id] ?? null;

        return PlantCare::onDays(PlantCare::read($planting->care, 'care'), $days['water'] ?? [], $days['feed'] ?? []);
    }

    /** @return array<string, array{water: list<string>, feed: list<string>}> */
    private function find(string $garden): array
    {
        $days = [];
        $chores = Chore::query()->where('garden_id', $garden)->whereNotNull('planting_id')->whereIn('kind', ['feed', 'water']);
        foreach ($chores->get() as $chore) {
            if ($chore->kind === 'water' && ! $chore->from_above) {
                continue;
            }
            $of = &$days[(string) $chore->planting_id];
            $of ??= ['water' => [], 'feed' => []];
            array_push($of[$chore->kind === 'feed' ? 'feed' : 'water'], ...$this->days($chore));
            unset($of);
        }

        return $days;
    }

    /** @return list<string> the last, and those to come */
    private function days(Chore $chore): array
    {
        $done = $chore->done_on === null ? [] : [$chore->done_on->toDateString()];
        if ($chore->next_on === null) {
            return $done;
        }
        try {
            $often = $this->often->read($chore->often, $chore->until ?? '', $chore->next_on->toDateString());
        } catch (BadInput) {
            return [...$done, $chore->next_on->toDateString()];
        }

        return array_values(array_unique([...$done, ...$often->days($chore->next_on->toDateString(), self::AHEAD)]));
    }
}

<?php

declare(strict_types=1);

namespace App\Find\Queries;

use App\Core\Say;
use App\Find\Resources\ActResource;
use App\Find\Resources\FoundResource;
use App\Models\Garden;
use App\Models\TroubleStatus;
use App\Settings\AtHome;
use Nebbia\Core\Mixing\Recipe\UseOfSpray;
use Nebbia\Core\Pest\Starters;
use Nebbia\Core\Reading\Errand\Errand;
use Nebbia\Core\Reading\Errand\ErrandReader;
use Nebbia\Core\Substance\Ingredients;
use Nebbia\Core\Target\Targets;

/** What a line that was typed would write down here: the recipe, the plants, the hours that it means. */
final readonly class FindErrand
{
    /** By the garden's clocks: rain of yesterday is noted from noon on. */
    private const NOON = 12;

    public function __construct(
        private ErrandReader $reader,
        private Starters $starters,
        private Ingredients $ingredients,
        private Targets $targets,
        private FindPlantings $plantings,
        private AtHome $home,
    ) {}

    public function __invoke(Garden $garden, string $typed): ?FoundResource
    {
        $errand = $this->reader->read($typed, $garden->units, $garden->localNow()->toDateString());

        return match ($errand?->kind) {
            'rain' => $this->rain($garden, $errand),
            'sprayed' => $this->sprayed($garden, $errand),
            'look' => $this->look($garden, $errand),
            'chore' => $this->chore($garden, $errand),
            default => null,
        };
    }

    private function rain(Garden $garden, Errand $errand): FoundResource
    {
        $began = $errand->days > 0
            ? $garden->localNow()->subDays($errand->days)->setTime(self::NOON, 0)
            : $garden->localNow()->subHour()->startOfHour();
        $title = $errand->mm === null
            ? Say::it('find.rain')
            : Say::it('find.rained', [
                'depth' => $this->home->units->rain($errand->mm),
                'day' => $errand->days > 0 ? 'yesterday' : 'today',
            ]);

        return self::action(
            $title,
            $errand->mm === null ? 'today' : '',
            $errand->mm === null ? ['rain' => '1'] : [],
            $errand->mm === null ? null : new ActResource('rain', (string) $errand->mm, $began->format('Y-m-d\TH:i')),
        );
    }

    private function sprayed(Garden $garden, Errand $errand): FoundResource
    {
        $on = $errand->on;
        $what = $errand->what;
        // "Sprayed the zucchini": what stands alone is what it was put on, where such a plant is here.
        if ($on === null && $what !== null && $this->plantings->meant($garden, $what) + $this->troubledBy($garden, $what) !== []) {
            [$on, $what] = [$what, null];
        }
        $plantings = $on === null ? [] : $this->plantings->meant($garden, $on) + $this->troubledBy($garden, $on);
        $recipe = $what === null ? null : $this->recipe($garden, $what, $plantings !== []);

        return self::action(
            Say::it('find.sprayed', [
                'what' => $recipe[1] ?? $what ?? 'none',
                'on' => $plantings !== [] ? implode(', ', $plantings) : ($on ?? 'none'),
            ]),
            '',
            [],
            new ActResource(
                'sprayed',
                recipe_id: $recipe[0] ?? null,
                planting_ids: array_map(strval(...), array_keys($plantings)),
                on: $plantings === [] ? $on : null,
            ),
        );
    }

    private function look(Garden $garden, Errand $errand): FoundResource
    {
        $plantings = $this->plantings->meant($garden, (string) $errand->on);
        $id = array_key_first($plantings);
        if ($id === null) {
            return self::action(Say::it('find.scout', ['on' => (string) $errand->on]), 'scout', []);
        }
        $trouble = $garden->troubles()->where('status', TroubleStatus::Open)->where('planting_id', $id)->value('id');
        $title = Say::it('find.look', ['on' => $plantings[$id]]);

        return is_string($trouble)
            ? self::action($title, 'trouble', ['trouble' => $trouble])
            : self::action($title, 'scout', ['planting' => (string) $id]);
    }

    private function chore(Garden $garden, Errand $errand): FoundResource
    {
        // Of another job it is said within it: "look at the beans".
        $plantings = $errand->on === null
            ? $this->plantings->within($garden, (string) $errand->what)
            : $this->plantings->meant($garden, $errand->on);
        $what = $errand->what ?? Say::it("chore.$errand->job");
        $on = $plantings === [] ? (string) $errand->on : implode(', ', $plantings);
        $day = $errand->inDays === null ? null : $garden->localNow()->addDays($errand->inDays);

        return self::action(
            Say::it('find.chore', [
                'what' => $what,
                'on' => $on === '' ? 'none' : $on,
                'often' => $day === null ? (string) $errand->often : Say::it('find.once', ['day' => $day->format('l j F')]),
            ]),
            '',
            [],
            new ActResource(
                'chore',
                planting_ids: array_map(strval(...), array_keys($plantings)),
                job: $errand->job,
                what: $plantings === [] && $on !== '' ? Say::it('chore.on', ['what' => $what, 'planting' => $on]) : $what,
                often: $errand->often,
                starts_on: $day?->toDateString(),
            ),
        );
    }

    /** @param  array<string, string>  $with */
    public static function action(string $title, string $view, array $with, ?ActResource $act = null): FoundResource
    {
        return new FoundResource('action', Say::it('find.kind.action'), $title, null, $view, $with === [] ? (object) [] : $with, $act);
    }

    /** @return array<string, string> id => name of those that have what was named: "sprayed the aphids" */
    private function troubledBy(Garden $garden, string $on): array
    {
        $target = $this->targets->idOf($on);
        $troubles = $target === null
            ? []
            : $garden->troubles()->where('status', TroubleStatus::Open)->where('target', $target)->with('planting')->get();
        $found = [];
        foreach ($troubles as $trouble) {
            $found[$trouble->planting_id] = $trouble->planting->name;
        }

        return $found;
    }

    /**
     * @param  bool  $isOnPlants  on which nobody puts what is for tools
     * @return array{string, string}|null id and name of the recipe, or of one to begin with, that is meant; water alone is none
     */
    private function recipe(Garden $garden, string $what, bool $isOnPlants): ?array
    {
        if ($this->ingredients->names()->find($what) === 'water') {
            return null;
        }
        $match = NameMatch::of($what);
        $isFit = static fn (string $use): bool => ! $isOnPlants || $use !== UseOfSpray::Disinfect->value;
        $best = null;
        foreach ($garden->recipes()->toBase()->get(['id', 'name', 'searchable', 'use']) as $row) {
            $rank = ! $isFit((string) $row->use) ? null : $match->rank("$row->name $row->searchable");
            if ($rank !== null && ($best === null || $rank < $best[0])) {
                $best = [$rank, (string) $row->id, (string) $row->name];
            }
        }
        if ($best === null) {
            foreach ($this->starters->all as $starter) {
                $rank = ! $isFit($starter->use->value) ? null : $match->rank("$starter->name ".implode(' ', $starter->needs()));
                if ($rank !== null && ($best === null || $rank < $best[0])) {
                    $best = [$rank, $starter->id, $starter->name];
                }
            }
        }

        return $best === null ? null : [$best[1], $best[2]];
    }
}

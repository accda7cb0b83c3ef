<?php

declare(strict_types=1);

namespace App\Find\Queries;

use App\Core\Say;
use App\Find\Resources\FoundResource;
use App\Models\Garden;
use App\Models\TroubleStatus;
use Nebbia\Core\Data\Sentence\Catalogue;
use Nebbia\Core\Judgement\RuleGround;
use Nebbia\Core\Judgement\RuleGrounds;
use Nebbia\Core\Pest\Starter;
use Nebbia\Core\Pest\Starters;
use Nebbia\Core\Target\Targets;

/** Everything that a word may mean here: plants, recipes, bottles, jars, troubles, rules, views, and what can be written down with it. */
final readonly class Find
{
    /** Of each kind. */
    private const MOST = 6;

    private const VIEWS = [
        'today' => [],
        'garden' => [],
        'scout' => [],
        'bench' => [],
        'paste' => ['view' => 'bench', 'with' => ['paste' => '1']],
        'rounds' => [],
        'month' => [],
        'pantry' => [],
        'made' => ['view' => 'pantry', 'with' => ['show' => 'made']],
        'sprayers' => ['view' => 'pantry', 'with' => ['show' => 'sprayers']],
        'measures' => ['view' => 'pantry', 'with' => ['show' => 'measures']],
        'shopping' => ['view' => 'pantry', 'with' => ['show' => 'shopping']],
        'bottle' => [],
        'soap' => [],
        'making' => [],
        'other-uses' => [],
        'notebook' => [],
        'why' => [],
        'compare' => [],
        'settings' => [],
        'first-aid' => ['view' => 'today', 'with' => ['aid' => '1']],
        'sprayed' => ['view' => 'today', 'with' => ['sprayed' => '1']],
        'rain' => ['view' => 'today', 'with' => ['rain' => '1']],
    ];

    public function __construct(
        private Targets $targets,
        private Starters $starters,
        private RuleGrounds $grounds,
        private Catalogue $catalogue,
        private FindErrand $errands,
        private FindTrouble $wrong,
    ) {}

    /** @return list<FoundResource> the likeliest first */
    public function __invoke(Garden $garden, string $typed): array
    {
        $match = NameMatch::of($typed);
        $errand = ($this->errands)($garden, $typed);
        $found = $match->isEmpty() ? $this->views($match) : [
            ...$this->inGarden($garden, $match),
            ...$this->views($match),
            ...$this->starters($garden, $match),
            ...$this->rules($match),
        ];
        if ($errand === null && $found === []) {
            $errand = ($this->wrong)($garden, $typed);
            $within = NameMatch::within($typed);
            // Beside what is wrong only what most of its words name: a white grape has nothing to do with white powder.
            $most = $errand === null ? PHP_INT_MAX : $within->most();
            if (! $within->isEmpty()) {
                $found = $this->named($garden, $within, $most);
                $found = $found !== [] || $errand !== null ? $found : $this->starters($garden, $within);
                $found = $found !== [] ? $found : $this->views($within);
            }
        }

        // What hurts comes before all else, whatever else was understood.
        $first = array_values(array_filter([$this->firstAid($typed), $errand]));
        $isElse = static fn (FoundResource $one): bool => array_filter(
            $first,
            static fn (FoundResource $other): bool => $one->with == $other->with && $one->kind === $other->kind,
        ) === [];

        return [...$first, ...array_values(array_filter(array_column($found, 1), $isElse))];
    }

    /** "I spilled bleach", "soap in my eyes", "the dog ate the bait". */
    private function firstAid(string $typed): ?FoundResource
    {
        $phrases = Phrases::of($typed);
        $says = static fn (string $key): bool => array_intersect($phrases, explode(' ', Say::it($key))) !== [];

        return $says('find.hurt') || ($says('find.who') && $says('find.ate')) ? $this->view('first-aid') : null;
    }

    private function view(string $id): FoundResource
    {
        return self::found('view', Say::it("find.view.$id"), null, self::VIEWS[$id]['view'] ?? $id, self::VIEWS[$id]['with'] ?? []);
    }

    /** @return list<array{int, FoundResource}> */
    private function inGarden(Garden $garden, NameMatch $match): array
    {
        return [
            ...$this->plantings($garden, $match),
            ...$this->troubles($garden, $match),
            ...$this->recipes($garden, $match),
            ...$this->bottles($garden, $match),
            ...$this->jars($garden, $match),
        ];
    }

    /**
     * A sentence that nothing is called by leads to what its words name: "slugs ate my lettuces" to slugs on them, or to them.
     *
     * @return list<array{int, FoundResource}>
     */
    private function named(Garden $garden, NameMatch $match, int $most): array
    {
        $found = $this->inGarden($garden, $match);
        $fewest = min([$most, ...array_map(static fn (array $one): int => $match->missing($one[0]), $found)]);

        return array_values(array_filter($found, static fn (array $one): bool => $match->missing($one[0]) === $fewest));
    }

    /** @return list<array{int, FoundResource}> */
    private function plantings(Garden $garden, NameMatch $match): array
    {
        $rows = $garden
            ->standing()
            ->toBase()
            ->leftJoin('zones', 'zones.id', '=', 'plantings.zone_id')
            ->reorder()
            ->select(['plantings.id', 'plantings.name', 'plantings.variety', 'plantings.kind_name'])
            ->selectSub('zones.name', 'zone')
            ->get();

        return $this->best($rows->all(), $match, static fn (object $row): array => [
            "$row->name $row->variety $row->kind_name",
            fn (): FoundResource => self::found('planting', (string) $row->name, $row->zone, 'garden', ['planting' => (string) $row->id]),
        ]);
    }

    /** @return list<array{int, FoundResource}> */
    private function troubles(Garden $garden, NameMatch $match): array
    {
        $rows = $garden
            ->troubles()
            ->toBase()
            ->join('plantings', 'plantings.id', '=', 'troubles.planting_id')
            ->reorder('troubles.noticed_on', 'desc')
            ->limit(200)
            ->get(['troubles.id', 'troubles.target', 'troubles.status', 'plantings.name']);

        return $this->best($rows->all(), $match, function (object $row): array {
            $name = is_string($row->target) && $this->targets->idOf($row->target) !== null
                ? $this->targets->named($row->target)->name
                : Say::it('trouble.not-known-yet');

            return [
                "$name $row->name",
                fn (): FoundResource => self::found(
                    'trouble',
                    Say::it('find.trouble', ['name' => $name, 'planting' => (string) $row->name]),
                    $row->status === TroubleStatus::Open->value ? null : Say::it('find.closed'),
                    'trouble',
                    ['trouble' => (string) $row->id],
                ),
            ];
        });
    }

    /** @return list<array{int, FoundResource}> */
    private function recipes(Garden $garden, NameMatch $match): array
    {
        return $this->best(
            $garden->recipes()->toBase()->reorder()->get(['id', 'name', 'searchable'])->all(),
            $match,
            static fn (object $row): array => [
                // All that is written in it has words of every sentence.
                $match->isSentence ? (string) $row->name : "$row->name $row->searchable",
                fn (): FoundResource => self::found('recipe', (string) $row->name, null, 'bench', ['recipe' => (string) $row->id]),
            ],
        );
    }

    /** @return list<array{int, FoundResource}> */
    private function bottles(Garden $garden, NameMatch $match): array
    {
        return $this->best(
            $garden->products()->toBase()->reorder()->get(['id', 'name', 'ingredient'])->all(),
            $match,
            static fn (object $row): array => [
                "$row->name $row->ingredient",
                fn (): FoundResource => self::found('bottle', (string) $row->name, null, 'pantry', ['product' => (string) $row->id]),
            ],
        );
    }

    /** @return list<array{int, FoundResource}> */
    private function jars(Garden $garden, NameMatch $match): array
    {
        return $this->best(
            $garden->preparations()->toBase()->reorder()->get(['id', 'name', 'kind'])->all(),
            $match,
            static fn (object $row): array => [
                "$row->name $row->kind",
                fn (): FoundResource => self::found('jar', (string) $row->name, null, 'making', ['preparation' => (string) $row->id]),
            ],
        );
    }

    /** @return list<array{int, FoundResource}> */
    private function starters(Garden $garden, NameMatch $match): array
    {
        $kept = $garden->recipes()->toBase()->pluck('name')->all();
        $some = array_filter($this->starters->all, static fn (Starter $one): bool => ! in_array($one->name, $kept, true));

        return $this->best(array_values($some), $match, static fn (Starter $one): array => [
            "$one->name ".implode(' ', $one->needs()),
            fn (): FoundResource => self::found('starter', $one->name, Say::it('find.to-begin-with'), 'bench', ['starter' => $one->id]),
        ]);
    }

    /** @return list<array{int, FoundResource}> */
    private function rules(NameMatch $match): array
    {
        return $this->best($this->grounds->all(), $match, function (RuleGround $ground): array {
            $title = $this->catalogue->sentence($ground->title);

            return [$title, fn (): FoundResource => self::found('rule', $title, null, 'why', ['rule' => $ground->id])];
        });
    }

    /** @return list<array{int, FoundResource}> */
    private function views(NameMatch $match): array
    {
        return $this->best(
            array_keys(self::VIEWS),
            $match,
            fn (string $id): array => [
                Say::it("find.view.$id").' '.Say::it("find.also.$id"),
                fn (): FoundResource => $this->view($id),
            ],
            $match->isEmpty() ? 12 : self::MOST,
        );
    }

    /** @param  array<string, string>  $with */
    public static function found(string $kind, string $title, ?string $under, string $view, array $with): FoundResource
    {
        return new FoundResource($kind, Say::it("find.kind.$kind"), $title, $under, $view, $with === [] ? (object) [] : $with);
    }

    /**
     * @template T
     *
     * @param  list<T>|array<array-key, T>  $some
     * @param  callable(T): array{string, callable(): FoundResource}  $as  what it is found by, and how it is shown
     * @return list<array{int, FoundResource}> how well each is meant, the best first
     */
    private function best(array $some, NameMatch $match, callable $as, int $most = self::MOST): array
    {
        $ranked = [];
        foreach ($some as $one) {
            [$text, $show] = $as($one);
            $rank = $match->rank($text);
            if ($rank !== null) {
                $ranked[] = [$rank, $show];
            }
        }
        usort($ranked, static fn (array $a, array $b): int => $a[0] <=> $b[0]);

        return array_map(static fn (array $one): array => [$one[0], $one[1]()], array_slice($ranked, 0, $most));
    }
}

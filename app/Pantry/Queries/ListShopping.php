<?php

declare(strict_types=1);

namespace App\Pantry\Queries;

use App\Bench\Queries\DescribeCupboard;
use App\Core\Say;
use App\Files\Csv;
use App\Files\SheetLocale;
use App\Making\Queries\PlanMakings;
use App\Models\Course;
use App\Models\Garden;
use App\Models\Recipe;
use App\Models\Round;
use App\Models\RoundStatus;
use App\Pantry\Household;
use App\Pantry\Resources\PlanCostResource;
use App\Pantry\Resources\ShoppingResource;
use App\Pantry\Resources\WantResource;
use Nebbia\Core\Data\BadInput;
use Nebbia\Core\Measure\PreciseWords;
use Nebbia\Core\Mixing\Mixer;
use Nebbia\Core\Mixing\Pantry\Draw;
use Nebbia\Core\Mixing\Pantry\Shopping;
use Nebbia\Core\Mixing\Pantry\Want;
use Nebbia\Core\Shelf\Kinds;
use Nebbia\Core\Substance\Ingredients;

/** What all planned rounds need beyond what is in the cupboard. */
final readonly class ListShopping
{
    public function __construct(
        private Kinds $kinds,
        private Ingredients $ingredients,
        private Mixer $mixer,
        private PlanMakings $makings,
        private Household $household,
        private DescribeCupboard $describe,
    ) {}

    public function __invoke(Garden $garden): ShoppingResource
    {
        $open = static fn ($rounds) => $rounds->where('status', RoundStatus::Planned);
        $courses = $garden
            ->courses()
            ->whereHas('rounds', $open)
            ->with(['recipe', 'other', 'rounds' => $open])
            ->get();
        $cupboard = $this->household->cupboard($garden);
        $mixer = $this->mixer->with($this->household->own($garden));
        $plans = $planCosts = [];
        $rounds = 0;
        foreach ($this->remedies($courses) as [$course, $recipe, $open]) {
            try {
                $mix = $mixer->mix($this->household->reader($garden)->read($recipe->body), $course->volume_ml, $garden->units);
            } catch (BadInput) {
                // A recipe that cannot be worked out any more needs nothing that could be said.
                continue;
            }
            // What is made ahead is not bought: its raw materials are, below.
            $draws = array_values(
                array_filter(
                    $cupboard->draws($mix, $recipe->id === $course->recipe_id ? $course->products ?? [] : []),
                    fn (Draw $draw): bool => $draw->product !== null || $this->kinds->making($draw->ingredient) === [],
                ),
            );
            $plans[] = [$draws, $open];
            $planCosts[] = new PlanCostResource(
                $recipe->name,
                $open,
                $this->describe->cost($draws, 1, $garden),
                $this->describe->cost($draws, $open, $garden),
            );
            $rounds += $open;
        }
        foreach ($this->makings->batches($garden) as $batch) {
            $raw = $batch->raw + ($batch->liquidMl > 0.0 ? [$batch->kind->liquid => $batch->liquidMl] : []);
            $plans[] = [
                array_map(
                    fn (string $id, float $amount): Draw => $cupboard->take($this->ingredients->named($id), $amount),
                    array_keys($raw),
                    $raw,
                ),
                1,
            ];
        }
        $wants = Shopping::list($plans, $cupboard);
        $costs = array_filter(
            array_map(static fn (Want $want): ?float => $want->cost, $wants),
            static fn (?float $cost): bool => $cost !== null,
        );

        return new ShoppingResource(
            $rounds,
            $planCosts,
            array_map(fn (Want $want): WantResource => $this->want($want, $garden), $wants),
            $costs === [] ? null : DescribeCupboard::money(array_sum($costs), $garden),
        );
    }

    public function csv(Garden $garden): string
    {
        $rows = array_map(
            static fn (WantResource $want): array => array_map(strval(...), [
                $want->name,
                $want->ingredient,
                $want->needed,
                $want->have,
                $want->missing,
                $want->buy,
                $want->cost,
            ]),
            $this($garden)->wants,
        );

        return Csv::sheet([['name', 'ingredient', 'needed', 'have', 'missing', 'buy', 'cost'], ...$rows], SheetLocale::of($garden));
    }

    private function want(Want $want, Garden $garden): WantResource
    {
        $words = static fn (float $amount): string => $want->isPoured
            ? PreciseWords::volume($amount, $garden->units)
            : PreciseWords::mass($amount, $garden->units);

        return new WantResource(
            $want->ingredient,
            $want->name,
            $words($want->needed),
            match (true) {
                $want->isLeftUnknown => Say::it('shopping.not-written-down'),
                $want->have > 0.0 => $words($want->have),
                default => 'none',
            },
            $want->missing > 0.0 ? $words($want->missing) : null,
            $want->missing <= 0.0
                ? null
                : ($want->bottles === null
                    ? $words($want->missing)
                    : $want->bottles.' × '.$words($want->product->size ?? 0.0)),
            $want->cost === null ? null : DescribeCupboard::money($want->cost, $garden),
        );
    }

    /**
     * @param  iterable<Course>  $courses
     * @return list<array{Course, Recipe, int}> each remedy of each course, and for how many rounds
     */
    private function remedies(iterable $courses): array
    {
        $remedies = [];
        foreach ($courses as $course) {
            foreach ($course->rounds->groupBy(static fn (Round $round): string => $course->remedy($round->number)->id) as $rounds) {
                $remedies[] = [$course, $course->remedy($rounds->firstOrFail()->number), $rounds->count()];
            }
        }

        return $remedies;
    }
}

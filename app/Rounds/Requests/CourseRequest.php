<?php

declare(strict_types=1);

namespace App\Rounds\Requests;

use App\Bench\Queries\JudgeMix;
use App\Core\Say;
use App\Http\Requests\TypedRequest;
use App\Models\Course;
use App\Models\Garden;
use App\Rounds\CourseDraft;
use App\Rounds\Queries\RefusePlan;
use App\Rounds\Writes\PlanCourse;
use Carbon\CarbonImmutable;
use Closure;
use Illuminate\Validation\Rule;
use Illuminate\Validation\ValidationException;
use Nebbia\Core\Data\BadInput;
use Nebbia\Core\Mixing\Recipe\Repeat;
use Nebbia\Core\Planning\Course\Purpose;
use Nebbia\Core\Reading\Often\Often;
use Nebbia\Core\Target\Targets;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'NewCourse')]
final class CourseRequest extends TypedRequest
{
    protected const PARTS = ['products' => 'ChosenProduct', 'rounds' => 'ChosenRound'];

    /** What the OpenAPI document says of a field, where its name does not. */
    protected const ABOUT = [
        'rounds.*.hour' => 'By the clocks of the garden; null where any will do.',
        'trouble_id' => 'The trouble it is against.',
        'volume' => 'As typed; the sprayer\'s usable volume if left out.',
        'products' => 'Bottles taken for lines of the recipe.',
        'rounds' => 'Where they are not evenly spaced.',
        'until' => 'What ends it before its rounds are done: gone, or frost.',
        'all_the_same' => 'What does not go together has been said, and it is to be planned.',
        'other_recipe_id' => 'A remedy that takes turns with the first.',
    ];

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'recipe_id' => ['required', 'string'],
            'sprayer_id' => ['nullable', 'string'],
            'planting_ids' => ['present', 'array', 'max:200'],
            'planting_ids.*' => ['string', 'distinct'],
            'target' => ['nullable', 'string', 'max:80'],
            'trouble_id' => ['nullable', 'string'],
            'volume' => ['nullable', 'string', 'max:80'],
            'products' => ['nullable', 'array', 'max:40'],
            'products.*.line' => ['required', 'integer', 'between:0,40'],
            'products.*.product_id' => ['required', 'string'],
            'every_days' => ['required', 'numeric', 'between:1,'.Repeat::MAX_DAYS],
            'times' => ['required', 'integer', 'between:1,'.Repeat::MAX_TIMES],
            'starts_on' => ['required', 'date_format:Y-m-d'],
            'rounds' => ['nullable', 'array', 'max:'.Repeat::MAX_TIMES],
            'rounds.*.day' => ['required', 'date_format:Y-m-d', 'distinct'],
            'rounds.*.hour' => ['nullable', 'integer', 'between:0,23'],
            'purpose' => ['nullable', Rule::enum(Purpose::class)],
            'until' => ['nullable', Rule::in([Often::GONE, Often::FROST])],
            'all_the_same' => ['nullable', 'boolean'],
            'other_recipe_id' => ['nullable', 'string', 'different:recipe_id'],
        ];
    }

    /**
     * Everything checked and found, ready to be done in one transaction.
     *
     * @return Closure(): Course
     *
     * @throws BadInput
     * @throws ValidationException where it is not to be planned
     */
    public function plan(Garden $garden, PlanCourse $plan, RefusePlan $refuse): Closure
    {
        $recipe = $garden->recipes()->findOrFail($this->string('recipe_id')->toString());
        $sprayer = $this->filled('sprayer_id') ? $garden->sprayers()->findOrFail($this->string('sprayer_id')->toString()) : null;
        $plantings = $garden->standing()->whereKey($this->array('planting_ids'))->get();
        if ($plantings->count() !== count($this->array('planting_ids'))) {
            throw ValidationException::withMessages(['planting_ids' => Say::it('refused.one-plantings-not')]);
        }
        if ($plantings->isEmpty() && $recipe->use !== 'weed' && $recipe->use !== 'disinfect') {
            throw ValidationException::withMessages(['planting_ids' => Say::it('refused.no-planting-chosen')]);
        }
        $target = $this->filled('target') ? $this->target() : null;
        $trouble = $this->filled('trouble_id') ? $garden->troubles()->findOrFail($this->string('trouble_id')->toString()) : null;
        $volume = $this->filled('volume') ? $this->string('volume')->toString() : null;
        $mix = app(JudgeMix::class)->judgedMix($garden, $recipe->body, $sprayer, $plantings->first(), $volume)->mix;
        $repeat = Repeat::every($this->float('every_days'), $this->integer('times'));
        $startsOn =
            CarbonImmutable::createFromFormat('!Y-m-d', $this->string('starts_on')->toString(), $garden->time_zone) ??
            throw ValidationException::withMessages(['starts_on' => Say::it('refused.not-day-write')]);

        $products = $this->products($garden);

        $rounds = $this->rounds();
        if ($rounds !== []) {
            $repeat = Repeat::every($repeat->everyDays, count($rounds));
            $startsOn = CarbonImmutable::parse($rounds[0][0], $garden->time_zone);
        }
        $other = $this->filled('other_recipe_id') ? $garden->recipes()->findOrFail($this->string('other_recipe_id')->toString()) : null;
        $recipes = $other === null ? [$recipe] : [$recipe, $other];
        $purpose = $this->enum('purpose', Purpose::class) ?? Purpose::Outbreak;
        $useless = $refuse($garden, $recipes, $plantings, $target, $mix->finalVolume->likely, $sprayer, $startsOn, $purpose);
        // Days that somebody named are set by hand; a suggestion has hours.
        $isByHand = array_filter($rounds, static fn (array $one): bool => $one[1] !== null) === [];
        if ($isByHand && ! $this->boolean('all_the_same')) {
            $refuse->byHand($garden, $recipes, $plantings, $target, $mix->finalVolume->likely, $repeat, $startsOn, $useless);
        }
        $draft = new CourseDraft(
            $recipe,
            $sprayer,
            $plantings,
            $target,
            $mix->finalVolume->likely,
            $repeat,
            $startsOn,
            $trouble,
            $products,
            $rounds,
            $purpose,
            $other,
            $this->filled('until') ? $this->string('until')->toString() : null,
        );

        return static fn (): Course => $plan($garden, $draft);
    }

    /** @return list<array{string, int|null}> day and hour, soonest first */
    private function rounds(): array
    {
        $rounds = [];
        foreach ($this->array('rounds') as $one) {
            if (is_array($one) && is_string($one['day'] ?? null)) {
                $rounds[] = [$one['day'], is_int($one['hour'] ?? null) ? $one['hour'] : null];
            }
        }
        sort($rounds);

        return $rounds;
    }

    /** @return array<int, string> line => product; one that is not there any more is left out */
    private function products(Garden $garden): array
    {
        $chosen = [];
        foreach ($this->array('products') as $one) {
            if (is_array($one) && is_int($one['line'] ?? null) && is_string($one['product_id'] ?? null)) {
                $chosen[$one['line']] = $one['product_id'];
            }
        }
        $there = $garden->products()->whereKey(array_values($chosen))->pluck('id')->all();

        return array_filter($chosen, static fn (string $id): bool => in_array($id, $there, true));
    }

    private function target(): string
    {
        try {
            return app(Targets::class)->named($this->string('target')->toString())->id;
        } catch (BadInput $e) {
            throw $e->at('target');
        }
    }
}

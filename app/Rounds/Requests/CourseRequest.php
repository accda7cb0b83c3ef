<?php

declare(strict_types=1);

namespace App\Rounds\Requests;

use App\Bench\Queries\WorkOutBench;
use App\Http\Requests\TypedRequest;
use App\Models\Course;
use App\Models\Garden;
use App\Rounds\CourseDraft;
use App\Rounds\Writes\PlanCourse;
use Carbon\CarbonImmutable;
use Closure;
use Illuminate\Validation\Rule;
use Illuminate\Validation\ValidationException;
use Nebbia\Core\Data\BadInput;
use Nebbia\Core\Mixing\Recipe\Repeat;
use Nebbia\Core\Planning\Course\Purpose;
use Nebbia\Core\Target\Targets;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'ChosenProduct', required: ['line', 'product_id'], properties: [
    new OA\Property(property: 'line', type: 'integer'),
    new OA\Property(property: 'product_id', type: 'string'),
])]
#[OA\Schema(schema: 'ChosenRound', required: ['day'], properties: [
    new OA\Property(property: 'day', type: 'string', format: 'date'),
    new OA\Property(property: 'hour', description: 'By the clocks of the garden; null where any will do.', type: 'integer', nullable: true),
])]
#[OA\Schema(schema: 'NewCourse', required: ['recipe_id', 'planting_ids', 'every_days', 'times', 'starts_on'], properties: [
    new OA\Property(property: 'recipe_id', type: 'string'),
    new OA\Property(property: 'sprayer_id', type: 'string', nullable: true),
    new OA\Property(property: 'planting_ids', type: 'array', items: new OA\Items(type: 'string')),
    new OA\Property(property: 'target', type: 'string', nullable: true),
    new OA\Property(property: 'trouble_id', description: 'The trouble it is against.', type: 'string', nullable: true),
    new OA\Property(property: 'volume', description: 'As typed; the sprayer\'s usable volume if left out.', type: 'string', nullable: true),
    new OA\Property(property: 'products', description: 'Bottles taken for lines of the recipe.', type: 'array', nullable: true, items: new OA\Items(ref: '#/components/schemas/ChosenProduct')),
    new OA\Property(property: 'every_days', type: 'integer'),
    new OA\Property(property: 'times', type: 'integer'),
    new OA\Property(property: 'starts_on', type: 'string', format: 'date'),
    new OA\Property(property: 'rounds', description: 'Where they are not evenly spaced.', type: 'array', nullable: true, items: new OA\Items(ref: '#/components/schemas/ChosenRound')),
    new OA\Property(property: 'purpose', type: 'string', enum: ['outbreak', 'prevention']),
    new OA\Property(property: 'other_recipe_id', description: 'A remedy that takes turns with the first.', type: 'string', nullable: true),
])]
final class CourseRequest extends TypedRequest
{
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
            'every_days' => ['required', 'integer', 'between:1,'.Repeat::MAX_DAYS],
            'times' => ['required', 'integer', 'between:1,'.Repeat::MAX_TIMES],
            'starts_on' => ['required', 'date_format:Y-m-d'],
            'rounds' => ['nullable', 'array', 'max:'.Repeat::MAX_TIMES],
            'rounds.*.day' => ['required', 'date_format:Y-m-d', 'distinct'],
            'rounds.*.hour' => ['nullable', 'integer', 'between:0,23'],
            'purpose' => ['nullable', Rule::enum(Purpose::class)],
            'other_recipe_id' => ['nullable', 'string', 'different:recipe_id'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'recipe_id' => 'No recipe is chosen: take one to the bench first.',
            'planting_ids' => 'Choose the plantings from the list.',
            'planting_ids.*' => 'A planting is chosen twice: choose it once.',
            'products' => 'The chosen bottles cannot be read: choose them on the bench again.',
            'products.*' => 'The chosen bottles cannot be read: choose them on the bench again.',
            'every_days' => 'The days between rounds must be a whole number from 1 to 366, like 7.',
            'times' => 'The number of rounds must be a whole number from 1 to 100, like 3.',
            'rounds' => 'The days of the rounds cannot be read: let them be suggested again.',
            'rounds.*' => 'The days of the rounds cannot be read: let them be suggested again.',
            'purpose' => 'Choose whether it is against an outbreak or to prevent one.',
            'other_recipe_id' => 'Two remedies that take turns must be two: choose another, or none.',
            'starts_on' => 'The first day is missing or is no day: choose one, like 2026-05-02.',
        ];
    }

    /**
     * Everything checked and found, ready to be done in one transaction.
     *
     * @return Closure(): Course
     *
     * @throws BadInput
     */
    public function plan(Garden $garden, PlanCourse $plan): Closure
    {
        $recipe = $garden->recipes()->findOrFail($this->string('recipe_id')->toString());
        $sprayer = $this->filled('sprayer_id') ? $garden->sprayers()->findOrFail($this->string('sprayer_id')->toString()) : null;
        $plantings = $garden->standing()->whereKey($this->array('planting_ids'))->get();
        if ($plantings->count() !== count($this->array('planting_ids'))) {
            throw ValidationException::withMessages(['planting_ids' => 'One of the plantings is not in this garden any more: choose again.']);
        }
        if ($plantings->isEmpty() && $recipe->use !== 'weed' && $recipe->use !== 'disinfect') {
            throw ValidationException::withMessages(['planting_ids' => 'No planting is chosen: choose at least one.']);
        }
        $target = $this->filled('target') ? $this->target() : null;
        $trouble = $this->filled('trouble_id') ? $garden->troubles()->findOrFail($this->string('trouble_id')->toString()) : null;
        $volume = $this->filled('volume') ? $this->string('volume')->toString() : null;
        $mix = app(WorkOutBench::class)->judgedMix($garden, $recipe->body, $sprayer, $plantings->first(), $volume)->mix;
        $repeat = Repeat::every($this->integer('every_days'), $this->integer('times'));
        $startsOn = CarbonImmutable::createFromFormat('!Y-m-d', $this->string('starts_on')->toString(), $garden->time_zone)
            ?? throw ValidationException::withMessages(['starts_on' => 'This is not a day: write it like 2026-05-02.']);

        $products = $this->products($garden);

        $rounds = $this->rounds();
        if ($rounds !== []) {
            $repeat = Repeat::every($repeat->everyDays, count($rounds));
            $startsOn = CarbonImmutable::parse($rounds[0][0], $garden->time_zone);
        }
        $draft = new CourseDraft(
            $recipe, $sprayer, $plantings, $target, $mix->finalVolume->likely, $repeat, $startsOn, $trouble, $products, $rounds,
            $this->enum('purpose', Purpose::class) ?? Purpose::Outbreak, $this->filled('other_recipe_id') ? $garden->recipes()->findOrFail($this->string('other_recipe_id')->toString()) : null,
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

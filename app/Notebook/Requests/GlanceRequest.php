<?php

declare(strict_types=1);

namespace App\Notebook\Requests;

use App\Core\Say;
use App\Http\Requests\ReadsAmounts;
use App\Http\Requests\TypedRequest;
use App\Models\Garden;
use App\Models\GlanceWord;
use Illuminate\Validation\Rule;
use Illuminate\Validation\ValidationException;
use OpenApi\Attributes as OA;

/** How it is now, in a word. */
#[OA\Schema(schema: 'NewGlance')]
final class GlanceRequest extends TypedRequest
{
    use ReadsAmounts;

    /** What the OpenAPI document says of a field, where its name does not. */
    protected const ABOUT = [
        'word' => 'gone, fewer, same, more or burnt.',
        'application_id' => 'The spray that it is looked at after.',
        'count' => 'How many there are on one plant, or the share in %, where it was counted: of a trouble whose pest is known.',
    ];

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'word' => ['required', Rule::enum(GlanceWord::class)],
            'planting_id' => ['nullable', 'string'],
            'trouble_id' => ['nullable', 'string'],
            'application_id' => ['nullable', 'string'],
            'count' => ['nullable', 'numeric', 'between:0,100000'],
            'note' => ['nullable', 'string', 'max:5000'],
        ];
    }

    /**
     * @return array<string, mixed>
     *
     * @throws ValidationException if nothing of the garden is looked at
     */
    public function glance(Garden $garden): array
    {
        $trouble = $this->filled('trouble_id') ? $garden->troubles()->findOrFail($this->string('trouble_id')->toString()) : null;
        $application = $this->filled('application_id')
            ? $garden->applications()->findOrFail($this->string('application_id')->toString())
            : null;
        $planting = $this->filled('planting_id')
            ? $garden->plantings()->findOrFail($this->string('planting_id')->toString())->id
            : $trouble->planting_id ?? $application->planting_ids[0] ?? null;
        if ($planting === null && $application === null) {
            throw ValidationException::withMessages(['planting_id' => Say::it('refused.look-at-what')]);
        }

        return [
            'word' => $this->enum('word', GlanceWord::class),
            'planting_id' => $planting,
            'trouble_id' => $trouble?->id,
            'application_id' => $application?->id,
            'seen_at' => $garden->now()->utc(),
            'note' => $this->text('note'),
        ];
    }
}

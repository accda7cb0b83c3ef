<?php

declare(strict_types=1);

namespace App\Keep\Requests;

use App\Http\Requests\TypedRequest;
use App\Models\Garden;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'ImportSent')]
final class ImportSentRequest extends TypedRequest
{
    /** What the OpenAPI document says of a field, where its name does not. */
    protected const ABOUT = ['into' => 'A garden that is there; a new one if left out.', 'look' => 'Only say what would be done.'];

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['into' => ['nullable', 'string', 'max:40'], 'look' => ['nullable', 'boolean']];
    }

    public function into(): ?Garden
    {
        return $this->filled('into') ? Garden::query()->findOrFail($this->string('into')->toString()) : null;
    }
}

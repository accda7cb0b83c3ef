<?php

declare(strict_types=1);

namespace App\Bench\Requests;

use App\Bench\Writes\KeepableRecipe;
use App\Http\Requests\TypedRequest;
use App\Models\Garden;
use Nebbia\Core\Data\BadInput;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'RecipeDraft')]
final class RecipeRequest extends TypedRequest
{
    protected const PARTS = ['body' => 'RecipeBody'];

    /** What the OpenAPI document says of a field, where its name does not. */
    protected const ABOUT = [
        'version' => 'The version that was opened; needed to change one.',
    ];

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'version' => [$this->isMethod('put') ? 'required' : 'nullable', 'integer'],
            'body' => ['required', 'array'],
            'body.name' => ['required', 'string', 'max:120'],
            'note' => ['nullable', 'string', 'max:5000'],
        ];
    }

    /**
     * @return array{name: string, use: string, body: array<array-key, mixed>, note: string|null}
     *
     * @throws BadInput naming `body.…` if core cannot read it or work it out
     */
    public function recipe(): array
    {
        $garden = $this->route('garden');
        try {
            $recipe = app(KeepableRecipe::class)->of($garden instanceof Garden ? $garden : null, $this->array('body'));
        } catch (BadInput $e) {
            throw $e->under('body');
        }

        return $recipe + ['note' => $this->filled('note') ? $this->string('note')->toString() : null];
    }
}

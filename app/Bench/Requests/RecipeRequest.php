<?php

declare(strict_types=1);

namespace App\Bench\Requests;

use App\Http\Requests\TypedRequest;
use App\Models\Garden;
use App\Pantry\Household;
use Nebbia\Core\Data\BadInput;
use Nebbia\Core\Mixing\Mixer;
use Nebbia\Core\Mixing\Recipe\RecipeReader;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'RecipeDraft')]
final class RecipeRequest extends TypedRequest
{
    protected const PARTS = ['body' => 'RecipeBody'];

    /** What the OpenAPI document says of a field, where its name does not. */
    protected const ABOUT = [
        'version' => 'The version that was opened; needed to change one.',
    ];

    /** What the format knows (docs/formats/nebbia.recipe-1); anything else is not kept. */
    private const KNOWN = [
        'format',
        'name',
        'use',
        'units',
        'base',
        'ingredients',
        'repeat',
        'steps',
        'note',
        'source',
        'targets',
        'preparations',
    ];

    private const KNOWN_OF_LINE = ['ingredient', 'amount', 'strength', 'preparation', 'name', 'form', 'density', 'basis', 'liquid'];

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
     * @return array{name: string, use: string, body: array<string, mixed>, note: string|null}
     *
     * @throws BadInput naming `body.…` if core cannot read it or work it out
     */
    public function recipe(): array
    {
        /** @var array<string, mixed> $body */
        $body = array_intersect_key($this->array('body'), array_flip(self::KNOWN));
        if (is_array($body['ingredients'] ?? null)) {
            $body['ingredients'] = array_map(
                static fn (mixed $line): mixed => is_array($line) ? array_intersect_key($line, array_flip(self::KNOWN_OF_LINE)) : $line,
                $body['ingredients'],
            );
        }
        if (is_array($body['base'] ?? null)) {
            $body['base'] = array_intersect_key($body['base'], array_flip(self::KNOWN_OF_LINE));
        }
        try {
            $garden = $this->route('garden');
            $reader = $garden instanceof Garden ? app(Household::class)->reader($garden) : app(RecipeReader::class);
            $recipe = $reader->read($body);
            app(Mixer::class)->mix($recipe);
        } catch (BadInput $e) {
            throw $e->under('body');
        }

        return [
            'name' => $recipe->name,
            'use' => $recipe->use->value,
            'body' => $body,
            'note' => $this->filled('note') ? $this->string('note')->toString() : null,
        ];
    }
}

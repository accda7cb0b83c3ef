<?php

declare(strict_types=1);

namespace App\Bench\Writes;

use App\Models\Garden;
use App\Pantry\Household;
use Nebbia\Core\Data\BadInput;
use Nebbia\Core\Mixing\Mixer;
use Nebbia\Core\Mixing\Recipe\RecipeReader;

/** A recipe as it may be kept: only what its format knows, and only one that core can work out. */
final readonly class KeepableRecipe
{
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

    public function __construct(private Household $household, private RecipeReader $reader, private Mixer $mixer) {}

    /**
     * @param  array<array-key, mixed>  $body  nebbia.recipe/1
     * @return array{name: string, use: string, body: array<array-key, mixed>}
     *
     * @throws BadInput if core cannot read it or work it out
     */
    public function of(?Garden $garden, array $body): array
    {
        $body = array_intersect_key($body, array_flip(self::KNOWN));
        if (is_array($body['ingredients'] ?? null)) {
            $body['ingredients'] = array_map(
                static fn (mixed $line): mixed => is_array($line) ? array_intersect_key($line, array_flip(self::KNOWN_OF_LINE)) : $line,
                $body['ingredients'],
            );
        }
        if (is_array($body['base'] ?? null)) {
            $body['base'] = array_intersect_key($body['base'], array_flip(self::KNOWN_OF_LINE));
        }
        $reader = $garden === null ? $this->reader : $this->household->reader($garden);
        $recipe = $reader->read($body);
        $this->mixer->mix($recipe);

        return ['name' => $recipe->name, 'use' => $recipe->use->value, 'body' => $body];
    }
}

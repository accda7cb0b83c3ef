<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * A recipe as the gardener keeps it; every saved version stays.
 *
 * @property string $garden_id
 * @property string $name
 * @property string $use
 * @property array<string, mixed> $body nebbia.recipe/1
 * @property string|null $note
 * @property string $searchable
 */
final class Recipe extends HouseholdModel
{
    /** In place of a recipe that cannot be read: water. Its saved versions are still there. */
    private const NOTHING = '{"format":"nebbia.recipe/1","name":"","use":"foliar","units":"metric",'.
        '"base":{"amount":"1 L","basis":"added","liquid":"water"},"ingredients":[]}';

    protected static function booted(): void
    {
        self::saving(static function (self $recipe): void {
            $recipe->searchable = mb_strtolower(
                $recipe->name.' '.$recipe->use.' '.$recipe->note.' '.json_encode($recipe->body),
            );
        });
        self::saved(static function (self $recipe): void {
            // A deletion is no new wording.
            if ($recipe->deleted_at === null) {
                $recipe->versions()->updateOrCreate(
                    ['number' => $recipe->version],
                    [
                        'name' => $recipe->name,
                        'body' => $recipe->body,
                        'note' => $recipe->note,
                        'saved_at' => $recipe->updated_at,
                    ],
                );
            }
        });
    }

    protected function readable(): array
    {
        return [
            'body' => [
                static fn (mixed $raw): bool => is_string($raw) &&
                    is_array($body = json_decode($raw, true)) &&
                    is_array($body['base'] ?? null) &&
                    is_array($body['ingredients'] ?? null),
                self::NOTHING,
            ],
        ];
    }

    protected function casts(): array
    {
        return ['body' => 'array'];
    }

    /** @return HasMany<RecipeVersion, $this> */
    public function versions(): HasMany
    {
        return $this->hasMany(RecipeVersion::class)->orderByDesc('number');
    }
}

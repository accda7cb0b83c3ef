<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;

/**
 * A recipe as it once was.
 *
 * @property string $id
 * @property string $recipe_id
 * @property int $number
 * @property string $name
 * @property array<string, mixed> $body
 * @property string|null $note
 * @property CarbonImmutable $saved_at
 */
final class RecipeVersion extends Model
{
    use HasUlids;

    public $timestamps = false;

    protected $guarded = [];

    protected function casts(): array
    {
        return ['body' => 'array', 'saved_at' => 'immutable_datetime'];
    }
}

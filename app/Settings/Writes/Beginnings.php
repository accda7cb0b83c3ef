<?php

declare(strict_types=1);

namespace App\Settings\Writes;

/** What a household says of itself at the first run, as far as it does. */
final readonly class Beginnings
{
    /**
     * @param  array<array-key, mixed>  $plantings  as PlantingsRequest takes them
     * @param  list<string>  $cupboard  ingredients
     * @param  list<string>|null  $sprayers  sizes as typed; null for the usual three
     */
    public function __construct(public array $plantings = [], public array $cupboard = [], public ?array $sprayers = null) {}
}

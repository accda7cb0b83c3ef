<?php

declare(strict_types=1);

namespace App\Making\Requests;

use App\Http\Requests\TypedRequest;
use App\Models\Garden;
use App\Models\Sprayer;
use Nebbia\Core\Making\MakingReader;

/** What requests about makings have in common. */
abstract class MakingInput extends TypedRequest
{
    private const LARGEST = 40;

    public function sprayer(Garden $garden): ?Sprayer
    {
        return $this->filled('sprayer_id') ? $garden->sprayers()->findOrFail($this->string('sprayer_id')->toString()) : null;
    }

    /** @return array<string, mixed>|null nebbia.preparation/1, without what is measured later */
    protected function preparation(string $key): ?array
    {
        if (! is_array($this->input($key))) {
            return null;
        }
        /** @var array<string, mixed> $body */
        $body = $this->array($key);
        if (is_array($body['ingredients'] ?? null)) {
            $body['ingredients'] = array_slice(array_values($body['ingredients']), 0, self::LARGEST);
        }

        return ['format' => MakingReader::FORMAT] +
            array_intersect_key($body, array_flip(['kind', 'name', 'units', 'base', 'ingredients', 'soap', 'topped_up', 'stands_hours']));
    }
}

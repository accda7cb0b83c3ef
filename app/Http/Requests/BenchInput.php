<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Garden;
use App\Models\Planting;
use App\Models\Sprayer;
use Illuminate\Http\Request;

/** What is on the bench, as any of its questions sends it. */
abstract readonly class BenchInput
{
    // Not a form request: it is sent at every key, and core's readers look at each field more closely than rules could. Making
    // a validator for the rest would cost as much as working the recipe out.
    final public function __construct(protected Request $request) {}

    /** Whatever was sent as the recipe; core refuses what is none. */
    public function body(): mixed
    {
        return $this->request->input('recipe');
    }

    public function sprayer(Garden $garden): ?Sprayer
    {
        $id = $this->text('sprayer_id');

        return $id === null ? null : $garden->sprayers()->findOrFail($id);
    }

    public function planting(Garden $garden): ?Planting
    {
        $id = $this->text('planting_id');

        return $id === null ? null : $garden->plantings()->findOrFail($id);
    }

    public function volume(): ?string
    {
        return $this->text('volume');
    }

    protected function text(string $key): ?string
    {
        $value = $this->request->input($key);

        return is_string($value) && $value !== '' ? $value : null;
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Garden;
use Illuminate\Validation\ValidationException;
use Nebbia\Core\Data\BadInput;
use Nebbia\Core\Measure\Amount;
use Nebbia\Core\Measure\AmountParser;
use Nebbia\Core\Measure\TypedNumber;

/** Amounts and numbers as they are typed, for requests that have several. */
trait ReadsAmounts
{
    /** @throws BadInput naming the field */
    protected function amount(string $field, Garden $garden): ?Amount
    {
        if (! $this->filled($field)) {
            return null;
        }
        try {
            return app(AmountParser::class)->parse($this->string($field)->toString(), $garden->units);
        } catch (BadInput $e) {
            throw $e->at($field);
        }
    }

    /** @throws BadInput naming the field, if it is no volume */
    protected function millilitres(string $field, Garden $garden): ?float
    {
        if (! $this->filled($field)) {
            return null;
        }
        try {
            return app(AmountParser::class)->parseVolume($this->string($field)->toString(), $garden->units)->inBase()->likely;
        } catch (BadInput $e) {
            throw $e->at($field);
        }
    }

    /** A number with a decimal point or comma, or null. */
    protected function number(string $field, string $complaint): ?float
    {
        if (! $this->filled($field)) {
            return null;
        }
        $number = TypedNumber::read($this->string($field)->toString());

        return $number !== null && $number >= 0.0 ? $number : throw ValidationException::withMessages([$field => $complaint]);
    }

    protected function text(string $field): ?string
    {
        return $this->filled($field) ? trim($this->string($field)->toString()) : null;
    }
}

<?php

declare(strict_types=1);

namespace App\Weather\Requests;

use App\Http\Requests\TypedRequest;
use App\Time\Clock;
use Carbon\CarbonImmutable;

final class StandInRequest extends TypedRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'lat' => ['required', 'numeric', 'between:-90,90'],
            'lon' => ['required', 'numeric', 'between:-180,180'],
            'altitude_m' => ['nullable', 'numeric', 'between:-500,6000'],
            'seed' => ['nullable', 'integer'],
            'days' => ['nullable', 'integer', 'between:1,60'],
            'issued' => ['nullable', 'date'],
        ];
    }

    /** Seconds since 1970. */
    public function issued(): int
    {
        return ($this->filled('issued')
            ? CarbonImmutable::parse($this->string('issued')->toString())
            : app(Clock::class)->now()
        )->getTimestamp();
    }
}

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
            'lat' => ['required', 'numeric', 'between:-90,90'], 'lon' => ['required', 'numeric', 'between:-180,180'], 'altitude_m' => ['nullable', 'numeric', 'between:-500,6000'],
            'seed' => ['nullable', 'integer'], 'days' => ['nullable', 'integer', 'between:1,60'], 'issued' => ['nullable', 'date'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'lat' => 'Write the latitude as degrees from -90 to 90.', 'lon' => 'Write the longitude as degrees from -180 to 180.', 'altitude_m' => 'Write the altitude as metres.',
            'seed' => 'Write the seed as a whole number.', 'days' => 'Ask for 1 to 60 days.', 'issued' => 'Write the time like 2026-05-02T18:00:00Z.',
        ];
    }

    /** Seconds since 1970. */
    public function issued(): int
    {
        return ($this->filled('issued') ? CarbonImmutable::parse($this->string('issued')->toString()) : app(Clock::class)->now())->getTimestamp();
    }
}

<?php

declare(strict_types=1);

namespace App\Rounds\Requests;

use App\Models\Garden;
use Carbon\CarbonImmutable;
use Nebbia\Core\Data\BadInput;
use Nebbia\Core\Measure\AmountParser;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'LogRound')]
final class LogRoundRequest extends RoundRequest
{
    /** What the OpenAPI document says of a field, where its name does not. */
    protected const ABOUT = [
        'applied_at' => 'In the garden\'s time zone, like 2026-05-02T19:30; now if left out.',
        'volume' => 'What was used, as typed; the planned volume if left out.',
    ];

    protected function ownRules(): array
    {
        return [
            'applied_at' => ['nullable', 'date_format:Y-m-d\TH:i'],
            'volume' => ['nullable', 'string', 'max:80'],
            'by' => ['nullable', 'string', 'max:80'],
            'note' => ['nullable', 'string', 'max:5000'],
        ];
    }

    public function appliedAt(Garden $garden): CarbonImmutable
    {
        return $this->filled('applied_at')
            ? CarbonImmutable::parse($this->string('applied_at')->toString(), $garden->time_zone)
            : $garden->now();
    }

    /** @throws BadInput */
    public function volumeMl(float $planned, Garden $garden): float
    {
        if (! $this->filled('volume')) {
            return $planned;
        }
        try {
            return app(AmountParser::class)->parseVolume($this->string('volume')->toString(), $garden->units)->inBase()->likely;
        } catch (BadInput $e) {
            throw $e->at('volume');
        }
    }

    public function by(): ?string
    {
        return $this->filled('by') ? $this->string('by')->toString() : null;
    }

    public function note(): ?string
    {
        return $this->filled('note') ? $this->string('note')->toString() : null;
    }
}

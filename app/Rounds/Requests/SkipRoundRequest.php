<?php

declare(strict_types=1);

namespace App\Rounds\Requests;

use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'SkipRound', required: ['version'], properties: [
    new OA\Property(property: 'version', type: 'integer'),
    new OA\Property(property: 'reason', type: 'string', nullable: true),
])]
final class SkipRoundRequest extends RoundRequest
{
    protected function ownRules(): array
    {
        return [];
    }
}

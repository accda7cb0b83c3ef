<?php

declare(strict_types=1);

namespace App\Rounds\Requests;

use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'SkipRound')]
final class SkipRoundRequest extends RoundRequest
{
    protected function ownRules(): array
    {
        return [];
    }
}

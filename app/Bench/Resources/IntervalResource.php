<?php

declare(strict_types=1);

namespace App\Bench\Resources;

use Nebbia\Core\Data\Interval;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'Interval')]
final readonly class IntervalResource
{
    public function __construct(
        #[OA\Property] public float $low,
        #[OA\Property] public float $likely,
        #[OA\Property] public float $high,
    ) {}

    public static function of(Interval $interval): self
    {
        return new self($interval->low, $interval->likely, $interval->high);
    }
}

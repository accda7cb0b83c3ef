<?php

declare(strict_types=1);

namespace App\Bench\Resources;

use Nebbia\Core\Chemistry\Aftermath;
use OpenApi\Attributes as OA;

/** How acid or alkaline a mix is, at 25 °C; an estimate. */
#[OA\Schema(schema: 'Ph')]
final readonly class PhResource
{
    public function __construct(
        #[OA\Property] public IntervalResource $ph,
        #[OA\Property(description: 'With the gas still in it.')] public ?float $closed,
        #[OA\Property] public string $said,
    ) {}

    public static function of(Aftermath $aftermath): ?self
    {
        $ph = $aftermath->ph;
        if ($ph === null) {
            return null;
        }
        $n = static fn (float $value): string => number_format($value, 1, '.', '');
        $range = $n($ph->low) === $n($ph->high) ? '' : ' ('.$n($ph->low).' to '.$n($ph->high).')';

        return new self(IntervalResource::of($ph), $aftermath->phFresh, $n($ph->likely).$range);
    }
}

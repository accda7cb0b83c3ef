<?php

declare(strict_types=1);

namespace App\Making\Resources;

use OpenApi\Attributes as OA;

/** One thing to do while mixing. */
#[OA\Schema(schema: 'MixingStep')]
final readonly class MixingStepResource
{
    /**
     * @param  list<string>  $cautions
     * @param  list<int>  $lines
     */
    public function __construct(
        #[OA\Property] public string $kind,
        #[OA\Property] public string $what,
        #[OA\Property] public ?string $how,
        #[OA\Property(items: new OA\Items(type: 'string'))] public array $cautions,
        #[OA\Property(items: new OA\Items(type: 'integer'))] public array $lines,
        #[OA\Property(description: 'Name of a timer that belongs to it.')] public ?string $timer,
        #[OA\Property] public ?float $timer_minutes,
        #[OA\Property(description: 'What comes into the vessel by it.')] public float $poured_ml,
        #[OA\Property(description: 'Of that, the base.')] public float $base_ml,
        #[OA\Property(description: 'How high the vessel stands after it.')] public float $level_ml,
    ) {}
}

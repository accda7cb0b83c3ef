<?php

declare(strict_types=1);

namespace App\Making\Resources;

use App\Bench\Resources\FindingResource;
use OpenApi\Attributes as OA;

/** One preparation with its making: steps, what is done of them, timers that run. */
#[OA\Schema(schema: 'PreparationStory')]
final readonly class PreparationStoryResource
{
    /**
     * @param  list<MakingStepResource>  $steps
     * @param  list<FindingResource>  $findings
     */
    public function __construct(
        #[OA\Property] public PreparationResource $preparation,
        #[OA\Property(items: new OA\Items(ref: MakingStepResource::class))] public array $steps,
        #[OA\Property(description: 'What should come through.')] public ?string $expected,
        #[OA\Property(format: 'date-time')] public string $now,
        #[OA\Property(description: 'Of what went in, the gravest first.', items: new OA\Items(ref: FindingResource::class))]
        public array $findings,
    ) {}
}

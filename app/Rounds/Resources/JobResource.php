<?php

declare(strict_types=1);

namespace App\Rounds\Resources;

use App\Chores\Resources\ChoreResource;
use OpenApi\Attributes as OA;

/** One thing to do today, in its place in the order. */
#[OA\Schema(schema: 'DayJob')]
final readonly class JobResource
{
    public function __construct(
        #[OA\Property(enum: ['spray', 'look', 'patch', 'task', 'chore', 'water', 'ending'])] public string $kind,
        #[OA\Property(description: 'Of the batch, patch, task, chore or course; of a look, of what is looked at.')] public string $id,
        #[OA\Property(enum: ['now', 'later', 'poor', 'wait', 'any'])] public string $state,
        #[OA\Property(description: 'When, in a few words.')] public string $when,
        #[OA\Property(description: 'Why not now, or not well.')] public ?string $why = null,
        #[OA\Property(description: 'The next good hour, in words.')] public ?string $next = null,
        #[OA\Property] public ?LookDueResource $look = null,
        #[OA\Property] public ?ChoreResource $chore = null,
        #[OA\Property(description: 'What is to be done, on what; what is watered, or what ends.')] public ?string $said = null,
        #[OA\Property(description: 'It was ticked off today.')] public bool $done = false,
        /** @var list<string> */
        #[OA\Property(description: 'Of a chore: the ids of those that are the same, on other plants.', items: new OA\Items(type: 'string'))]
        public array $also = [],
    ) {}
}

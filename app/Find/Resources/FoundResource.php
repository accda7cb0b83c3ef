<?php

declare(strict_types=1);

namespace App\Find\Resources;

use OpenApi\Attributes as OA;

/** One thing that was found, and where it goes. */
#[OA\Schema(schema: 'Found')]
final readonly class FoundResource
{
    /** @param  array<string, string>  $with */
    public function __construct(
        #[OA\Property(enum: ['action', 'planting', 'recipe', 'starter', 'bottle', 'jar', 'trouble', 'rule', 'view'])] public string $kind,
        #[OA\Property(description: 'What kind of thing it is, in a word.')] public string $said,
        #[OA\Property] public string $title,
        #[OA\Property] public ?string $under,
        #[OA\Property(description: 'The view it opens; empty for what is done on the spot.')] public string $view,
        #[OA\Property(
            description: 'What the view is opened with.',
            type: 'object',
            additionalProperties: new OA\AdditionalProperties(type: 'string'),
        )]
        public array|object $with,
        #[OA\Property] public ?ActResource $act = null,
    ) {}
}

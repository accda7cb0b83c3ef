<?php

declare(strict_types=1);

namespace App\Bench\Resources;

use OpenApi\Attributes as OA;

/** How to try a mix on a few leaves, from weak to full strength. */
#[OA\Schema(schema: 'Ladder')]
final readonly class LadderResource
{
    /**
     * @param  list<LadderStepResource>  $steps
     * @param  list<string>  $looks
     */
    public function __construct(
        #[OA\Property(description: 'Why it is proposed; null where it need not be.')] public ?string $proposed,
        #[OA\Property(items: new OA\Items(ref: LadderStepResource::class))] public array $steps,
        #[OA\Property(description: 'What to look for.', items: new OA\Items(type: 'string'))] public array $looks,
    ) {}
}

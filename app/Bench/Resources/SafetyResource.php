<?php

declare(strict_types=1);

namespace App\Bench\Resources;

use OpenApi\Attributes as OA;

/** What is in the bottle after mixing, what each ingredient does, where it tips over, and what to mind. */
#[OA\Schema(schema: 'Safety')]
final readonly class SafetyResource
{
    /**
     * @param  list<LeftResource>  $left
     * @param  list<MadeResource>  $made
     * @param  list<JobResource>  $jobs
     * @param  list<CareResource>  $care
     * @param  list<string>  $known
     * @param  array<string, mixed>|null  $strengthened
     * @param  list<AimResource>  $aims
     */
    public function __construct(
        #[OA\Property(description: 'An estimate; null where it cannot be told or does not matter.')] public ?PhResource $ph,
        #[OA\Property(description: 'Why no pH is given.')] public ?string $why_no_ph,
        #[OA\Property(items: new OA\Items(ref: LeftResource::class))] public array $left,
        #[OA\Property(items: new OA\Items(ref: MadeResource::class))] public array $made,
        #[OA\Property(items: new OA\Items(ref: JobResource::class))] public array $jobs,
        #[OA\Property] public ?TippingResource $tipping,
        #[OA\Property(description: 'How to try it on a few leaves; null where it is not for leaves.')] public ?LadderResource $ladder,
        #[OA\Property(items: new OA\Items(ref: CareResource::class))] public array $care,
        #[
            OA\Property(description: 'What beside recipe and plant was taken into account.', items: new OA\Items(type: 'string')),
        ]
        public array $known,
        #[OA\Property(
            type: 'object',
            nullable: true,
            description: 'A RecipeBody: the recipe with all that is added made stronger, where that was asked.',
        )]
        public ?array $strengthened,
        #[
            OA\Property(description: 'What it does to what it is aimed at.', items: new OA\Items(ref: AimResource::class)),
        ]
        public array $aims,
    ) {}
}

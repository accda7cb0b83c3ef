<?php

declare(strict_types=1);

namespace App\Making\Resources;

use App\Bench\Resources\FindingResource;
use OpenApi\Attributes as OA;

/** A making worked out, before it is started. */
#[OA\Schema(schema: 'Making')]
final readonly class MakingResource
{
    /**
     * @param  array<string, mixed>  $body
     * @param  list<RawResource>  $raw
     * @param  list<string>  $makeup
     * @param  list<MixingStepResource>  $steps
     * @param  list<string>  $keeps
     * @param  list<string>  $spoils
     * @param  list<FindingResource>  $findings
     */
    public function __construct(
        #[OA\Property] public KindResource $kind,
        #[OA\Property(ref: '#/components/schemas/PreparationBody', type: 'object')] public array $body,
        #[OA\Property(description: 'mL of liquid that go in.')] public ?string $liquid,
        #[OA\Property(items: new OA\Items(ref: RawResource::class))] public array $raw,
        #[OA\Property(description: 'What comes through, with its bounds.')] public ?string $yield,
        #[OA\Property] public ?float $yield_ml,
        #[OA\Property(items: new OA\Items(type: 'string'))] public array $makeup,
        #[OA\Property(description: 'When it is ready if it is started now.', format: 'date-time')] public ?string $ready_at,
        #[OA\Property(items: new OA\Items(type: 'string'))] public array $keeps,
        #[OA\Property(items: new OA\Items(type: 'string'))] public array $spoils,
        #[OA\Property(items: new OA\Items(ref: MixingStepResource::class))] public array $steps,
        #[OA\Property(description: 'The gravest first.', items: new OA\Items(ref: FindingResource::class))] public array $findings,
        #[OA\Property(description: 'How sure the figures are.')] public string $basis,
    ) {}
}

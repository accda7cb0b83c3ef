<?php

declare(strict_types=1);

namespace App\Scouting\Resources;

use App\Bench\Resources\FindingResource;
use OpenApi\Attributes as OA;

/** Causes, the likeliest first; what is not shown is said in sum. */
#[OA\Schema(schema: 'Diagnosis')]
final readonly class DiagnosisResource
{
    /**
     * @param  list<CauseResource>  $causes
     * @param  list<FindingResource>  $findings
     * @param  list<string>  $usual
     * @param  list<string>  $rarer
     */
    public function __construct(
        #[OA\Property(items: new OA\Items(ref: CauseResource::class))] public array $causes,
        #[OA\Property] public float $rest,
        #[OA\Property] public bool $settled,
        #[
            OA\Property(description: 'How far the looks have come.', enum: ['settled', 'likely', 'open', 'several', 'unsettled']),
        ]
        public string $standing,
        #[OA\Property] public ?NextLookResource $next,
        #[OA\Property(items: new OA\Items(ref: FindingResource::class))] public array $findings,
        #[
            OA\Property(description: 'Signs to be met on such a plant, the likeliest first.', items: new OA\Items(type: 'string')),
        ]
        public array $usual,
        #[OA\Property(description: 'The rarer signs, likewise.', items: new OA\Items(type: 'string'))] public array $rarer,
    ) {}
}

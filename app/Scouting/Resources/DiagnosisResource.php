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
     */
    public function __construct(
        #[OA\Property(items: new OA\Items(ref: CauseResource::class))] public array $causes,
        #[OA\Property] public float $rest,
        #[OA\Property] public bool $settled,
        #[OA\Property] public ?NextLookResource $next,
        #[OA\Property(items: new OA\Items(ref: FindingResource::class))] public array $findings,
    ) {}
}

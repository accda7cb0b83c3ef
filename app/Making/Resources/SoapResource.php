<?php

declare(strict_types=1);

namespace App\Making\Resources;

use App\Bench\Resources\FindingResource;
use App\Bench\Resources\IntervalResource;
use OpenApi\Attributes as OA;

/** A soap on its bench. */
#[OA\Schema(schema: 'SoapBench')]
final readonly class SoapResource
{
    /**
     * @param  list<string>  $alkalis
     * @param  list<FindingResource>  $findings
     * @param  list<MakingStepResource>  $steps
     */
    public function __construct(
        #[OA\Property(enum: ['refused', 'possible', 'sound', 'rich'])] public string $verdict,
        #[OA\Property] public string $severity,
        #[OA\Property] public string $headline,
        #[OA\Property(description: 'What to weigh of each alkali, as bought.', items: new OA\Items(type: 'string'))] public array $alkalis,
        #[OA\Property(description: 'As bought, at the planned superfat.')] public string $product,
        #[OA\Property] public float $product_g,
        #[OA\Property(description: 'As bought, that goes in.')] public float $goes_in_g,
        #[OA\Property(description: 'As bought, that would be too much at the likely purity.')] public float $limit_g,
        #[OA\Property(description: 'The same in words.')] public string $limit,
        #[OA\Property(description: '%; below 0 is free alkali.')] public IntervalResource $superfat,
        #[OA\Property(description: 'What is left over, in words.')] public string $said_left,
        #[OA\Property] public float $oil_g,
        #[OA\Property] public string $oil,
        #[OA\Property] public string $water,
        #[OA\Property(description: 'The most that the water may reach, °C.')] public float $hottest,
        #[OA\Property(description: 'In the household\'s units.')] public string $hottest_said,
        #[OA\Property] public string $soap,
        #[OA\Property] public string $glycerol,
        #[OA\Property] public string $oil_left,
        #[OA\Property] public string $storage,
        #[OA\Property] public float $storage_ml,
        #[OA\Property] public float $storage_percent,
        #[OA\Property(description: 'What a spray of 1 % takes of it.')] public string $spray,
        #[OA\Property(items: new OA\Items(ref: FindingResource::class))] public array $findings,
        #[OA\Property(items: new OA\Items(ref: MakingStepResource::class))] public array $steps,
    ) {}
}

<?php

declare(strict_types=1);

namespace App\Bench\Resources;

use Nebbia\Core\Data\Finding;
use Nebbia\Core\Data\Sentence\Catalogue;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'Finding')]
final readonly class FindingResource
{
    /** @param  list<string>  $substances */
    public function __construct(
        #[OA\Property] public string $rule,
        #[OA\Property(enum: ['fine', 'notice', 'caution', 'stop'])] public string $severity,
        #[OA\Property] public string $what,
        #[OA\Property] public string $because,
        #[OA\Property] public string $instead,
        #[OA\Property] public string $basis,
        #[OA\Property] public string $sure,
        #[OA\Property(items: new OA\Items(type: 'string'))] public array $substances,
        #[OA\Property(description: 'What it rests on, by its id on the page that says why.')] public string $ground,
    ) {}

    public static function of(Finding $finding, Catalogue $catalogue): self
    {
        return new self(...$finding->toArray($catalogue));
    }
}

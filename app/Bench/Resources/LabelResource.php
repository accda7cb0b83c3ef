<?php

declare(strict_types=1);

namespace App\Bench\Resources;

use OpenApi\Attributes as OA;

/** What belongs on the bottle. */
#[OA\Schema(schema: 'Label')]
final readonly class LabelResource
{
    /**
     * @param  list<string>  $contents
     * @param  list<string>  $cautions
     */
    public function __construct(
        #[OA\Property] public string $name,
        #[OA\Property(items: new OA\Items(type: 'string'))] public array $contents,
        #[OA\Property] public string $use,
        #[OA\Property] public string $made,
        #[OA\Property] public ?string $use_by,
        #[OA\Property] public string $keeps,
        #[OA\Property(items: new OA\Items(type: 'string'))] public array $cautions,
    ) {}
}

<?php

declare(strict_types=1);

namespace App\Keep\Resources;

use OpenApi\Attributes as OA;

/** A file that was sent and checked, and waits for what is to be done with it. */
#[OA\Schema(schema: 'Incoming')]
final readonly class IncomingResource
{
    /** @param  list<string>  $said */
    public function __construct(
        #[OA\Property] public string $id,
        #[OA\Property(enum: ['backup', 'garden'])] public string $kind,
        #[OA\Property(description: 'What it holds, or would do.', items: new OA\Items(type: 'string'))] public array $said,
    ) {}
}

<?php

declare(strict_types=1);

namespace App\Bench\Resources;

use OpenApi\Attributes as OA;

/** A stretch of a text, and what is said of it. */
#[OA\Schema(schema: 'Span')]
final readonly class SpanResource
{
    public function __construct(
        #[OA\Property] public string $text,
        #[OA\Property(description: 'In Unicode code points.')] public int $start,
        #[OA\Property] public int $end,
        #[OA\Property] public string $kind,
        #[OA\Property] public string $what,
        /** @var list<array{label: string, text: string, append: bool}> */
        #[
            OA\Property(
                description: 'What may be meant: words in place of these, or behind the whole text.',
                items: new OA\Items(
                    required: ['label', 'text', 'append'],
                    properties: [
                        new OA\Property(property: 'label', type: 'string'),
                        new OA\Property(property: 'text', type: 'string'),
                        new OA\Property(property: 'append', type: 'boolean'),
                    ],
                    type: 'object',
                ),
            ),
        ]
        public array $answers = [],
    ) {}
}

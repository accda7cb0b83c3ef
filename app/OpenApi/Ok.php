<?php

declare(strict_types=1);

namespace App\OpenApi;

use Attribute;
use OpenApi\Attributes as OA;

/** A JSON answer of one schema, or a list of it. */
#[Attribute(Attribute::TARGET_METHOD | Attribute::IS_REPEATABLE)]
final class Ok extends OA\Response
{
    public function __construct(string $schema, bool $list = false, int $status = 200)
    {
        parent::__construct(
            response: $status,
            description: 'Done',
            content: $list
                ? new OA\JsonContent(type: 'array', items: new OA\Items(ref: $schema))
                : new OA\JsonContent(ref: $schema),
        );
    }
}

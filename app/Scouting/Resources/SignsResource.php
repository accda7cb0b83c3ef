<?php

declare(strict_types=1);

namespace App\Scouting\Resources;

use OpenApi\Attributes as OA;

/** What there is to look for, and where. */
#[OA\Schema(schema: 'Signs')]
final readonly class SignsResource
{
    /**
     * @param  list<array{id: string, name: string}>  $places
     * @param  list<SignChoiceResource>  $signs
     * @param  list<array{id: string, name: string}>  $tactics
     */
    public function __construct(
        #[OA\Property(items: new OA\Items(ref: '#/components/schemas/Choice'))] public array $places,
        #[OA\Property(items: new OA\Items(ref: SignChoiceResource::class))] public array $signs,
        #[OA\Property(items: new OA\Items(ref: '#/components/schemas/Choice'))] public array $tactics,
    ) {}
}

<?php

declare(strict_types=1);

namespace App\Keep\Resources;

use OpenApi\Attributes as OA;

/** Where the gardens are kept, how large they are, and their backups. */
#[OA\Schema(schema: 'Keep')]
final readonly class KeepResource
{
    /** @param  list<BackupResource>  $backups */
    public function __construct(
        #[OA\Property(description: 'The file of the gardens; null where they are kept in memory.')] public ?string $place,
        #[OA\Property(description: 'In words: 41 MB, and 3 photos of 0.5 MB.')] public string $size,
        #[OA\Property(description: 'Where backups lie.')] public string $backup_place,
        #[OA\Property(description: 'How old the newest is, in words.')] public string $last,
        #[OA\Property(description: 'The newest is over a week old, or there is none.')] public bool $is_late,
        #[OA\Property(description: 'The newest first.', items: new OA\Items(ref: BackupResource::class))] public array $backups,
        #[OA\Property] public ?GoingOnResource $going_on,
    ) {}
}

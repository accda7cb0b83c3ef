<?php

declare(strict_types=1);

namespace App\Rounds\Resources;

use App\Making\Resources\TaskResource;
use App\Scouting\Resources\DueInspectionResource;
use App\Scouting\Resources\TroubleBriefResource;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'Today')]
final readonly class TodayResource
{
    /**
     * @param  list<DueRoundResource>  $due
     * @param  list<DueRoundResource>  $coming
     * @param  list<ApplicationResource>  $last
     * @param  list<DuePatchResource>  $patches
     * @param  list<TaskResource>  $tasks
     * @param  list<DueInspectionResource>  $inspections
     * @param  list<DayBatchResource>  $batches
     * @param  list<LeftBatchResource>  $leftovers
     * @param  list<TroubleBriefResource>  $looks troubles to look at again
     * @param  list<JobResource>  $jobs
     * @param  list<WaitingRoundResource>  $waiting
     */
    public function __construct(
        #[OA\Property(format: 'date')] public string $date,
        #[OA\Property(description: 'That the newest backup is old, in words; null where all is well.')] public ?string $backup_late,
        #[OA\Property(items: new OA\Items(ref: DueRoundResource::class))] public array $due,
        #[OA\Property(items: new OA\Items(ref: DueRoundResource::class))] public array $coming,
        #[OA\Property(items: new OA\Items(ref: ApplicationResource::class))] public array $last,
        #[OA\Property(items: new OA\Items(ref: TroubleBriefResource::class))] public array $looks,
        #[
            OA\Property(description: 'Test patches that are due to be looked at.', items: new OA\Items(ref: DuePatchResource::class)),
        ]
        public array $patches,
        #[OA\Property(
            description: 'What is to be stirred, strained, tested, used up, thrown away or started.',
            items: new OA\Items(ref: TaskResource::class),
        )]
        public array $tasks,
        #[OA\Property(
            description: 'Sprays that have had time to work and were not looked at since.',
            items: new OA\Items(ref: DueInspectionResource::class),
        )]
        public array $inspections,
        #[
            OA\Property(description: 'What is mixed today, in the order of the day.', items: new OA\Items(ref: DayBatchResource::class)),
        ]
        public array $batches,
        #[OA\Property(items: new OA\Items(ref: LeftBatchResource::class))] public array $leftovers,
        #[OA\Property(description: 'In this hour, as far as it is known: it goes into the log.')] public ?string $weather,
        #[
            OA\Property(description: 'What there is to do today, one thing after the other.', items: new OA\Items(ref: JobResource::class)),
        ]
        public array $jobs,
        #[OA\Property(
            description: 'Rounds that are due, but not on the same day as others on their plants.',
            items: new OA\Items(ref: WaitingRoundResource::class),
        )]
        public array $waiting,
    ) {}
}

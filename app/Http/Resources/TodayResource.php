<?php

declare(strict_types=1);

namespace App\Http\Resources;

use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'Today')]
final readonly class TodayResource
{
    /**
     * @param  list<DueRound>  $due
     * @param  list<DueRound>  $coming
     * @param  list<ApplicationResource>  $last
     * @param  list<DuePatch>  $patches
     * @param  list<TaskResource>  $tasks
     * @param  list<DueInspection>  $inspections
     * @param  list<DayBatch>  $batches
     * @param  list<LeftBatch>  $leftovers
     * @param  list<TroubleBrief>  $looks troubles to look at again
     */
    public function __construct(
        #[OA\Property(format: 'date')] public string $date,
        #[OA\Property(items: new OA\Items(ref: DueRound::class))] public array $due,
        #[OA\Property(items: new OA\Items(ref: DueRound::class))] public array $coming,
        #[OA\Property(items: new OA\Items(ref: ApplicationResource::class))] public array $last,
        #[OA\Property(items: new OA\Items(ref: TroubleBrief::class))] public array $looks,
        #[OA\Property(description: 'Test patches that are due to be looked at.', items: new OA\Items(ref: DuePatch::class))] public array $patches,
        #[OA\Property(description: 'What is to be stirred, strained, tested, used up, thrown away or started.', items: new OA\Items(ref: TaskResource::class))] public array $tasks,
        #[OA\Property(description: 'Sprays that have had time to work and were not looked at since.', items: new OA\Items(ref: DueInspection::class))] public array $inspections,
        #[OA\Property(description: 'What is mixed today, in the order of the day.', items: new OA\Items(ref: DayBatch::class))] public array $batches,
        #[OA\Property(items: new OA\Items(ref: LeftBatch::class))] public array $leftovers,
        #[OA\Property(description: 'In this hour, as far as it is known: it goes into the log.')] public ?string $weather,
    ) {}
}

<?php

declare(strict_types=1);

namespace App\Rounds\Queries;

use App\Models\Batch;
use App\Models\Garden;
use App\Rounds\Resources\LeftBatchResource;
use Nebbia\Core\Data\Sentence\Catalogue;
use Nebbia\Core\Data\Sentence\Message;
use Nebbia\Core\Measure\PreciseWords;

/** What was left over of batches and is still about: to be used up while it keeps, then to be got rid of. */
final readonly class ListLeftovers
{
    public function __construct(private Catalogue $catalogue) {}

    /** @return list<LeftBatchResource> what goes off first, first */
    public function __invoke(Garden $garden): array
    {
        $now = $garden->now();

        return array_values(
            $garden
                ->batches()
                ->whereNull('gone_at')
                ->where('left_ml', '>', 0)
                ->reorder('use_by')
                ->get()
                ->map(
                    fn (Batch $batch): LeftBatchResource => new LeftBatchResource(
                        $batch->id,
                        $batch->name,
                        PreciseWords::volume($batch->left_ml, $garden->units),
                        $batch->made_at->toIso8601ZuluString(),
                        $batch->use_by?->toIso8601ZuluString(),
                        $batch->use_by !== null && $batch->use_by <= $now,
                        $this->catalogue->say(Message::of('care.leftovers.note')),
                    ),
                )
                ->all(),
        );
    }
}

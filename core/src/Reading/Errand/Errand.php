<?php

declare(strict_types=1);

namespace Nebbia\Core\Reading\Errand;

/** Something that was done, or is to be done, as it was typed in a line. */
final readonly class Errand
{
    /**
     * @param  string  $kind  rain, sprayed, look or chore
     * @param  float|null  $mm  of rain; null where none was said
     * @param  int  $days  ago
     * @param  string|null  $what  what was sprayed, in the words that were typed
     * @param  string|null  $on  on what, in the words that were typed
     * @param  string|null  $job  feed, water or other
     * @param  string|null  $often  how often, in the words that were typed; "once" where a day is said
     * @param  int|null  $inDays  from today, where it is once
     */
    public function __construct(
        public string $kind,
        public ?float $mm = null,
        public int $days = 0,
        public ?string $what = null,
        public ?string $on = null,
        public ?string $job = null,
        public ?string $often = null,
        public ?int $inDays = null,
    ) {}
}

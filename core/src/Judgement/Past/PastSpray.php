<?php

declare(strict_types=1);

namespace Nebbia\Core\Judgement\Past;

/** A spray that was put on, as far as the next one must know of it. */
final readonly class PastSpray
{
    /**
     * @param  int  $at  seconds since 1970
     * @param  list<string>  $plantings  ids of what was sprayed
     * @param  list<string>  $substances  ids of what was in it
     */
    public function __construct(
        public int $at,
        public array $plantings,
        public array $substances,
        public ?string $sprayer = null,
    ) {}
}

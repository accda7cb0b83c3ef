<?php

declare(strict_types=1);

namespace Nebbia\Core\Pest\Decision;

use Nebbia\Core\Data\Finding;

/** What to do about a trouble, why, when to look again, and with what. */
final readonly class Decision
{
    /** @param  list<Finding>  $findings  the one that decided first */
    public function __construct(
        public Choice $choice,
        public int $lookAgainInDays,
        public array $findings,
        public Means $means,
    ) {}
}

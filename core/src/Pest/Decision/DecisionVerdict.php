<?php

declare(strict_types=1);

namespace Nebbia\Core\Pest\Decision;

use Nebbia\Core\Data\Finding;

/** What one rule says: a choice, why, and when to look again. */
final readonly class DecisionVerdict
{
    public function __construct(public Choice $choice, public Finding $because, public int $lookAgainInDays) {}
}

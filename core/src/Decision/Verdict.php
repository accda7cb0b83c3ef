<?php

declare(strict_types=1);

namespace Nebbia\Core\Decision;

use Nebbia\Core\Judgement\Finding;

/** What one rule says: a choice, why, and when to look again. */
final readonly class Verdict
{
    public function __construct(public Choice $choice, public Finding $because, public int $lookAgainInDays) {}
}

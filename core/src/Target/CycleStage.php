<?php

declare(strict_types=1);

namespace Nebbia\Core\Target;

use Nebbia\Core\Data\Interval;

final readonly class CycleStage
{
    /**
     * @param  bool  $killedByContact  whether a contact spray reaches it
     * @param  Interval  $degreeDays  °C days above the lower threshold
     */
    public function __construct(public string $stage, public bool $killedByContact, public Interval $degreeDays) {}
}

<?php

declare(strict_types=1);

namespace Nebbia\Core\Hour;

use Nebbia\Core\Judgement\Finding;
use Nebbia\Core\Judgement\Rule;
use Nebbia\Core\Judgement\Situation;
use Nebbia\Core\Knowledge\Knowledge;

/** Whether this is an hour for this spray. The gravest word on each matter counts, where several substances have one. */
final readonly class HourRule implements Rule
{
    /** @var list<SprayWindow> */
    private array $windows;

    /** @var array{float, float} */
    private array $drying;

    public function __construct(Knowledge $knowledge)
    {
        $this->windows = array_values(array_map(SprayWindow::fromRow(...), $knowledge->rows('windows', 'rows')));
        $pair = $knowledge->section('windows', 'delta_t')->floats('avoid');
        $this->drying = [$pair[0] ?? 0.0, $pair[1] ?? INF];
    }

    public function judge(Situation $situation): iterable
    {
        $hour = $situation->circumstances->hour;
        if ($hour === null) {
            return;
        }
        $found = [];
        foreach ($this->windows as $window) {
            if (! $window->isFor($situation->mix)) {
                continue;
            }
            foreach ($window->objections($hour, $situation->circumstances->indoors, $this->drying) as $objection) {
                if (! isset($found[$objection->id]) || $objection->severity->rank() > $found[$objection->id][0]->severity->rank()) {
                    $found[$objection->id] = [$objection, $window];
                }
            }
        }
        foreach ($found as [$objection, $window]) {
            yield Finding::of('hour', $objection->severity, "hour.$objection->id", $objection->params + ['spray' => $window->id], $window->basis, $window->sure)
                ->from("window.$window->id");
        }
    }
}

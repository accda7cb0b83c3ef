<?php

declare(strict_types=1);

namespace Nebbia\Core\Judgement\Words;

use Nebbia\Core\Data\Finding;
use Nebbia\Core\Data\Severity;
use Nebbia\Core\Judgement\GroundTopic;
use Nebbia\Core\Judgement\Rule;
use Nebbia\Core\Judgement\RuleGround;
use Nebbia\Core\Judgement\Situation;
use Nebbia\Core\Measure\Units;

/** Says so where the measuring system has no pint or gallon of its own and another's is taken. */
final readonly class BorrowedUnitRule implements Rule
{
    public function __construct(private Units $units) {}

    public function grounds(): array
    {
        return [RuleGround::plain('units', GroundTopic::Measures, 'practice', 'medium')];
    }

    public function sentences(): array
    {
        return ['units.borrowed'];
    }

    public function judge(Situation $situation): iterable
    {
        $recipe = $situation->mix->recipe;
        $units = [$recipe->base->unit];
        foreach ($recipe->lines as $line) {
            $units[] = $line->amount->unit;
        }
        $seen = [];
        foreach ($units as $unit) {
            if (! isset($seen[$unit->id]) && $this->units->isBorrowed($unit, $recipe->units)) {
                $seen[$unit->id] = true;
                yield Finding::of('units', Severity::Notice, 'units.borrowed', ['unit' => $unit->label])->from('units');
            }
        }
    }
}

<?php

declare(strict_types=1);

namespace Nebbia\Core\Compatibility;

use Nebbia\Core\Formulation\FinalStrength;
use Nebbia\Core\Judgement\Finding;
use Nebbia\Core\Judgement\Rule;
use Nebbia\Core\Judgement\Severity;
use Nebbia\Core\Judgement\Situation;
use Nebbia\Core\Knowledge\Knowledge;
use Nebbia\Core\Knowledge\Row;

/** Dangers of a single thing in a mix, a row of core/data/dangers.yaml each. */
final readonly class DangerRule implements Rule
{
    /** @var list<Row> */
    private array $rows;

    public function __construct(Knowledge $knowledge)
    {
        $this->rows = array_values($knowledge->rows('dangers'));
    }

    public function judge(Situation $situation): iterable
    {
        $use = $situation->mix->recipe->use->value;
        foreach ($this->rows as $row) {
            $found = in_array($use, $row->strings('uses'), true) ? $this->found($row, $situation) : null;
            if ($found !== null) {
                yield Finding::of('danger', Severity::from($row->string('severity')), 'danger.'.$row->string('id'), [
                    'name' => $found[0],
                    'likely' => $found[1],
                ], $row->string('basis'), $row->string('sure'), $found[2]);
            }
        }
    }

    /** @return array{string, float, list<string>}|null its name, its strength, its id */
    private function found(Row $row, Situation $situation): ?array
    {
        foreach ($situation->mix->recipe->lines as $line) {
            if (in_array($line->ingredient->id, $row->strings('ingredients'), true)) {
                return [$line->ingredient->name, 0.0, []];
            }
        }
        foreach ($row->strings('unless_with') as $other) {
            if ($situation->mix->strengthOf($other) !== null) {
                return null;
            }
        }
        foreach ($row->strings('substances') as $id) {
            $strength = $situation->mix->strengthOf($id);
            if ($strength !== null && $strength->percentWv->likely > 0.0 && $this->isOver($row, $strength)) {
                return [$strength->substance->name, $strength->percentWv->likely, [$id]];
            }
        }

        return null;
    }

    private function isOver(Row $row, FinalStrength $strength): bool
    {
        if (! $row->has('over')) {
            return true;
        }
        $amount = $strength->in($row->row('over')->string('unit'));

        return $amount !== null && $amount->likely > $row->row('over')->float('likely') * (1 + 1e-9);
    }
}

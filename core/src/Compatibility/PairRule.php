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

/** What must not meet in one vessel, a row of core/data/pairs.yaml each. */
final readonly class PairRule implements Rule
{
    private const ANYTHING = '*';

    /** @var list<array{list<string>, list<string>, Row}> */
    private array $pairs;

    public function __construct(Knowledge $knowledge)
    {
        $pairs = [];
        foreach ($knowledge->rows('pairs') as $row) {
            $pairs[] = [$row->strings('a'), $row->strings('b'), $row];
        }
        $this->pairs = $pairs;
    }

    public function judge(Situation $situation): iterable
    {
        $present = [];
        foreach ($situation->mix->strengths as $strength) {
            $present[$strength->substance->id] = $strength;
        }
        if (count($present) < 2) {
            return;
        }
        foreach ($this->pairs as [$a, $b, $row]) {
            $first = $this->firstOf($a, $present, []);
            $second = $first === null ? null : $this->firstOf($b, $present, $a);
            if ($first !== null && $second !== null) {
                yield Finding::of('compatibility', Severity::from($row->string('severity')), 'pair.'.$row->string('id'), [
                    'a' => $first->substance->name,
                    'b' => $second->substance->name,
                ], $row->string('basis'), $row->string('sure'), [$first->substance->id, $second->substance->id]);
            }
        }
    }

    /**
     * @param  list<string>  $wanted
     * @param  array<string, FinalStrength>  $present
     * @param  list<string>  $except
     */
    private function firstOf(array $wanted, array $present, array $except): ?FinalStrength
    {
        foreach ($present as $id => $strength) {
            if (! in_array($id, $except, true) && ($wanted === [self::ANYTHING] || in_array($id, $wanted, true))) {
                return $strength;
            }
        }

        return null;
    }
}

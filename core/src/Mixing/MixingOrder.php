<?php

declare(strict_types=1);

namespace Nebbia\Core\Mixing;

use Nebbia\Core\Data\Row;
use Nebbia\Core\Data\Sentence\Message;
use Nebbia\Core\Data\Table;
use Nebbia\Core\Mixing\Recipe\Recipe;
use Nebbia\Core\Mixing\Recipe\RecipeLine;

/**
 * In what order to mix, from the list of rules in core/data/order.yaml. The base comes first; lines of the same group stay
 * in the recipe's order.
 */
final readonly class MixingOrder
{
    /** @var list<Row> */
    private array $rules;

    public function __construct(Table $order)
    {
        $this->rules = array_values($order->rows());
    }

    /** @return list<MixStep> */
    public function of(Recipe $recipe): array
    {
        $groups = array_map(static fn (RecipeLine $line): string => $line->ingredient->group, $recipe->lines);
        $ranked = [];
        foreach ($groups as $n => $group) {
            [$rank, $how] = $this->rule($group, $groups);
            $ranked[] = [$rank, $n, MixStep::of($n, $group, Message::of($how))];
        }
        sort($ranked);

        return [
            MixStep::of(null, $recipe->liquid->group, Message::of($recipe->liquid->substance === null ? 'order.water' : 'order.base')),
            ...array_column($ranked, 2),
        ];
    }

    /**
     * @param  list<string>  $groups
     * @return array{int, string}
     */
    private function rule(string $group, array $groups): array
    {
        foreach ($this->rules as $rank => $rule) {
            if ($rule->string('group') === $group && (! $rule->has('with') || in_array($rule->string('with'), $groups, true))) {
                return [$rank, $rule->string('how')];
            }
        }

        return [0, 'order.other'];
    }
}

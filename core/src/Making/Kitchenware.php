<?php

declare(strict_types=1);

namespace Nebbia\Core\Making;

use Nebbia\Core\Data\Row;
use Nebbia\Core\Data\Table;

/** What becomes of pots, spoons and sieve: by what was in them, and never less than the kind of making asks for. */
final readonly class Kitchenware
{
    /** From the mildest on. */
    public const LEVELS = ['ok', 'wash', 'never'];

    private Row $row;

    public function __construct(Table $preparations)
    {
        $this->row = $preparations->part('kitchen');
    }

    /** ok: washed they may go back; wash: twice, with soap; never: they do not go back to food. */
    public function of(Preparation $preparation): string
    {
        $level = 0;
        foreach (self::LEVELS as $n => $one) {
            if (in_array("kitchen-$one", $preparation->making->kind->cautions, true) || $this->holds($preparation, $one)) {
                $level = max($level, $n);
            }
        }

        return self::LEVELS[$level];
    }

    private function holds(Preparation $preparation, string $level): bool
    {
        $row = $this->row->has($level) ? $this->row->row($level) : null;
        foreach ($preparation->pot->strengths ?? [] as $strength) {
            if ($strength->percentWv->likely > 0.0 && in_array($strength->substance->id, $row?->strings('substances') ?? [], true)) {
                return true;
            }
        }
        $recipe = $preparation->making->recipe;
        $in = $recipe === null ? [] : [$recipe->liquid->id];
        foreach ($preparation->making->lines as $line) {
            $in[] = $line->ingredient->id;
        }

        return array_intersect($in, $row?->strings('ingredients') ?? []) !== [];
    }
}

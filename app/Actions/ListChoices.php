<?php

declare(strict_types=1);

namespace App\Actions;

use App\Http\Resources\KnowledgeResource;
use Nebbia\Core\Ingredient\Ingredient;
use Nebbia\Core\Ingredient\PercentMeaning;
use Nebbia\Core\Knowledge\Knowledge;
use Nebbia\Core\Knowledge\Row;
use Nebbia\Core\Measure\KitchenFraction;

/** What there is to choose from, for the screens' lists. */
final readonly class ListChoices
{
    public function __construct(private Knowledge $knowledge) {}

    public function __invoke(): KnowledgeResource
    {
        $rows = $this->knowledge->rows('ingredients');
        $ingredients = [];
        foreach ($rows as $row) {
            $ingredient = $this->knowledge->ingredient($row->string('id'));
            $ingredients[] = [
                'id' => $ingredient->id,
                'name' => $ingredient->name,
                'strength' => $this->strength($ingredient),
                'also' => implode(', ', $row->strings('also')),
                'is_liquid' => $ingredient->isLiquid,
            ];
        }

        return new KnowledgeResource(
            $ingredients,
            array_map(fn (string $id): array => ['id' => $id, 'name' => $this->knowledge->plant($id)->name], $this->knowledge->ids('plants')),
            array_map(fn (string $id): array => ['id' => $id, 'name' => $this->knowledge->target($id)->name], $this->knowledge->ids('targets')),
            array_map(static fn (Row $oil): array => ['id' => $oil->string('id'), 'name' => $oil->string('name')], array_values($this->knowledge->rows('soap', 'oils'))),
        );
    }

    private function strength(Ingredient $ingredient): string
    {
        if ($ingredient->usual->likely <= 0.0 || $ingredient->usual->likely >= 100.0) {
            return '';
        }
        $unit = $ingredient->percent === PercentMeaning::Purity ? '% purity' : '% '.$ingredient->percent->value;

        return KitchenFraction::figures($ingredient->usual->likely).' '.$unit;
    }
}

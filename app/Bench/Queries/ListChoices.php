<?php

declare(strict_types=1);

namespace App\Bench\Queries;

use App\Bench\Resources\KnowledgeResource;
use Nebbia\Core\Data\Row;
use Nebbia\Core\Measure\Kitchen\KitchenFraction;
use Nebbia\Core\Nebbia\Nebbia;
use Nebbia\Core\Plant\Plant;
use Nebbia\Core\Plant\Plants;
use Nebbia\Core\Substance\Ingredient;
use Nebbia\Core\Substance\Ingredients;
use Nebbia\Core\Substance\OwnIngredients;
use Nebbia\Core\Substance\PercentMeaning;
use Nebbia\Core\Target\Targets;

/** What there is to choose from, for the screens' lists. */
final readonly class ListChoices
{
    public function __construct(
        private Nebbia $nebbia,
        private Ingredients $ingredients,
        private Plants $plants,
        private Targets $targets,
    ) {}

    public function __invoke(): KnowledgeResource
    {
        $rows = $this->nebbia->table('ingredients')->rows();
        $ingredients = [];
        foreach ($rows as $row) {
            $ingredient = $this->ingredients->named($row->string('id'));
            if ($ingredient->id === OwnIngredients::SOLID) {
                continue;
            }
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
            array_map(fn (string $id): array => ['id' => $id, 'name' => $this->plants->named($id)->name], $this->plants->ids()),
            array_map(fn (string $id): array => ['id' => $id, 'name' => $this->targets->named($id)->name], $this->targets->ids()),
            array_map(
                static fn (Row $oil): array => ['id' => $oil->string('id'), 'name' => $oil->string('name')],
                array_values($this->nebbia->table('soap')->rows('oils')),
            ),
            array_map(static fn (Plant $plant): array => ['id' => $plant->id, 'name' => $plant->name], $this->plants->generic()),
            array_values(array_map(
                fn (Row $one): array => ['id' => $one->string('id'), 'name' => $this->ingredients->named($one->string('id'))->name],
                $this->nebbia->table('cupboard')->rows(),
            )),
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

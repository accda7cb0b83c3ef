<?php

declare(strict_types=1);

namespace Nebbia\Core\Substance;

use Nebbia\Core\Data\Names;
use Nebbia\Core\Data\Table;

/** Things that nothing is known of, by the name that somebody gives them: carried through the volumes, and judged as unknown. */
final readonly class OwnIngredients
{
    /** The id that a recipe writes for them. */
    public const ID = 'other';

    public const SOLID = 'other-solid';

    /** What carries them through a mix. */
    public const SUBSTANCE = 'unknown';

    /** @var list<string> */
    private array $solid;

    public function __construct(private Ingredients $ingredients, Table $ingredientWords)
    {
        $this->solid = array_map(Names::fold(...), $ingredientWords->whole()->strings('solid'));
    }

    public static function isOwn(string $id): bool
    {
        return $id === self::ID || $id === self::SOLID;
    }

    /**
     * How a recipe writes which thing of one's own it is.
     *
     * @return array<string, string|float> empty for what is known
     */
    public static function written(Ingredient $ingredient): array
    {
        if (! self::isOwn($ingredient->id)) {
            return [];
        }
        $density = $ingredient->density?->exactly();

        return ['name' => $ingredient->name, 'form' => $ingredient->isLiquid ? 'liquid' : 'solid'] +
            ($density === null ? [] : ['density' => $density]);
    }

    /**
     * @param  bool|null  $isLiquid  null where nobody says: by its name, and else by how it is measured
     * @param  bool  $isWeighed  it is measured by weight or by the piece
     * @param  float|null  $density  g/mL, where it was weighed
     */
    public function of(string $name, ?bool $isLiquid, bool $isWeighed, ?float $density): Ingredient
    {
        $isLiquid ??= ! $isWeighed && ! $this->soundsSolid($name);

        return $this->ingredients
            ->named($isLiquid ? self::ID : self::SOLID)
            ->called($name, $density === null ? null : Density::weighed($density));
    }

    private function soundsSolid(string $name): bool
    {
        return array_intersect(explode(' ', Names::fold($name)), $this->solid) !== [];
    }
}

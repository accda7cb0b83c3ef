<?php

declare(strict_types=1);

namespace Nebbia\Core\Shelf;

use DateTimeImmutable;
use Nebbia\Core\Substance\Content;
use Nebbia\Core\Substance\Ingredient;
use Nebbia\Core\Substance\Strength;

/** A preparation as it stands on the shelf at a given time: what is in it, and whether it may be used. */
final readonly class OnShelf
{
    /** @param  list<Content>  $contents  of one mL, the main one first */
    private function __construct(
        public string $id,
        public string $name,
        public Kind $kind,
        public Ingredient $ingredient,
        public array $contents,
        public State $state,
        public ?DateTimeImmutable $readyAt,
        public ?DateTimeImmutable $useBy,
        /** mL; what should come of it at the least while it still stands; null where nobody has written it. */
        public ?float $leftMl,
        /** As measured, undiluted. */
        public ?float $ph,
    ) {}

    /** @param  list<Content>  $contents */
    public static function of(
        string $id,
        string $name,
        Kind $kind,
        Ingredient $ingredient,
        array $contents,
        State $state,
        ?DateTimeImmutable $readyAt = null,
        ?DateTimeImmutable $useBy = null,
        ?float $leftMl = null,
        ?float $ph = null,
    ): self {
        return new self($id, $name, $kind, $ingredient, $contents, $state, $readyAt, $useBy, $leftMl, $ph);
    }

    /** Of what it mainly holds, as a label would say it. */
    public function strength(): Strength
    {
        $main = $this->contents[0] ?? null;
        if ($main === null) {
            return Strength::usual($this->ingredient);
        }

        return Strength::of(
            $main->grams,
            $main->millilitres,
            ($main->substance->shownByVolume && $main->millilitres !== null ? $main->millilitres : $main->grams)->times(100.0),
        );
    }
}

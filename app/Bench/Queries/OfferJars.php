<?php

declare(strict_types=1);

namespace App\Bench\Queries;

use App\Bench\Resources\JarOfferResource;
use App\Making\Queries\DescribePreparation;
use App\Models\Garden;
use App\Pantry\Household;
use Nebbia\Core\Data\Sentence\Catalogue;
use Nebbia\Core\Data\Sentence\Message;
use Nebbia\Core\Measure\PreciseWords;
use Nebbia\Core\Mixing\Recipe\RecipeLine;
use Nebbia\Core\Shelf\Kinds;
use Nebbia\Core\Shelf\OnShelf;

/** Which jars a line of a recipe can be taken from, and what is in them. */
final readonly class OfferJars
{
    public function __construct(
        private Kinds $kinds,
        private Household $household,
        private DescribePreparation $describe,
        private Catalogue $catalogue,
    ) {}

    /** @return array{list<JarOfferResource>, list<string>, string|null} jars, the make-up of a litre, the kind that makes it */
    public function of(Garden $garden, RecipeLine $line): array
    {
        $kinds = $this->kinds->making($line->ingredient->id);
        if ($kinds === []) {
            return [[], [], null];
        }
        $offers = [];
        foreach ($this->household->shelf($garden)->all() as $jar) {
            if ($jar->ingredient->id === $line->ingredient->id) {
                $offers[] = $this->offer($garden, $jar);
            }
        }
        usort($offers, static fn (JarOfferResource $a, JarOfferResource $b): int => $b->is_fit <=> $a->is_fit);

        return [$offers, $this->describe->makeup($line->contents()), $kinds[0]->id];
    }

    private function offer(Garden $garden, OnShelf $jar): JarOfferResource
    {
        $state = $this->catalogue->say(
            Message::of('making.state.'.$jar->state->value, ['sort' => $jar->kind->method->id, 'strained' => $jar->kind->strain]),
        );

        return new JarOfferResource(
            $jar->id,
            $jar->name,
            $jar->state->value,
            $jar->leftMl === null || ! $jar->state->isFitForUse()
                ? $state
                : PreciseWords::volume($jar->leftMl, $garden->units)." left, $state",
            $jar->state->isFitForUse(),
        );
    }
}

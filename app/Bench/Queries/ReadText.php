<?php

declare(strict_types=1);

namespace App\Bench\Queries;

use App\Bench\Resources\ReadingResource;
use App\Bench\Resources\SpanResource;
use App\Find\Queries\FindPlantings;
use App\Models\Garden;
use Nebbia\Core\Data\BadInput;
use Nebbia\Core\Data\Sentence\Catalogue;
use Nebbia\Core\Measure\UnitSystem;
use Nebbia\Core\Reading\PlainReader;
use Nebbia\Core\Reading\Span;

/** A pasted recipe, read with the household's own spoons where the words do not say whose are meant. */
final readonly class ReadText
{
    public function __construct(private PlainReader $reader, private Catalogue $catalogue, private FindPlantings $plantings) {}

    /** @throws BadInput */
    public function __invoke(Garden $garden, string $text): ReadingResource
    {
        $read = $this->reader->read($text, $garden->units === UnitSystem::Us ? null : $garden->units);
        $spans = fn (array $all): array => array_map(
            fn (Span $span): SpanResource => new SpanResource(...$span->toArray($this->catalogue)),
            array_values($all),
        );

        $kinds = $read->recipe['plants'] ?? [];

        return new ReadingResource(
            $read->recipe,
            $spans($read->understood),
            $spans($read->doubts),
            $spans($read->left),
            $this->plantings->spokenOf($garden, $text, is_array($kinds) ? array_values(array_filter($kinds, is_string(...))) : []),
        );
    }
}

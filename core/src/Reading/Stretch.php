<?php

declare(strict_types=1);

namespace Nebbia\Core\Reading;

use Nebbia\Core\Reading\Draft\Doubter;
use Nebbia\Core\Reading\Draft\Draft;
use Nebbia\Core\Reading\Draft\Entry;
use Nebbia\Core\Reading\Draft\Peek;
use Nebbia\Core\Reading\Draft\Understood;
use Nebbia\Core\Reading\Draft\Volume;
use Nebbia\Core\Reading\Words\Token;

/** A stretch of a paragraph, read: all of it where there is one step, the making or the thinning where there are two. */
final readonly class Stretch
{
    /**
     * @param  list<Token>  $tokens
     * @param  list<Entry>  $lines  the liquid among them, where it is one of them
     */
    public function __construct(
        public array $tokens,
        public Draft $draft,
        public Peek $peek,
        public Doubter $doubter,
        private Understood $words,
        public ?Volume $base,
        /** What the rest goes into, where that is no water. */
        public ?Entry $liquid,
        public array $lines,
    ) {}

    /** @return list<Span> what was understood, in the order of the text */
    public function understood(): array
    {
        return $this->words->spans($this->tokens, $this->base, $this->lines);
    }

    /** @return array<string, mixed> the base as a recipe has it */
    public function baseBody(): array
    {
        return [
            // A volume of nothing is no recipe.
            'amount' => $this->base === null || $this->lines === [] ? null : $this->peek->machine($this->base->amount),
            'basis' => $this->base !== null && $this->base->isFinal ? 'final' : 'added',
            'liquid' => $this->liquid->ingredient ?? 'water',
        ] + ($this->liquid?->strength === null ? [] : ['strength' => $this->liquid->strength]);
    }

    /** @return list<array<string, mixed>> what goes in, as a recipe has it; things that nothing is known of by their own names */
    public function lineBodies(): array
    {
        $bodies = [];
        foreach ($this->lines as $entry) {
            if ($entry !== $this->liquid) {
                $name =
                    $entry->ingredient === null && $entry->isNamed()
                        ? ['ingredient' => 'other', 'name' => (string) $entry->name?->text]
                        : ['ingredient' => $entry->ingredient];
                $bodies[] =
                    $name + ['amount' => $entry->amount === null ? null : $this->peek->machine($entry->amount)] +
                    ($entry->strength === null ? [] : ['strength' => $entry->strength]);
            }
        }

        return $bodies;
    }
}

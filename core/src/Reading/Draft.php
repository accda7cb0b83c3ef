<?php

declare(strict_types=1);

namespace Nebbia\Core\Reading;

/** What has been understood of a paragraph so far. */
final class Draft
{
    /** @var list<Entry> */
    public array $entries = [];

    /** @var list<Volume> */
    public array $volumes = [];

    /** @var array<string, Token> use => where it is said, in order */
    public array $uses = [];

    /** @var array<string, Token> target => where it is said */
    public array $targets = [];

    public ?Token $repeat = null;

    public ?Token $times = null;

    /** @var list<Token> how long something takes */
    public array $durations = [];

    /** @var list<Token> things said to be left out */
    public array $leftOut = [];

    /** @var list<Token> amounts and numbers that nothing could be made of */
    public array $unplaced = [];

    /** @var list<array{Token, Token}> an amount, and the words that name something unknown */
    public array $unknown = [];

    /** A mention of an ingredient that has no amount yet, made if there is none. */
    public function entry(?string $ingredient, ?Token $name, int $sentence): Entry
    {
        foreach ($this->entries as $entry) {
            if ($entry->ingredient === $ingredient && $ingredient !== null && $entry->amount === null) {
                return $entry;
            }
        }

        return $this->entries[] = new Entry($ingredient, $name, $sentence);
    }

    public function has(string $ingredient): bool
    {
        foreach ($this->entries as $entry) {
            if ($entry->ingredient === $ingredient) {
                return true;
            }
        }

        return false;
    }
}

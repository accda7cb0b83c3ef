<?php

declare(strict_types=1);

namespace Nebbia\Core\Reading\Draft;

use Nebbia\Core\Mixing\Recipe\UseOfSpray;
use Nebbia\Core\Reading\Words\Token;
use Nebbia\Core\Substance\Ingredients;

/** What has been understood of a paragraph so far. */
final class Draft
{
    /** Bytes: a space, a comma. */
    private const RIGHT_BEHIND = 3;

    /** @var list<Entry> */
    public array $entries = [];

    /** @var list<Volume> */
    public array $volumes = [];

    /** @var array<string, Token> use => where it is said, in order */
    public array $uses = [];

    /** @var array<string, Token> target => where it is said */
    public array $targets = [];

    /** @var array<string, Token> plant => where it is said */
    public array $plants = [];

    public ?Token $repeat = null;

    public ?Token $times = null;

    /** How many rounds that makes, where only a length of time is said: "weekly for a month". */
    public ?int $rounds = null;

    /** @var list<Token> how many parts of water, and how many vessels */
    public array $counts = [];

    /** @var list<Token> how long something takes */
    public array $durations = [];

    /** @var list<Token> things said to be left out */
    public array $leftOut = [];

    /** @var list<Token> amounts and numbers that nothing could be made of */
    public array $unplaced = [];

    /** @var list<Token> amounts of what was made before: thinned, or given out */
    public array $stocks = [];

    /** @var list<Token> volumes that it is thinned with */
    public array $thinned = [];

    /** @var list<array{Token, Token}> an amount, and the words that name something unknown */
    public array $unknown = [];

    /** @var list<array{Token, Token, int, bool}> so many of something unknown: number, its name, sentence, whether a part of a plant */
    public array $counted = [];

    /** @var list<array{Token, Entry}> far more than what was named last, without a name: water, or the same amount said otherwise */
    public array $bare = [];

    /** What it is for where nobody says: most of what is mixed is sprayed on leaves, and bleach is for pots and tools. */
    public function usualUse(): string
    {
        foreach ($this->entries as $entry) {
            if ($entry->ingredient === 'bleach') {
                return UseOfSpray::Disinfect->value;
            }
        }

        return UseOfSpray::Foliar->value;
    }

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

    public function entryFor(Token $name, int $sentence): Entry
    {
        return $this->entry($name->value, $name, $sentence);
    }

    /** The entry that was spoken of last, made if there is none. */
    public function lastFor(Token $name, int $sentence): Entry
    {
        foreach (array_reverse($this->entries) as $entry) {
            if ($entry->ingredient === $name->value) {
                return $entry;
            }
        }

        return $this->entryFor($name, $sentence);
    }

    /** One that stands alone is the water where no other is said. */
    public function settleBare(): void
    {
        foreach ($this->bare as [$token, $again]) {
            if ($this->volumes === [] && count($this->bare) === 1) {
                $this->volumes[] = new Volume($token->value, $token, Volume::BARE, false, $again->sentence);
            } else {
                $this->entries[] = $again;
            }
        }
    }

    /** What is counted and not known goes in where nothing else does, or is a part of a plant: "an onion and 2 aloe leaves". */
    public function settleCounted(): void
    {
        $isAll = $this->entries === [];
        foreach ($this->volumes === [] ? [] : $this->counted as [$number, $name, $sentence, $isPart]) {
            if (! $isAll && ! $isPart) {
                continue;
            }
            $this->unknown[] = [$number, $name];
            $this->entry(null, $name, $sentence);
        }
    }

    /** Whether something of that kind is named already: a soap, an alcohol. */
    public function hasAlike(string $id, Ingredients $ingredients): bool
    {
        foreach ($this->entries as $entry) {
            if ($entry->ingredient !== null && $ingredients->familyOf($entry->ingredient) === $ingredients->familyOf($id)) {
                return true;
            }
        }

        return false;
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

    /** "every 7 days for three weeks": a length of time right behind the interval is as many rounds as go into it. */
    public function settleRounds(): void
    {
        $days = (float) $this->repeat?->value;
        if ($this->repeat === null || $days < 1.0 || $this->times !== null) {
            return;
        }
        foreach ($this->durations as $n => $token) {
            $gap = $token->start - $this->repeat->end();
            if ($gap >= 0 && $gap <= self::RIGHT_BEHIND && $token->value !== '' && (float) $token->value >= $days) {
                $this->times = $token;
                $this->rounds = (int) round((float) $token->value / $days);
                array_splice($this->durations, $n, 1);

                return;
            }
        }
    }
}

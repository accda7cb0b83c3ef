<?php

declare(strict_types=1);

namespace Nebbia\Core\Reading\Draft;

use Nebbia\Core\Reading\Words\Token;
use Nebbia\Core\Reading\Words\TokenKind;

/** An ingredient as it is being put together from a paragraph: what it is, how much, of what strength, to how much base. */
final class Entry
{
    public ?string $amount = null;

    public ?Token $amountToken = null;

    public ?string $strength = null;

    public ?Token $strengthToken = null;

    public int $strengthSentence = -1;

    /** A final strength that is said beside an amount, to be compared with what the amount gives. */
    public ?Token $stated = null;

    /** The volume that its amount is said for, where it says one of its own. */
    public ?Volume $per = null;

    public function __construct(
        /** Null where it is not known here. */
        public readonly ?string $ingredient,
        public readonly ?Token $name,
        public readonly int $sentence,
    ) {}

    /** Whether it has a name of its own, and not only an amount of something. */
    public function isNamed(): bool
    {
        return $this->name !== null && ! $this->name->is(TokenKind::Amount);
    }

    /** So many tablets of that much each are said in one. */
    public function eachHolds(string $count): void
    {
        $this->amount = "$count x $this->strength";
        $this->strength = null;
    }

    public function give(Token $amount): void
    {
        $this->amount = $amount->value;
        $this->amountToken = $amount;
    }
}

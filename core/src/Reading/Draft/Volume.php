<?php

declare(strict_types=1);

namespace Nebbia\Core\Reading\Draft;

use Nebbia\Core\Reading\Words\Token;

/** A volume that may be the base of the recipe. */
final readonly class Volume
{
    /** How plainly it is the base: a bottle's size, a rate, water by name, "make up to". */
    public const CONTAINER = 1;

    /** It stands there alone, and is far more than what goes in. */
    public const BARE = 0;

    public const RATE = 2;

    public const WATER = 3;

    public function __construct(
        public string $amount,
        public Token $token,
        public int $rank,
        public bool $isFinal,
        public int $sentence,
        /** It is what something is dissolved in, and so perhaps only a part of the base. */
        public bool $isForStirring = false,
    ) {}
}

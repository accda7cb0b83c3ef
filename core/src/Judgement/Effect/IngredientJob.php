<?php

declare(strict_types=1);

namespace Nebbia\Core\Judgement\Effect;

use Nebbia\Core\Data\Sentence\Message;

/** What one line of a recipe is there for, and whether it does it. */
final readonly class IngredientJob
{
    private function __construct(
        /** Of the recipe's lines; null for the base. */
        public ?int $line,
        public string $ingredient,
        public string $substance,
        public Contribution $pull,
        public Message $job,
        public Message $said,
        public string $basis,
        public string $sure,
    ) {}

    public static function of(
        ?int $line,
        string $ingredient,
        string $substance,
        Contribution $pull,
        Message $job,
        Message $said,
        string $basis,
        string $sure,
    ): self {
        return new self($line, $ingredient, $substance, $pull, $job, $said, $basis, $sure);
    }
}

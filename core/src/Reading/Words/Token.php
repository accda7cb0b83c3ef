<?php

declare(strict_types=1);

namespace Nebbia\Core\Reading\Words;

/** A stretch of a paragraph. Offsets are bytes here; only what is told outside is counted in characters. */
final readonly class Token
{
    private function __construct(
        public TokenKind $kind,
        public string $text,
        public int $start,
        /** What it stands for: an id, a cleaned amount, a number of days. */
        public string $value,
        /** "heaped" and the like were said. */
        public bool $isHeaped = false,
    ) {}

    public static function of(TokenKind $kind, string $text, int $start, string $value = '', bool $isHeaped = false): self
    {
        return new self($kind, $text, $start, $value, $isHeaped);
    }

    public function end(): int
    {
        return $this->start + strlen($this->text);
    }

    public function is(TokenKind ...$kinds): bool
    {
        return in_array($this->kind, $kinds, true);
    }
}

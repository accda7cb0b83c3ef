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
        /** What is to be doubted of how it is said: heaped, which-spoon. */
        public ?string $doubt = null,
    ) {}

    public static function of(TokenKind $kind, string $text, int $start, string $value = '', ?string $doubt = null): self
    {
        return new self($kind, $text, $start, $value, $doubt);
    }

    /** The same, taken for something else. */
    public function taken(TokenKind $kind, string $value = ''): self
    {
        return new self($kind, $this->text, $this->start, $value, $this->doubt);
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

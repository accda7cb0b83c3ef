<?php

declare(strict_types=1);

namespace App\Keep\Takeout;

/** Gives rows whose ids are taken new ones, the same wherever an id is named, and in the same order as before. */
final class NewIds
{
    private const ULID = '/\b[0-9a-hjkmnp-tv-z]{26}\b/i';

    private const SIGNS = '0123456789abcdefghjkmnpqrstvwxyz';

    private readonly string $salt;

    /** @var array<string, true> */
    private array $taken = [];

    public function __construct(?string $salt = null)
    {
        $this->salt = $salt ?? random_bytes(16);
    }

    public function isTaken(string $id): void
    {
        $this->taken[$id] = true;
    }

    public function any(): bool
    {
        return $this->taken !== [];
    }

    public function has(string $id): bool
    {
        return isset($this->taken[$id]);
    }

    public function of(string $id): string
    {
        if (! isset($this->taken[$id])) {
            return $id;
        }
        $hash = hash('sha256', $this->salt.$id, true);
        $new = substr($id, 0, 10);
        for ($n = 0; $n < 16; $n++) {
            $new .= self::SIGNS[ord($hash[$n]) & 31];
        }

        return $new;
    }

    /** Wherever in a text: in paths, and in JSON. */
    public function in(string $text): string
    {
        return $this->taken === []
            ? $text
            : (string) preg_replace_callback(self::ULID, fn (array $found): string => $this->of($found[0]), $text);
    }
}

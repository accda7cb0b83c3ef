<?php

declare(strict_types=1);

namespace Nebbia\Core\Planning\Hour;

/** What an hour is worth. */
enum HourWord: string
{
    case Fine = 'fine';
    case Poor = 'poor';
    case No = 'no';
    /** No forecast reaches it. */
    case Unknown = 'unknown';

    /** 0 to 1, as the plan counts it. */
    public function worth(): float
    {
        return match ($this) {
            self::Fine => 1.0,
            // No worse than a fine one but for a hair: where the forecast ends must not crowd the rounds into it.
            self::Unknown => 0.98,
            self::Poor => 0.4,
            self::No => 0.0,
        };
    }
}

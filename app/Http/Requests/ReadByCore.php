<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Closure;
use Illuminate\Contracts\Validation\ValidationRule;
use Nebbia\Core\Data\BadInput;
use Nebbia\Core\Data\Sentence\Catalogue;

/** What core can read: its complaint is the message. */
final readonly class ReadByCore implements ValidationRule
{
    /** @param  Closure(mixed, string): mixed  $read  of the value, at the field */
    public function __construct(private Closure $read) {}

    public function validate(string $attribute, mixed $value, Closure $fail): void
    {
        try {
            ($this->read)($value, $attribute);
        } catch (BadInput $e) {
            $fail(app(Catalogue::class)->say($e->said));
        }
    }
}

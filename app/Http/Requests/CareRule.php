<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Closure;
use Illuminate\Contracts\Validation\ValidationRule;
use Nebbia\Core\BadInput;
use Nebbia\Core\Course\Care;
use Nebbia\Core\Message\Catalogue;

/** Watering and feeding as core reads them. */
final class CareRule implements ValidationRule
{
    public function validate(string $attribute, mixed $value, Closure $fail): void
    {
        try {
            Care::read($value, $attribute);
        } catch (BadInput $e) {
            $fail(app(Catalogue::class)->say($e->said));
        }
    }
}

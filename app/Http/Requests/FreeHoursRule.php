<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Closure;
use Illuminate\Contracts\Validation\ValidationRule;
use Nebbia\Core\BadInput;
use Nebbia\Core\Course\FreeHours;
use Nebbia\Core\Message\Catalogue;

/** Free hours as core reads them. */
final class FreeHoursRule implements ValidationRule
{
    public function validate(string $attribute, mixed $value, Closure $fail): void
    {
        try {
            FreeHours::read($value, $attribute);
        } catch (BadInput $e) {
            $fail(app(Catalogue::class)->say($e->said));
        }
    }
}

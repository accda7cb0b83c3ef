<?php

declare(strict_types=1);

namespace App\Keep\Requests;

use App\Core\Say;
use App\Http\Requests\TypedRequest;
use App\Models\Garden;
use Illuminate\Validation\ValidationException;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'ForgetGarden')]
final class ForgetGardenRequest extends TypedRequest
{
    /** What the OpenAPI document says of a field, where its name does not. */
    protected const ABOUT = ['name' => 'The name of the garden, typed anew.'];

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['name' => ['required', 'string', 'max:120']];
    }

    /** @throws ValidationException where it is another's name */
    public function agree(Garden $garden): void
    {
        if (mb_strtolower(trim($this->string('name')->toString())) !== mb_strtolower(trim($garden->name))) {
            throw ValidationException::withMessages(['name' => Say::it('keep.type-its-name', ['name' => $garden->name])]);
        }
    }
}

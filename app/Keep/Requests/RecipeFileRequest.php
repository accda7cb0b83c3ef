<?php

declare(strict_types=1);

namespace App\Keep\Requests;

use App\Http\Requests\TypedRequest;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'RecipeFile')]
final class RecipeFileRequest extends TypedRequest
{
    /** What the OpenAPI document says of a field, where its name does not. */
    protected const ABOUT = ['text' => 'A nebbia.recipe/1, or a list of them, as JSON.'];

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['text' => ['required', 'string']];
    }
}

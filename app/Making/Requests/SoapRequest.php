<?php

declare(strict_types=1);

namespace App\Making\Requests;

use App\Http\Requests\TypedRequest;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'SoapDraft', required: ['soap'], properties: [new OA\Property(property: 'soap', ref: '#/components/schemas/SoapPlan')])]
final class SoapRequest extends TypedRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['soap' => ['required', 'array'], 'soap.oils' => ['required', 'array', 'max:12']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['soap' => 'Write what the soap is to be made of.', 'soap.oils' => 'Write at least one oil and how much of it.'];
    }

    /** @return array<string, mixed> */
    public function plan(): array
    {
        /** @var array<string, mixed> $plan */
        $plan = $this->array('soap');

        return $plan;
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'SoapDraft', required: ['soap'], properties: [new OA\Property(property: 'soap', ref: '#/components/schemas/SoapPlan')])]
#[OA\Schema(schema: 'SoapPlan', required: ['oils'], properties: [
    new OA\Property(property: 'oils', description: 'Oil => amount.', type: 'object', additionalProperties: new OA\AdditionalProperties(type: 'string')),
    new OA\Property(property: 'alkali', description: 'KOH, NaOH, or a blend by moles like KOH:70,NaOH:30.', type: 'string'),
    new OA\Property(property: 'purity', type: 'string', nullable: true),
    new OA\Property(property: 'superfat', type: 'string', nullable: true),
    new OA\Property(property: 'alkali_mass', description: 'As bought, to be checked.', type: 'string', nullable: true),
    new OA\Property(property: 'storage', description: '% of soap in which it is stored.', type: 'string', nullable: true),
    new OA\Property(property: 'vessel', type: 'string', nullable: true),
])]
final class SoapRequest extends FormRequest
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

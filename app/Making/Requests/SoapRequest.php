<?php

declare(strict_types=1);

namespace App\Making\Requests;

use App\Http\Requests\TypedRequest;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'SoapDraft')]
final class SoapRequest extends TypedRequest
{
    protected const PARTS = ['soap' => 'SoapPlan'];

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['soap' => ['required', 'array'], 'soap.oils' => ['required', 'array', 'max:12']];
    }

    /** @return array<string, mixed> */
    public function plan(): array
    {
        /** @var array<string, mixed> $plan */
        $plan = $this->array('soap');

        return $plan;
    }
}

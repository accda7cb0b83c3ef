<?php

declare(strict_types=1);

namespace App\Rounds\Requests;

use App\Core\Say;
use App\Http\Requests\TypedRequest;
use App\Models\Round;
use App\Models\RoundStatus;
use App\Rounds\Resources\RoundResource;
use Illuminate\Validation\ValidationException;

/** A change to one round: refused where the round is not as it was seen, or no longer planned. */
abstract class RoundRequest extends TypedRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['version' => ['required', 'integer'], 'reason' => ['nullable', 'string', 'max:255']] + $this->ownRules();
    }

    /** @return array<string, list<mixed>> */
    abstract protected function ownRules(): array;

    /** The round's application must be loaded. */
    public function refuseUnless(Round $round): void
    {
        /** @var array<string, mixed> $wanted */
        $wanted = $this->safe()->all();
        $round->refuseStale($this->integer('version'), $wanted, RoundResource::of($round));
        if ($round->status !== RoundStatus::Planned) {
            throw ValidationException::withMessages([
                'status' => Say::it('refused.this-round-not-planned', ['status' => $round->status->value]),
            ]);
        }
    }

    public function reason(): ?string
    {
        return $this->filled('reason') ? $this->string('reason')->toString() : null;
    }
}

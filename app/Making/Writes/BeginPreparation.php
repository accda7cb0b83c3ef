<?php

declare(strict_types=1);

namespace App\Making\Writes;

use App\Making\Queries\WorkOutMaking;
use App\Making\Queries\WorkOutSoap;
use App\Models\Garden;
use App\Models\Preparation;
use App\Models\Sprayer;
use App\Pantry\Household;
use Nebbia\Core\Data\BadInput;
use Nebbia\Core\Data\Sentence\Catalogue;
use Nebbia\Core\Making\Soap\SoapVerdict;
use Nebbia\Core\Shelf\Kind;
use Nebbia\Core\Shelf\Kinds;
use Nebbia\Core\Shelf\PreparationException;

/** Begins a making, once it has been worked out that it can be made so. */
final readonly class BeginPreparation
{
    public function __construct(
        private Kinds $kinds,
        private WorkOutMaking $making,
        private WorkOutSoap $soap,
        private Household $household,
        private Catalogue $catalogue,
    ) {}

    /**
     * @param  array<string, mixed>  $body  nebbia.preparation/1
     *
     * @throws BadInput
     */
    public function __invoke(Garden $garden, array $body, ?string $name, ?Sprayer $sprayer): Preparation
    {
        $body['units'] ??= $garden->units->value;
        try {
            $kind = $this->checked($garden, $body);
        } catch (BadInput $e) {
            throw $e->under('body');
        }
        $row = $garden->preparations()->create([
            'kind' => $kind->id,
            'name' => $name ?? $this->catalogue->say($kind->name()),
            'body' => $body,
            'sprayer_id' => $sprayer?->id,
            'started_at' => $garden->now(),
        ]);
        $this->household->forget($garden);

        return $row;
    }

    /**
     * @param  array<string, mixed>  $body
     *
     * @throws BadInput
     */
    private function checked(Garden $garden, array $body): Kind
    {
        $kind = $this->kinds->get(is_string($body['kind'] ?? null) ? $body['kind'] : '');
        if (! $kind->isSoap()) {
            $this->making->read($garden, $body);

            return $kind;
        }
        /** @var array<string, mixed> $plan */
        $plan = is_array($body['soap'] ?? null) ? $body['soap'] : throw PreparationException::missing('soap');
        // What would certainly burn is worked out, but never begun.
        if ($this->soap->plan($garden, $plan)->verdict === SoapVerdict::Refused) {
            throw PreparationException::freeAlkali();
        }

        return $kind;
    }
}

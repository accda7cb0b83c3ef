<?php

declare(strict_types=1);

namespace App\Bench\Requests;

use App\Bench\TypedCircumstances;
use App\Models\Garden;
use App\Models\Planting;
use App\Models\Sprayer;
use Illuminate\Http\Request;
use Nebbia\Core\Data\BadInput;
use Nebbia\Core\Judgement\Circumstances;
use Nebbia\Core\Weather\HourReader;
use Nebbia\Core\Weather\PartOfDay;

/** What is on the bench, as any of its questions sends it. */
abstract readonly class BenchInput
{
    // Not a form request: it is sent at every key, and core's readers look at each field more closely than rules could. Making
    // a validator for the rest would cost as much as working the recipe out.
    final public function __construct(protected Request $request) {}

    /** Whatever was sent as the recipe; core refuses what is none. */
    public function body(): mixed
    {
        return $this->request->input('recipe');
    }

    public function sprayer(Garden $garden): ?Sprayer
    {
        $id = $this->text('sprayer_id');

        return $id === null ? null : $garden->sprayers()->findOrFail($id);
    }

    public function planting(Garden $garden): ?Planting
    {
        $id = $this->text('planting_id');

        return $id === null ? null : $garden->plantings()->findOrFail($id);
    }

    public function volume(): ?string
    {
        return $this->text('volume');
    }

    /** @throws BadInput naming a field of `now` */
    public function now(Garden $garden): TypedCircumstances
    {
        $now = $this->request->input('now');
        if (! is_array($now)) {
            return new TypedCircumstances();
        }
        $text = static fn (string $key): ?string => isset($now[$key]) && is_scalar($now[$key]) ? (string) $now[$key] : null;
        $is = static fn (string $key): bool => ($now[$key] ?? false) === true;
        try {
            $hour = HourReader::read(
                [
                    'temperature' => $text('temperature'),
                    'humidity' => $text('humidity'),
                    'wind' => $text('wind'),
                    'rain_in' => $text('rain_in'),
                ],
                $is('sun_soon'),
                $is('bees_about'),
                $garden->units,
                PartOfDay::tryFrom($text('part') ?? ''),
            );
            $ph = HourReader::ph($text('ph'));
        } catch (BadInput $e) {
            throw $e->under('now');
        }
        $water = $text('water');

        return new TypedCircumstances(
            $hour,
            array_values(
                array_filter(
                    is_array($now['states'] ?? null) ? $now['states'] : [],
                    static fn (mixed $state): bool => in_array($state, Circumstances::STATES, true),
                ),
            ),
            in_array($water, ['rain', 'distilled'], true) ? $water : null,
            $is('washed'),
            isset($now['rinsed']) && is_bool($now['rinsed']) ? $now['rinsed'] : null,
            $ph,
        );
    }

    /** By which all that is added is made stronger, 0.05 to 5. */
    public function factor(): float
    {
        $factor = $this->request->input('factor');

        return is_int($factor) || is_float($factor) ? max(0.05, min(5.0, (float) $factor)) : 1.0;
    }

    protected function text(string $key): ?string
    {
        $value = $this->request->input($key);

        return is_string($value) && $value !== '' ? $value : null;
    }
}

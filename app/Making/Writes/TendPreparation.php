<?php

declare(strict_types=1);

namespace App\Making\Writes;

use App\Making\Queries\TellPreparation;
use App\Models\Garden;
use App\Models\Preparation;
use App\Pantry\Household;
use Carbon\CarbonImmutable;
use Nebbia\Core\Data\BadInput;
use Nebbia\Core\Measure\AmountParser;
use Nebbia\Core\Shelf\KeepingPlace;
use Nebbia\Core\Shelf\Kind;
use Nebbia\Core\Shelf\Kinds;
use Nebbia\Core\Shelf\PreparationException;

/** Writes down what became of a preparation: a step done, a timer started, stirred, strained, moved, measured, tested. */
final readonly class TendPreparation
{
    public function __construct(
        private Kinds $kinds,
        private Household $household,
        private AmountParser $amounts,
        private TellPreparation $tell,
    ) {}

    /**
     * @param  array<string, mixed>  $what  of: done, timer (steps), stirred, strained, topped_up, left (volumes as typed), kept, ph, test,
     *     name, note
     *
     * @throws BadInput naming the field
     */
    public function __invoke(Garden $garden, Preparation $row, array $what): void
    {
        $kind = $this->kinds->get($row->kind);
        $now = $garden->now();
        if (isset($what['done']) && is_array($what['done'])) {
            $row->done = $this->marked($row->done, $what['done'], $now);
        }
        if (isset($what['timer']) && is_int($what['timer'])) {
            $this->startTimer($garden, $row, $what['timer'], $now);
        }
        if (($what['stirred'] ?? false) === true) {
            $row->stirred_at = $now;
        }
        foreach (['name', 'note'] as $field) {
            if (is_string($what[$field] ?? null)) {
                $row->{$field} = $what[$field];
            }
        }
        if (array_key_exists('ph', $what)) {
            $row->ph = is_numeric($what['ph']) ? (float) $what['ph'] : null;
        }
        if (isset($what['test']) && is_array($what['test'])) {
            $row->test = [
                'clear' => $what['test']['clear'] === true,
                'ph' => is_numeric($what['test']['ph']) ? (float) $what['test']['ph'] : 0.0,
            ];
        }
        if (($what['finished'] ?? false) === true) {
            $this->finish($garden, $row, $kind, $what, $now);
        }
        if (isset($what['kept']) && $row->strained_at !== null) {
            $this->move($row, $kind, $this->place($what['kept'], $kind, $row), $now);
        }
        if (is_string($what['left'] ?? null)) {
            $row->left_ml = trim($what['left']) === '0' ? 0.0 : $this->volume($garden, 'left', $what['left']);
        }
        $row->save();
        $this->household->forget($garden);
    }

    /**
     * @param  array<int, string>  $done
     * @param  array<array-key, mixed>  $steps
     * @return array<int, string>
     */
    private function marked(array $done, array $steps, CarbonImmutable $now): array
    {
        foreach ($steps as $n => $isDone) {
            if ($isDone === true) {
                $done[(int) $n] ??= $now->toIso8601ZuluString();
            } else {
                unset($done[(int) $n]);
            }
        }

        return $done;
    }

    /** The one that stands longest starts the preparation itself. */
    private function startTimer(Garden $garden, Preparation $row, int $step, CarbonImmutable $now): void
    {
        $row->timers = [$step => $now->toIso8601ZuluString()] + $row->timers;
        foreach (($this->tell)($garden, $row)->steps as $one) {
            if ($one->n === $step && $one->kind === 'wait') {
                $row->started_at = $now;
            }
        }
    }

    /** @param  array<string, mixed>  $what */
    private function finish(Garden $garden, Preparation $row, Kind $kind, array $what, CarbonImmutable $now): void
    {
        $body = $row->body;
        foreach (['strained', 'topped_up'] as $field) {
            $text = $what[$field] ?? null;
            if (is_string($text) && trim($text) !== '') {
                $this->volume($garden, $field, $text);
                $body[$field] = $text;
            }
        }
        $body['units'] ??= $garden->units->value;
        $row->body = $body;
        $place = $this->place($what['kept'] ?? null, $kind, $row);
        $row->strained_at = $now;
        $row->stays = [['place' => $place->value, 'since' => $now->toIso8601ZuluString()]];
        $this->household->forget($garden);
        $shelf = $this->household->shelf($garden);
        $row->left_ml = $kind->isSoap()
            ? (is_string($body['strained'] ?? null)
                ? $this->volume($garden, 'strained', $body['strained'])
                : $shelf->soap($row)->storageMl)
            : $shelf->made($row)->yield->likely ?? throw PreparationException::missing('strained');
    }

    private function move(Preparation $row, Kind $kind, KeepingPlace $to, CarbonImmutable $now): void
    {
        if ($row->place() !== $to) {
            $row->stays = [...$row->stays, ['place' => $to->value, 'since' => $now->toIso8601ZuluString()]];
        }
    }

    private function place(mixed $place, Kind $kind, Preparation $row): KeepingPlace
    {
        $found = is_string($place) ? KeepingPlace::tryFrom($place) : $kind->usualPlace();
        if ($found === null || $kind->life($found) === null) {
            throw PreparationException::noPlace($row->name, array_keys($kind->keeps));
        }

        return $found;
    }

    private function volume(Garden $garden, string $field, string $text): float
    {
        try {
            return $this->amounts->parseVolume($text, $garden->units)->inBase()->likely;
        } catch (BadInput $e) {
            throw $e->at($field);
        }
    }
}

<?php

declare(strict_types=1);

namespace App\Console;

use App\Core\Say;
use App\Exceptions\BadFile;
use Illuminate\Console\Command;
use Nebbia\Core\Chemistry\Water;
use Nebbia\Core\Chemistry\Waters;
use Nebbia\Core\Data\BadInput;
use Nebbia\Core\Judgement\Circumstances;
use Nebbia\Core\Measure\TypedNumber;
use Nebbia\Core\Plant\Stage;
use Nebbia\Core\Weather\Hour;
use Nebbia\Core\Weather\HourReader;
use Nebbia\Core\Weather\PartOfDay;

/** What a command is told beside recipe and plant: the water, the state of the plant, the hour. */
final readonly class CircumstancesOptions
{
    private const WATERS = ['tap', 'rain', 'distilled'];

    public function __construct(private Waters $waters) {}

    /** @throws BadInput|BadFile naming the option */
    public function read(Command $command, ?Stage $stage): Circumstances
    {
        $states = array_map(trim(...), array_filter((array) $command->option('state'), is_string(...)));
        foreach ($states as $state) {
            if (! in_array($state, Circumstances::STATES, true)) {
                throw BadFile::option('state', Say::it('option.one-of', ['list' => implode(', ', Circumstances::STATES)]));
            }
        }

        return new Circumstances(
            stage: $stage,
            states: array_values($states),
            indoors: (bool) $command->option('indoors'),
            hour: $this->hour($command),
            water: $this->water($command),
            measuredPh: $this->ph($command),
        );
    }

    private function hour(Command $command): ?Hour
    {
        $numbers = [];
        foreach (['temperature', 'humidity', 'wind', 'rain-in'] as $option) {
            $numbers[$option] = $this->number($command, $option);
        }
        $sun = (bool) $command->option('sun-soon');
        $bees = (bool) $command->option('bees');
        $part = $command->option('part');
        $part = ! is_string($part)
            ? null
            : PartOfDay::tryFrom(trim($part)) ??
                throw BadFile::option(
                    'part',
                    Say::it('option.one-of', ['list' => implode(', ', array_column(PartOfDay::cases(), 'value'))]),
                );
        if (array_filter($numbers, static fn (?float $one): bool => $one !== null) === [] && ! $sun && ! $bees && $part === null) {
            return null;
        }
        try {
            return Hour::of($numbers['temperature'], $numbers['humidity'], $numbers['wind'], $numbers['rain-in'], $sun, $bees, $part);
        } catch (BadInput $e) {
            throw $e->renamed('--'.str_replace('_', '-', $e->field()));
        }
    }

    private function water(Command $command): ?Water
    {
        $kind = $command->option('water');
        $hardness = $this->number($command, 'hardness');
        $alkalinity = $this->number($command, 'alkalinity');
        if (is_string($kind) && ! in_array(trim($kind), self::WATERS, true)) {
            throw BadFile::option('water', Say::it('option.one-of', ['list' => implode(', ', self::WATERS)]));
        }
        if ($hardness === null && $alkalinity === null) {
            return is_string($kind) ? $this->waters->usual(trim($kind)) : null;
        }
        $usual = $this->waters->usual(is_string($kind) ? trim($kind) : 'tap');

        try {
            return Water::measured($hardness ?? $usual->hardness->likely, $alkalinity ?? $usual->alkalinity->likely);
        } catch (BadInput $e) {
            throw $e->renamed('--'.$e->field());
        }
    }

    private function ph(Command $command): ?float
    {
        try {
            return HourReader::ph(is_string($command->option('ph')) ? $command->option('ph') : null);
        } catch (BadInput $e) {
            throw $e->renamed('--ph');
        }
    }

    private function number(Command $command, string $option): ?float
    {
        $text = $command->option($option);
        if (! is_string($text)) {
            return null;
        }

        return TypedNumber::read($text) ?? throw BadFile::option($option, Say::it('option.number-like-18'));
    }
}

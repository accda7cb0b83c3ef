<?php

declare(strict_types=1);

namespace Nebbia\Core\Judgement\Effect;

use Nebbia\Core\Data\Interval;
use Nebbia\Core\Judgement\Tolerance\EffectStanding;
use Nebbia\Core\Mixing\FinalStrength;

/** Whether a substance is strong enough to do its work. */
final readonly class Effect
{
    private const NEXT_TO_NOTHING = 0.25;

    /** @param  array{float, float}  $range  in which it does its work */
    private function __construct(
        public EffectStanding $standing,
        public FinalStrength $strength,
        public string $unit,
        public Interval $amount,
        public array $range,
        /** Part of it that reacts away, 0 to 1. */
        public float $lost,
        public string $basis,
        public string $sure,
    ) {}

    /** @param  array{float, float}  $range */
    public static function of(
        EffectStanding $standing,
        FinalStrength $strength,
        string $unit = '% w/v',
        ?Interval $amount = null,
        array $range = [0.0, 0.0],
        float $lost = 0.0,
        string $basis = 'practice',
        string $sure = 'low',
    ): self {
        return new self($standing, $strength, $unit, $amount ?? $strength->percentWv, $range, $lost, $basis, $sure);
    }

    /** Whether there is next to nothing of it: less than a quarter of the least that works. */
    public function isNextToNothing(): bool
    {
        return $this->standing === EffectStanding::TooWeak && $this->amount->likely < self::NEXT_TO_NOTHING * $this->range[0];
    }

    /** Of its sentences, or null where there is nothing to say. */
    public function key(): ?string
    {
        return match ($this->standing) {
            EffectStanding::Works, EffectStanding::Helps, EffectStanding::HoldsTooLittle, EffectStanding::Unknown => null,
            default => 'effect.'.$this->standing->value,
        };
    }

    /** @return array<string, string|float> */
    public function params(): array
    {
        return [
            'substance' => $this->strength->substance->name,
            'likely' => $this->amount->likely,
            'low' => $this->amount->low,
            'left' => $this->amount->likely * (1.0 - $this->lost),
            'from' => $this->range[0],
            'to' => $this->range[1],
            'unit' => $this->unit,
        ];
    }
}

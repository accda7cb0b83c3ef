<?php

declare(strict_types=1);

namespace Nebbia\Core\Making\Soap;

use Nebbia\Core\Data\Sentence\Message;

/** The test that a home-made soap must pass: clear in hot water, and the pH of a 1 % solution no higher than a soap's own. */
final readonly class SoapTest
{
    /** Above this there is more alkali than soap itself makes. */
    public const HIGHEST_PH = 10.5;

    private function __construct(
        public bool $isClear,
        public float $ph,
    ) {}

    public static function of(bool $isClear, float $ph): self
    {
        return new self($isClear, $ph);
    }

    public function hasPassed(): bool
    {
        return $this->isClear && $this->ph <= self::HIGHEST_PH;
    }

    public function said(): Message
    {
        return Message::of(match (true) {
            $this->hasPassed() => 'soap.test.passed',
            $this->ph > self::HIGHEST_PH => 'soap.test.alkaline',
            default => 'soap.test.cloudy',
        }, ['ph' => $this->ph]);
    }
}

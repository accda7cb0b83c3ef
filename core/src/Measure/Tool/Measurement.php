<?php

declare(strict_types=1);

namespace Nebbia\Core\Measure\Tool;

use Nebbia\Core\Data\Sentence\Message;

/**
 * A way to measure a dose: with what, how much the marks come to, and how far that may be off.
 */
final readonly class Measurement
{
    /** @param  list<Message>  $terms */
    private function __construct(
        public array $terms,
        /** mL, or g where it is weighed. */
        public float $amount,
        public float $wanted,
        public bool $isWeighed,
        /** Part of the amount by which reading the marks may be off, either way. */
        public float $spread,
        /** Scoops, draws or weighings; ten drops count as one. */
        public float $effort,
    ) {}

    /** @param  list<Message>  $terms */
    public static function of(array $terms, float $amount, float $wanted, float $spread, float $effort, bool $isWeighed = false): self
    {
        return new self($terms, $amount, $wanted, $isWeighed, $spread, $effort);
    }

    /** By how much the marks come to more (or less) than wanted, as a part of what is wanted. */
    public function error(): float
    {
        return $this->amount / $this->wanted - 1.0;
    }

    /** The most it may be off, as a part of what is wanted. */
    public function worst(): float
    {
        return abs($this->error()) + $this->spread * $this->amount / $this->wanted;
    }

    public function isWithin(float $part): bool
    {
        return $this->worst() <= $part * (1 + 1e-9);
    }

    /** Fewer scoops first, then the nearer. */
    public function isBetterThan(self $other): bool
    {
        return $this->effort !== $other->effort ? $this->effort < $other->effort : $this->worst() < $other->worst() - 1e-12;
    }

    public function said(): Message
    {
        $said = $this->terms[0];
        foreach (array_slice($this->terms, 1) as $term) {
            $said = Message::of('measuring.and', ['a' => $said, 'b' => $term]);
        }

        return $said;
    }
}

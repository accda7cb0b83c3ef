<?php

declare(strict_types=1);

namespace Nebbia\Core\Judgement\Evidence;

/** What a gardener saw on a planting after a spray or a test patch. */
final readonly class Observation
{
    /**
     * @param  array<string, float>  $strengths  substance => strength in the unit of its threshold
     * @param  float  $score  injury from 0 (none) to 10 (dead): 1 is up to a tenth of the leaf, and so on
     * @param  bool  $whole  the whole plant was sprayed, not a few leaves
     */
    private function __construct(
        public array $strengths,
        public float $score,
        public bool $whole,
        /** When, in words for a sentence; empty where it is not known. */
        public string $when,
    ) {}

    /**
     * @param  array<string, float>  $strengths
     *
     * @throws EvidenceException if the score is none
     */
    public static function of(array $strengths, float $score, bool $whole = false, string $when = ''): self
    {
        return $score >= 0.0 && $score <= 10.0 ? new self($strengths, $score, $whole, $when) : throw EvidenceException::score();
    }
}

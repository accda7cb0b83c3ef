<?php

declare(strict_types=1);

namespace Nebbia\Core\Judgement\Evidence;

use Nebbia\Core\Data\Interval;
use Nebbia\Core\Data\Sentence\Message;

/** How to try a mix on a few leaves: from weak to full strength, each step waited out. */
final readonly class PatchLadder
{
    /**
     * @param  list<PatchStep>  $steps  empty where it must not be tried
     * @param  list<Message>  $looks  what to look for
     */
    private function __construct(
        public array $steps,
        public Interval $leaves,
        public array $looks,
        public float $passed,
        public float $stops,
    ) {}

    /**
     * @param  list<PatchStep>  $steps
     * @param  list<Message>  $looks
     */
    public static function of(array $steps, Interval $leaves, array $looks, float $passed, float $stops): self
    {
        return new self($steps, $leaves, $looks, $passed, $stops);
    }

    /**
     * What to do after what was seen.
     *
     * @param  float  $fraction  that was tried
     * @param  float  $score  0 to 10
     */
    public function advise(float $fraction, float $score): PatchAdvice
    {
        $next = null;
        $weaker = null;
        foreach ($this->steps as $step) {
            if ($step->fraction > $fraction * (1 + 1e-9)) {
                $next ??= $step;
            } elseif ($step->fraction < $fraction * (1 - 1e-9)) {
                $weaker = $step;
            }
        }

        return match (true) {
            $score >= $this->stops => PatchAdvice::of('stop', null),
            $score > $this->passed => PatchAdvice::of($weaker === null ? 'stop' : 'weaker', $weaker),
            $next !== null => PatchAdvice::of('next', $next),
            $fraction < 1.0 => PatchAdvice::of('enough', null),
            default => PatchAdvice::of('done', null),
        };
    }
}

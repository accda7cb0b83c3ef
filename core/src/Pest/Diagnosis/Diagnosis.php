<?php

declare(strict_types=1);

namespace Nebbia\Core\Pest\Diagnosis;

use Nebbia\Core\Data\Finding;
use Nebbia\Core\Data\Sentence\Message;
use Nebbia\Core\Data\Severity;
use Nebbia\Core\Target\Targets;

/** Causes, the likeliest first, and the next look. */
final readonly class Diagnosis
{
    /** Below this the first cause is one of several, and below that none is named. */
    private const ONE_OF_SEVERAL = 0.30;

    private const UNNAMED = 0.15;

    /** A second that has so much of the first is as good as it. */
    /** % from which it is probable: more likely than all others together. */
    private const PROBABLE = 50;

    private const TIE = 2.0 / 3.0;

    /**
     * @param  list<RankedCause>  $causes  their probabilities sum to 1
     * @param  list<string>  $shown  causes that were seen themselves, or by what only they make
     */
    public function __construct(
        public array $causes,
        public ?NextLook $nextLook,
        private float $settledFrom,
        private Answers $answers,
        private array $shown = [],
    ) {}

    public function first(): RankedCause
    {
        return $this->causes[0];
    }

    /** Whether the first cause is likely enough to act on, and was seen. */
    public function isSettled(): bool
    {
        return $this->standing() === Standing::Settled;
    }

    public function standing(): Standing
    {
        $first = $this->first();
        $isShown = in_array($first->cause, $this->shown, true);

        return match (true) {
            ! $first->isNone() && $first->probability >= $this->settledFrom => $isShown ? Standing::Settled : Standing::Likely,
            $first->probability < self::UNNAMED || $this->causes[1]->probability >= self::TIE * $first->probability => Standing::Unsettled,
            $first->probability < self::ONE_OF_SEVERAL => Standing::Several,
            default => Standing::Open,
        };
    }

    /**
     * What to make of it. Probabilities rest on coarse words, and it says so.
     *
     * @return list<Finding>
     */
    public function findings(Targets $targets): array
    {
        $next = $this->nextLook === null ? [] : ['next' => $this->nextLook->sign->name(), 'look' => $this->nextLook->sign->look()];
        if ($this->answers->seen === []) {
            return [Finding::of('diagnosis', Severity::Notice, 'diagnosis.nothing-seen', [], 'practice', 'low')];
        }
        $first = $this->first();
        if ($first->isNone()) {
            return [Finding::of('diagnosis', Severity::Notice, 'diagnosis.none', $next, 'practice', 'low')];
        }
        $target = $targets->named($first->cause);
        $percent = (int) round(100 * $first->probability);
        $params = ['cause' => $target->name, 'percent' => $percent, 'word' => $percent >= self::PROBABLE ? 'probably' : 'perhaps'] + $next;
        if (! $this->isSettled()) {
            $second = $this->causes[1];
            $params['second'] = $second->isNone() ? Message::of('cause.none-of-these') : $targets->named($second->cause)->name;

            return [Finding::of('diagnosis', Severity::Notice, 'diagnosis.'.$this->standing()->value, $params + $next, 'practice', 'low')];
        }
        $findings = [
            Finding::of(
                'diagnosis',
                Severity::Fine,
                'diagnosis.settled',
                $params + ['does' => Message::of("target.$target->id.does")],
                'practice',
                'low',
            ),
        ];
        if ($target->isLookAlike()) {
            $findings[] = Finding::of(
                'no-spray',
                Severity::Caution,
                'no-spray',
                $params + ['care' => Message::of("care.$target->id")],
                'established guidance',
                'medium',
            );
        }

        return $findings;
    }
}

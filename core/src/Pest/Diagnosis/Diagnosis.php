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
    /** @param  list<RankedCause>  $causes  their probabilities sum to 1 */
    public function __construct(
        public array $causes,
        public ?NextLook $nextLook,
        private float $settledFrom,
        private Answers $answers,
    ) {}

    public function first(): RankedCause
    {
        return $this->causes[0];
    }

    /** Whether the first cause is likely enough to act on. */
    public function isSettled(): bool
    {
        return ! $this->first()->isNone() && $this->first()->probability >= $this->settledFrom;
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
        $params = ['cause' => $target->name, 'percent' => (int) round(100 * $first->probability)] + $next;
        if (! $this->isSettled()) {
            $second = $this->causes[1];
            $params['second'] = $second->isNone() ? Message::of('cause.none-of-these') : $targets->named($second->cause)->name;

            return [Finding::of('diagnosis', Severity::Notice, 'diagnosis.open', $params, 'practice', 'low')];
        }
        $findings = [Finding::of('diagnosis', Severity::Fine, 'diagnosis.settled', $params + ['does' => Message::of("target.$target->id.does")], 'practice', 'low')];
        if ($target->isLookAlike()) {
            $findings[] = Finding::of('no-spray', Severity::Caution, 'no-spray', $params + ['care' => Message::of("care.$target->id")], 'established guidance', 'medium');
        }

        return $findings;
    }
}

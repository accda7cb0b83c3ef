<?php

declare(strict_types=1);

namespace Nebbia\Core\Judgement;

use Nebbia\Core\Data\Finding;
use Nebbia\Core\Data\Sentence\Message;
use Nebbia\Core\Data\Severity;

/** The one sentence that says how a mix stands. */
final readonly class Headline
{
    private function __construct(
        public Severity $severity,
        public Message $what,
        public ?Message $instead,
    ) {}

    public static function of(JudgedMix $judged): self
    {
        $findings = $judged->findings;
        $worst = $judged->worst();
        if ($worst->rank() >= Severity::Caution->rank()) {
            return new self($worst, $findings[0]->what, $findings[0]->instead);
        }
        $notices = count(array_filter($findings, static fn (Finding $f): bool => $f->severity === Severity::Notice));
        $leading = $judged->leading();
        if ($leading !== null) {
            return new self($worst, $leading->what, $leading->instead);
        }
        $params = ['plant' => $judged->situation->plantName(), 'notices' => $notices];
        if (! $judged->mix->recipe->use->wetsLeaves()) {
            return new self($worst, Message::of('headline.unjudged', $params), null);
        }
        foreach ($findings as $finding) {
            if ($finding->rule === 'tolerance' && $finding->severity === Severity::Notice) {
                return new self($worst, $finding->what, $finding->instead);
            }
        }

        return new self($worst, Message::of('headline.fine', $params), null);
    }
}

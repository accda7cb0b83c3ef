<?php

declare(strict_types=1);

namespace Nebbia\Core\Pest;

use Nebbia\Core\Data\Sentence\Message;
use Nebbia\Core\Mixing\Mix;
use Nebbia\Core\Target\Target;

/** What a mix does to what it is aimed at, as far as is known. */
final readonly class Aim
{
    /** @param  string  $word  helps, little (only weakly shown), weak (too little in it), tried (of no use) or nothing */
    private function __construct(public Target $target, public string $word, public Message $said) {}

    public static function of(Mix $mix, Target $target, Remedies $remedies): self
    {
        $best = $little = $tried = null;
        foreach ($remedies->all as $remedy) {
            $pairing = $remedy->pairings[$target->id] ?? null;
            if ($pairing === null || ! $remedy->goesBy($mix->recipe->use)) {
                continue;
            }
            $isMade = $remedy->isMadeBy($mix);
            if ($isMade && $pairing->evidence === Evidence::None) {
                $tried ??= $remedy;
            } elseif ($isMade && ($best === null || $pairing->evidence->rank() > $best->pairings[$target->id]->evidence->rank())) {
                $best = $remedy;
            } elseif (! $isMade && $pairing->evidence !== Evidence::None && self::holdsSome($mix, $remedy)) {
                $little ??= $remedy;
            }
        }

        return match (true) {
            $best !== null => self::helping($target, $best, $best->pairings[$target->id]),
            $little !== null => self::none('weak', $target, $little),
            $tried !== null => self::none('tried', $target, $tried),
            default => self::none('nothing', $target),
        };
    }

    private static function none(string $word, Target $target, ?Remedy $remedy = null): self
    {
        $remedies = $remedy === null ? [] : ['remedy' => $remedy->name()];

        return new self($target, $word, Message::of("aim.$word", $remedies + ['target' => $target->name]));
    }

    private static function helping(Target $target, Remedy $remedy, Pairing $pairing): self
    {
        return new self(
            $target,
            $pairing->evidence === Evidence::Weak ? 'little' : 'helps',
            Message::of('aim.helps', [
                'remedy' => $remedy->name(),
                'target' => $target->name,
                'evidence' => Message::of('evidence.'.$pairing->evidence->value),
                'before' => $pairing->asPrevention ? 'yes' : 'no',
                'stages' => $pairing->stages === []
                    ? 'none'
                    : Message::of('aim.stages', [
                        'first' => Message::of('stage.'.$pairing->stages[0]),
                        'second' => isset($pairing->stages[1]) ? Message::of('stage.'.$pairing->stages[1]) : 'none',
                        'third' => isset($pairing->stages[2]) ? Message::of('stage.'.$pairing->stages[2]) : 'none',
                    ]),
            ]),
        );
    }

    private static function holdsSome(Mix $mix, Remedy $remedy): bool
    {
        foreach ($remedy->substances as $substance) {
            if (($mix->strengthOf($substance)?->in($remedy->schools['unit'] ?? '% w/v')->likely ?? 0.0) > 0.0) {
                return true;
            }
        }

        return false;
    }
}

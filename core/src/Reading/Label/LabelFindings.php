<?php

declare(strict_types=1);

namespace Nebbia\Core\Reading\Label;

use Nebbia\Core\Data\Finding;
use Nebbia\Core\Data\Sentence\Message;
use Nebbia\Core\Data\Severity;

/** What a bottle's contents give to think about, before anything is mixed with it. */
final class LabelFindings
{
    /** Names of what disinfects, not only keeps: harsh on leaves and all that lives. */
    private const DISINFECTS = ['benzalkonium', 'didecyldimethyl', 'chlorhexidin', 'triclosan', 'disinfect', 'desinf', 'desinfe'];

    /** Of what a bottle is; what is not here stops (FACTS.md, N2: stop for spraying, caution for a bought product off its label). */
    private const SEVERITIES = [
        'own-label' => Severity::Caution,
        'strong-peroxide' => Severity::Caution,
        'strong-vinegar' => Severity::Caution,
        'salt' => Severity::Caution,
        'not-soda' => Severity::Notice,
    ];

    /** @return list<Finding> the gravest first */
    public static function of(LabelReading $label): array
    {
        $findings = [];
        foreach ($label->parts as $part) {
            $name = mb_strtolower($part->text);
            if ($part->name === 'sodium hypochlorite') {
                $findings['bleach'] = Finding::of(
                    'label',
                    Severity::Stop,
                    'bottle.finding.bleach',
                    ['name' => $part->text],
                    'established guidance',
                    'high',
                );
            } elseif (
                $part->class === PartClass::Biocide &&
                array_filter(self::DISINFECTS, static fn (string $word): bool => str_contains($name, $word)) !== []
            ) {
                $findings['disinfects'] = Finding::of(
                    'label',
                    Severity::Caution,
                    'bottle.finding.disinfects',
                    ['name' => $part->text],
                    'established guidance',
                    'high',
                );
            } elseif (
                $part->class === PartClass::Alkali &&
                $label->verdict === LabelVerdict::Detergent &&
                str_contains((string) $part->name, 'hydroxide')
            ) {
                $findings['caustic'] = Finding::of(
                    'label',
                    Severity::Caution,
                    'bottle.finding.caustic',
                    ['name' => $part->text],
                    'established guidance',
                    'high',
                );
            }
        }
        foreach ($label->contents->warns ?? [] as $warning) {
            $findings[$warning] ??= Finding::of(
                'label',
                self::SEVERITIES[$warning] ?? Severity::Stop,
                "bottle.finding.$warning",
                ['name' => $label->contents->ingredient->name ?? ''],
                'established guidance',
                'high',
            );
        }
        $findings += $label->warnings;
        $findings[] = $label->isKnown() ? self::known($label) : Finding::of(
            'label',
            match ($label->verdict) {
                LabelVerdict::Soap => Severity::Fine,
                LabelVerdict::Unclear => Severity::Notice,
                default => Severity::Caution,
            },
            'bottle.finding.'.$label->verdict->value,
            ['because' => $label->because],
            'established guidance',
            $label->verdict === LabelVerdict::Unclear ? 'low' : 'medium',
        );
        usort($findings, static fn (Finding $a, Finding $b): int => $b->severity->rank() <=> $a->severity->rank());

        return $findings;
    }

    private static function known(LabelReading $label): Finding
    {
        $contents = $label->contents;

        return Finding::of(
            'label',
            Severity::Fine,
            'bottle.finding.known',
            ['name' => $contents->ingredient->name ?? '', 'use' => $contents->use ?? Message::of('bottle.use.none')],
            'established guidance',
            'medium',
        );
    }
}

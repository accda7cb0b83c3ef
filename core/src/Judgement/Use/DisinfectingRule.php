<?php

declare(strict_types=1);

namespace Nebbia\Core\Judgement\Use;

use Nebbia\Core\Data\Finding;
use Nebbia\Core\Data\Row;
use Nebbia\Core\Data\Severity;
use Nebbia\Core\Data\Table;
use Nebbia\Core\Judgement\GroundTopic;
use Nebbia\Core\Judgement\Rule;
use Nebbia\Core\Judgement\RuleGround;
use Nebbia\Core\Judgement\Situation;
use Nebbia\Core\Mixing\FinalStrength;
use Nebbia\Core\Mixing\Recipe\UseOfSpray;

/** Tools, pots and surfaces: other strengths than leaves, and a contact time. */
final readonly class DisinfectingRule implements Rule
{
    /** @var list<Row> */
    private array $rows;

    public function __construct(Table $tolerances)
    {
        $this->rows = array_values($tolerances->rows('disinfecting'));
    }

    public function grounds(): array
    {
        return [RuleGround::plain('disinfecting', GroundTopic::Leaves, 'established guidance', 'high')];
    }

    public function sentences(): array
    {
        return ['use.disinfect', 'disinfecting.fine', 'disinfecting.too-weak'];
    }

    public function judge(Situation $situation): iterable
    {
        if ($situation->mix->recipe->use !== UseOfSpray::Disinfect) {
            return;
        }
        yield Finding::of('use', Severity::Notice, 'use.disinfect', [], 'established guidance', 'high')->from('use');
        foreach ($this->rows as $row) {
            foreach ($row->strings('substances') as $substance) {
                $strength = $situation->mix->strengthOf($substance);
                $amount = $strength?->in($row->string('unit'));
                $works = $row->floats('works');
                if ($strength === null || $amount === null || ! isset($works[0], $works[1])) {
                    continue;
                }
                $reaches = $amount->low >= $works[0] * (1 - 1e-9);
                yield Finding::of(
                    'disinfecting',
                    $reaches ? Severity::Fine : Severity::Notice,
                    $reaches ? 'disinfecting.fine' : 'disinfecting.too-weak',
                    [
                        'substance' => $strength->substance->name,
                        'likely' => $amount->likely,
                        'low' => $amount->low,
                        'from' => $works[0],
                        'to' => $works[1],
                        'unit' => $row->string('unit'),
                        'contact' => $row->string('contact'),
                    ],
                    $row->string('basis'),
                    $row->string('sure'),
                    [$substance],
                )->from('disinfecting');
            }
        }
    }

    /**
     * How a substance stands to what it takes to disinfect, as the sentences say it; null where that is not known.
     *
     * @return array{low: float, likely: float, left: float, from: float, unit: string}|null
     */
    public function params(FinalStrength $strength): ?array
    {
        foreach ($this->rows as $row) {
            $from = $row->floats('works')[0] ?? null;
            $amount = $strength->in($row->string('unit'));
            if ($from !== null && $amount !== null && in_array($strength->substance->id, $row->strings('substances'), true)) {
                $likely = $amount->likely;

                return ['low' => $amount->low, 'likely' => $likely, 'left' => $likely, 'from' => $from, 'unit' => $row->string('unit')];
            }
        }

        return null;
    }

    /** Whether a substance is strong enough to disinfect, by its lower end. */
    public function reaches(FinalStrength $strength): bool
    {
        foreach ($this->rows as $row) {
            $from = $row->floats('works')[0] ?? null;
            if ($from !== null && in_array($strength->substance->id, $row->strings('substances'), true)) {
                return ($strength->in($row->string('unit'))->low ?? 0.0) >= $from * (1 - 1e-9);
            }
        }

        return false;
    }
}

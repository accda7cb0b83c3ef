<?php

declare(strict_types=1);

namespace Nebbia\Core\Judgement\Effect;

use Nebbia\Core\Data\Finding;
use Nebbia\Core\Data\Row;
use Nebbia\Core\Data\Severity;
use Nebbia\Core\Data\Table;
use Nebbia\Core\Judgement\GroundTopic;
use Nebbia\Core\Judgement\Rule;
use Nebbia\Core\Judgement\RuleGround;
use Nebbia\Core\Judgement\Situation;
use Nebbia\Core\Judgement\Tolerance\EffectStanding;
use Nebbia\Core\Mixing\FinalStrength;
use Nebbia\Core\Mixing\Recipe\UseOfSpray;
use Nebbia\Core\Plant\Thresholds;

/**
 * Whether each substance is strong enough to do its work, judged on the lower end, and whether it is stronger than needed.
 */
final readonly class EffectRule implements Rule
{
    /** "Works from" is no cliff (FACTS.md, M3): from this share of it on it is on the weak side, below too weak. */
    private const NO_CLIFF = 0.8;

    /** Five millilitres added to a litre are not quite five in a thousand: a hair under is not worth a word. */
    private const HAIR_UNDER = 0.95;

    /** @var array<string, Row> */
    private array $weeds;

    /** @var array<string, Row> */
    private array $roots;

    /** @var list<Row> */
    private array $helpers;

    public function __construct(Table $tolerances, private Thresholds $leaves, private Emulsion $emulsion)
    {
        $this->weeds = self::bySubstance($tolerances->rows('weeds'));
        $this->roots = self::bySubstance($tolerances->rows('roots'));
        $this->helpers = array_values($tolerances->rows('helpers'));
    }

    public function grounds(): array
    {
        return [RuleGround::plain('effect', GroundTopic::Leaves, 'established guidance', 'medium')];
    }

    public function sentences(): array
    {
        return [
            'effect.nothing',
            'effect.too-weak',
            'effect.weak-side',
            'effect.perhaps-too-weak',
            'effect.more-than-needed',
            'effect.spent',
        ];
    }

    public function judge(Situation $situation): iterable
    {
        $findings = [];
        $isNothing = true;
        $effects = array_map(fn (FinalStrength $strength): Effect => $this->of($situation, $strength), $situation->mix->strengths);
        $isTooWeak = self::isTooWeakInAll($effects);
        foreach ($effects as $effect) {
            $strength = $effect->strength;
            $isNothing = $isNothing && $effect->isNextToNothing();
            // What another ingredient takes is said with the pair; what the water takes is said here.
            if ($effect->key() !== null && ($effect->standing !== EffectStanding::Spent || $this->waterTakes($situation, $effect))) {
                $params = $effect->params() + ['alone' => $isTooWeak && count($effects) === 1 ? 'yes' : 'no'];
                $finding = Finding::of('effect', Severity::Notice, $effect->key(), $params, $effect->basis, $effect->sure, [
                    $strength->substance->id,
                ])->from("tolerance.{$strength->substance->id}");
                $findings[] = $isTooWeak && $effect->standing->isTooWeak() ? $finding->leading() : $finding;
            }
        }
        if ($isNothing && $findings !== []) {
            $nothing = Finding::of('effect', Severity::Notice, 'effect.nothing', [], 'established guidance', 'medium');

            yield $nothing->from('effect')->leading();

            return;
        }
        yield from $findings;
    }

    /**
     * Whether nothing in it does its work: what only helps does none by itself, and of what is not known something may be expected.
     *
     * @param  array<array-key, Effect>  $effects
     */
    private static function isTooWeakInAll(array $effects): bool
    {
        $isAny = false;
        foreach ($effects as $effect) {
            if ($effect->standing->isTooWeak()) {
                $isAny = true;
            } elseif (! in_array($effect->standing, [EffectStanding::Helps, EffectStanding::HoldsTooLittle], true)) {
                return false;
            }
        }

        return $isAny;
    }

    private function waterTakes(Situation $situation, Effect $effect): bool
    {
        $taken = $situation->aftermath?->soapToWater->likely ?? 0.0;

        return in_array($effect->strength->substance->id, ['potassium-soap', 'sodium-soap'], true) &&
            $effect->amount->likely - $taken < self::NO_CLIFF * $effect->range[0];
    }

    /** How one substance stands to the work it is there for. */
    public function of(Situation $situation, FinalStrength $strength): Effect
    {
        $use = $situation->mix->recipe->use;
        $id = $strength->substance->id;
        if ($use->wetsLeaves() && $this->emulsion->isHolder($id) && ! $this->emulsion->isHeld($situation)) {
            return Effect::of(EffectStanding::HoldsTooLittle, $strength);
        }
        if ($use->wetsLeaves() && $this->helps($situation, $strength)) {
            return Effect::of(EffectStanding::Helps, $strength);
        }
        [$unit, $works, $basis, $sure] = $this->range($situation, $id) ?? [null, null, 'practice', 'low'];
        $amount = $unit === null ? null : $strength->in($unit);
        if ($unit === null || $works === null || $amount === null) {
            return Effect::of(EffectStanding::Unknown, $strength);
        }
        $lost = $situation->aftermath?->lost($id) ?? 0.0;
        $least = self::NO_CLIFF * $works[0] * (1 - 1e-9);
        $standing = match (true) {
            $amount->likely < $least => EffectStanding::TooWeak,
            $amount->likely * (1.0 - $lost) < $least => EffectStanding::Spent,
            $amount->low < $least => EffectStanding::PerhapsTooWeak,
            $amount->likely < self::HAIR_UNDER * $works[0] => EffectStanding::WeakSide,
            $amount->likely > $works[1] * (1 + 1e-9) => EffectStanding::MoreThanNeeded,
            default => EffectStanding::Works,
        };

        return Effect::of($standing, $strength, $unit, $amount, $works, $lost, $basis, $sure);
    }

    /** Whether it is there to carry another substance, and strong enough for that: then it need not work by itself. */
    private function helps(Situation $situation, FinalStrength $strength): bool
    {
        foreach ($this->helpers as $row) {
            $amount = $strength->in($row->string('unit'));
            $works = $this->leaves->of($strength->substance->id)?->works;
            if ($amount === null || $works === null || ! in_array($strength->substance->id, $row->strings('substances'), true)) {
                continue;
            }
            foreach ($row->strings('with') as $other) {
                if ($situation->mix->strengthOf($other) !== null) {
                    return $amount->likely >= $row->float('from') * (1 - 1e-9) && $amount->likely <= $works[1] * (1 + 1e-9);
                }
            }
        }

        return false;
    }

    /** @return array{string, array{float, float}|null, string, string}|null unit, range, basis, how sure */
    private function range(Situation $situation, string $substance): ?array
    {
        $use = $situation->mix->recipe->use;
        if ($use->wetsLeaves()) {
            $threshold = $this->leaves->of($substance, $situation->isBareWood());

            return $threshold === null ? null : [$threshold->unit, $threshold->works, $threshold->basis, $threshold->sure];
        }
        $row = match ($use) {
            UseOfSpray::Weed => $this->weeds[$substance] ?? null,
            UseOfSpray::Drench => $this->roots[$substance] ?? null,
            default => null,
        };
        $works = $row?->floats('works') ?? [];

        return $row === null || ! isset($works[0], $works[1])
            ? null
            : [$row->string('unit'), [$works[0], $works[1]], $row->string('basis'), $row->string('sure')];
    }

    /**
     * @param  array<string, Row>  $rows
     * @return array<string, Row>
     */
    private static function bySubstance(array $rows): array
    {
        $by = [];
        foreach ($rows as $row) {
            foreach ($row->strings('substances') as $substance) {
                $by[$substance] = $row;
            }
        }

        return $by;
    }
}

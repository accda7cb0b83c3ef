<?php

declare(strict_types=1);

namespace Nebbia\Core\Judgement\Tolerance;

use Nebbia\Core\Data\Finding;
use Nebbia\Core\Data\Interval;
use Nebbia\Core\Data\Row;
use Nebbia\Core\Data\Sentence\Message;
use Nebbia\Core\Data\Severity;
use Nebbia\Core\Data\Table;
use Nebbia\Core\Judgement\GroundTopic;
use Nebbia\Core\Judgement\Rule;
use Nebbia\Core\Judgement\RuleGround;
use Nebbia\Core\Judgement\Situation;
use Nebbia\Core\Mixing\FinalStrength;
use Nebbia\Core\Mixing\Recipe\RecipeLine;
use Nebbia\Core\Mixing\Recipe\UseOfSpray;
use Nebbia\Core\Plant\Modifier;
use Nebbia\Core\Plant\SensitivityGroup;
use Nebbia\Core\Plant\Threshold;
use Nebbia\Core\Plant\Thresholds;
use Nebbia\Core\Substance\Ingredient;
use Nebbia\Core\Substance\Substances;

/**
 * Every substance against what the plant bears: on leaves for foliar sprays and dips, on roots for a drench.
 *
 * Stop needs the likely strength; where only the upper end gets there, the gardener is told to measure properly.
 */
final readonly class ToleranceRule implements Rule
{
    private const HALF = 0.5;

    private const ASH = 'ash-ph';

    /** Up to this pH strained ash water is no worse than soap. */
    private const MILD_ASH = 10.0;

    /** pH above which strained ash water is lye. */
    private float $caustic;

    /** @var array<string, Row> */
    private array $roots;

    public function __construct(Table $tolerances, Table $chemistry, private Limits $limits, private Thresholds $leaves, private Substances $substances)
    {
        $this->caustic = $chemistry->part('ph')->float('stop_above');
        $roots = [];
        foreach ($tolerances->rows('roots') as $row) {
            foreach ($row->strings('substances') as $substance) {
                $roots[$substance] = $row;
            }
        }
        $this->roots = $roots;
    }

    public function grounds(): array
    {
        $grounds = [];
        foreach ($this->substances->ids() as $id) {
            $threshold = $this->leaves->of($id);
            if ($threshold !== null) {
                $grounds[] = RuleGround::of(
                    "tolerance.$id", GroundTopic::Leaves, Message::of('ground.tolerance.title', ['name' => $this->substances->of($id)->name]), $this->bears($threshold),
                    $threshold->basis, $threshold->sure, [$id],
                );
            }
        }
        $ofRoots = [];
        foreach ($this->roots as $row) {
            $id = $row->strings('substances')[0] ?? '';
            $ofRoots[$id] = RuleGround::of("roots.$id", GroundTopic::Leaves, Message::of('ground.roots.title', ['name' => $this->substances->of($id)->name]), Message::of('ground.roots.text', [
                'sensitive' => $row->row('careful')->float('sensitive'), 'ordinary' => $row->row('careful')->float('ordinary'), 'unit' => $row->string('unit'),
            ]), $row->string('basis'), $row->string('sure'));
        }

        return [...$grounds, ...array_values($ofRoots), RuleGround::plain('tolerance.unknown', GroundTopic::Leaves, 'practice', 'low')];
    }

    public function sentences(): array
    {
        $by = static fn (string $head, StrengthVerdict ...$verdicts): array => array_map(static fn (StrengthVerdict $one): string => "$head.$one->value", array_values($verdicts));

        return [
            'tolerance.unknown', 'tolerance.unknown-roots', ...$by('tolerance', ...StrengthVerdict::cases()),
            ...$by('tolerance.roots', StrengthVerdict::Fine, StrengthVerdict::PerhapsCareful, StrengthVerdict::Careful),
            ...$by('tolerance.ash-measured', StrengthVerdict::Fine, StrengthVerdict::Careful, StrengthVerdict::Stop),
            ...$by('tolerance.ash-ph', StrengthVerdict::Careful, StrengthVerdict::Stop), 'tolerance.sulfur-heat.stop', 'tolerance.nicotine.stop',
        ];
    }

    public function judge(Situation $situation): iterable
    {
        $use = $situation->mix->recipe->use;
        if (! $use->wetsLeaves() && $use !== UseOfSpray::Drench) {
            return;
        }
        foreach ($situation->mix->strengths as $strength) {
            if ($strength->percentWv->likely > 0.0) {
                yield $this->finding($situation, $strength, $use);
            }
        }
    }

    private function finding(Situation $situation, FinalStrength $strength, UseOfSpray $use): Finding
    {
        $substance = $strength->substance->id;
        $limit = $this->limits->of($situation, $substance);
        $amount = $limit === null ? null : $strength->in($limit->threshold->unit);
        if ($use === UseOfSpray::Drench && isset($this->roots[$substance])) {
            return $this->onRoots($situation, $strength, $this->roots[$substance]);
        }
        if ($limit === null || $amount === null || ($use === UseOfSpray::Drench && $limit->threshold->drench === 'none')) {
            return Finding::of('tolerance', Severity::Notice, $use === UseOfSpray::Drench ? 'tolerance.unknown-roots' : 'tolerance.unknown', [
                'substance' => $strength->substance->name,
                'plant' => $situation->plantName(),
            ], 'practice', 'low', [$substance])->from('tolerance.unknown');
        }
        $measured = $limit->threshold->note === self::ASH && $limit->stop === null ? $situation->circumstances->measuredPh ?? $this->mildAsh($situation) : null;
        if ($measured !== null) {
            return $this->measuredAsh($measured, $limit, $substance);
        }
        $part = $use === UseOfSpray::Drench && $limit->threshold->drench === 'half' ? self::HALF : 1.0;
        $verdict = $limit->verdict($amount, $part);

        return Finding::of(
            'tolerance',
            $verdict->severity(),
            $this->key($limit, $verdict),
            $this->params($situation, $strength, $amount, $limit->threshold->unit, $limit->group) + [
                'careful' => $limit->careful * $part,
                'stop' => ($limit->stop ?? 0.0) * $part,
                'moved' => $this->moved($limit),
            ],
            $limit->threshold->basis,
            $limit->threshold->sure,
            [$substance],
        )->from("tolerance.$substance");
    }

    /**
     * The pH of the ash water itself, where all the ash comes from jars that were measured and found mild: thinned it is milder still. Of a
     * caustic one nothing follows for the spray, which has to be measured.
     */
    private function mildAsh(Situation $situation): ?float
    {
        $recipe = $situation->mix->recipe;
        $highest = null;
        foreach ([-1 => $recipe->liquid, ...array_map(static fn (RecipeLine $line): Ingredient => $line->ingredient, $recipe->lines)] as $n => $ingredient) {
            if ($ingredient->substance?->id !== 'wood-ash') {
                continue;
            }
            $ph = ($recipe->preparations()[$n] ?? null)?->ph;
            if ($ph === null || $ph > self::MILD_ASH) {
                return null;
            }
            $highest = max($highest ?? 0.0, $ph);
        }

        return $highest;
    }

    /** Of ash water only its pH tells; lime-haters, for which a stop is known, get none all the same. */
    private function measuredAsh(float $ph, Limit $limit, string $substance): Finding
    {
        [$severity, $key] = match (true) {
            $ph > $this->caustic => [Severity::Stop, 'stop'],
            $ph > self::MILD_ASH => [Severity::Caution, 'careful'],
            default => [Severity::Fine, 'fine'],
        };

        return Finding::of('tolerance', $severity, "tolerance.ash-measured.$key", ['ph' => $ph], $limit->threshold->basis, $limit->threshold->sure, [$substance])->from("tolerance.$substance");
    }

    /** Why the figure is not the one of the table. */
    private function moved(Limit $limit): Message|string
    {
        $own = $limit->learned === null ? '' : Message::of('tolerance.learned', ['factor' => $limit->learned->factor, 'n' => $limit->learned->observations]);
        if ($limit->modifiers === []) {
            return $own;
        }
        $names = null;
        foreach ($limit->modifiers as $modifier) {
            $name = Message::of("condition.$modifier->id.name");
            $names = $names === null ? $name : Message::of('tolerance.and', ['a' => $names, 'b' => $name]);
        }

        return Message::of('tolerance.moved', ['why' => $names, 'percent' => 100.0 * $limit->factor, 'own' => $own]);
    }

    private function onRoots(Situation $situation, FinalStrength $strength, Row $row): Finding
    {
        $unit = $row->string('unit');
        $amount = $strength->in($unit) ?? $strength->percentWv;
        // Seedlings stand with the sensitive, whatever they grow into.
        $tender = array_filter($this->limits->holding($situation, $strength->substance->id), static fn (Modifier $modifier): bool => $modifier->roots) !== [];
        $group = $tender ? SensitivityGroup::Sensitive : $situation->groupFor('peroxide');
        $careful = $row->row('careful')->float($group->value);
        $verdict = StrengthVerdict::of($amount, $careful, INF);

        return Finding::of(
            'tolerance',
            $verdict->severity(),
            'tolerance.roots.'.$verdict->value,
            $this->params($situation, $strength, $amount, $unit, $group) + ['careful' => $careful],
            $row->string('basis'),
            $row->string('sure'),
            [$strength->substance->id],
        )->from("roots.{$strength->substance->id}");
    }

    private function key(Limit $limit, StrengthVerdict $verdict): string
    {
        // A threshold of nothing is one that no strength stays under; it has words of its own.
        return $limit->careful === 0.0 && $limit->threshold->note !== null
            ? "tolerance.{$limit->threshold->note}.".$verdict->value
            : 'tolerance.'.$verdict->value;
    }

    /** @return array<string, string|float|Message> */
    private function params(Situation $situation, FinalStrength $strength, Interval $amount, string $unit, SensitivityGroup $group): array
    {
        return [
            'substance' => $strength->substance->name,
            'plant' => $situation->plantName(),
            'group' => $group->value,
            'likely' => $amount->likely,
            'low' => $amount->low,
            'high' => $amount->high,
            'unit' => $unit,
        ];
    }

    private function bears(Threshold $threshold): Message
    {
        $params = ['unit' => $threshold->unit, 'works' => $threshold->works === null ? 'no' : 'yes', 'from' => $threshold->works[0] ?? 0.0, 'to' => $threshold->works[1] ?? 0.0];
        foreach (SensitivityGroup::cases() as $group) {
            $params["{$group->value}_careful"] = $threshold->careful($group);
            $params["{$group->value}_stop"] = $threshold->stop($group) ?? 0.0;
        }

        return Message::of($threshold->note === null ? 'ground.tolerance.text' : "ground.tolerance.$threshold->note", $params);
    }
}

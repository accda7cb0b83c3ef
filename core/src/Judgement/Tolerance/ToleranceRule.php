<?php

declare(strict_types=1);

namespace Nebbia\Core\Judgement\Tolerance;

use Nebbia\Core\Data\Finding;
use Nebbia\Core\Data\Interval;
use Nebbia\Core\Data\Row;
use Nebbia\Core\Data\Sentence\Message;
use Nebbia\Core\Data\Severity;
use Nebbia\Core\Data\Table;
use Nebbia\Core\Judgement\Chemistry\AshLimits;
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

    /** @var array<string, Row> */
    private array $roots;

    /** @var array<string, Row> what is dabbed on the pest, by substance */
    private array $swabs;

    public function __construct(
        Table $tolerances,
        private AshLimits $ash,
        private Limits $limits,
        private Thresholds $leaves,
        private Substances $substances,
    ) {
        $roots = [];
        foreach ($tolerances->rows('roots') as $row) {
            foreach ($row->strings('substances') as $substance) {
                $roots[$substance] = $row;
            }
        }
        $this->roots = $roots;
        $swabs = [];
        foreach ($tolerances->rows('swabs') as $row) {
            foreach ($row->strings('substances') as $substance) {
                $swabs[$substance] = $row;
            }
        }
        $this->swabs = $swabs;
    }

    public function grounds(): array
    {
        $grounds = [];
        foreach ($this->substances->ids() as $id) {
            $threshold = $this->leaves->of($id);
            if ($threshold !== null) {
                $grounds[] = RuleGround::of(
                    "tolerance.$id",
                    GroundTopic::Leaves,
                    Message::of('ground.tolerance.title', ['name' => $this->substances->of($id)->name]),
                    $this->bears($threshold),
                    $threshold->basis,
                    $threshold->sure,
                    [$id],
                );
            }
        }
        foreach ($this->leaves->ofBareWood() as $id) {
            $threshold = $this->leaves->of($id, true);
            if ($threshold !== null) {
                $grounds[] = RuleGround::of(
                    "bare.$id",
                    GroundTopic::Leaves,
                    Message::of('ground.bare.title', ['name' => $this->substances->of($id)->name]),
                    Message::of('ground.bare.text', [
                        'shy' => $threshold->careful(SensitivityGroup::Sensitive) > 0.0 ? 'no' : 'yes',
                        'careful' => $threshold->careful(SensitivityGroup::Ordinary),
                        'stop' => $threshold->stop(SensitivityGroup::Ordinary) ?? 0.0,
                        'unit' => $threshold->unit,
                    ]),
                    $threshold->basis,
                    $threshold->sure,
                );
            }
        }
        $ofRoots = [];
        foreach ($this->roots as $row) {
            $id = $row->strings('substances')[0] ?? '';
            $ofRoots[$id] = RuleGround::of(
                "roots.$id",
                GroundTopic::Leaves,
                Message::of('ground.roots.title', ['name' => $this->substances->of($id)->name]),
                Message::of('ground.roots.text', [
                    'sensitive' => self::HALF * $row->float('careful'),
                    'ordinary' => $row->float('careful'),
                    'stop' => $row->float('stop'),
                    'unit' => $row->string('unit'),
                ]),
                $row->string('basis'),
                $row->string('sure'),
            );
        }

        return [...$grounds, ...array_values($ofRoots), RuleGround::plain('tolerance.unknown', GroundTopic::Leaves, 'practice', 'low')];
    }

    public function sentences(): array
    {
        $by = static fn (string $head, StrengthVerdict ...$verdicts): array => array_map(
            static fn (StrengthVerdict $one): string => "$head.$one->value",
            array_values($verdicts),
        );

        return [
            'tolerance.unknown',
            'tolerance.unknown-roots',
            ...$by('tolerance', ...StrengthVerdict::cases()),
            ...$by('tolerance.roots', ...StrengthVerdict::cases()),
            'tolerance.swab.fine',
            'tolerance.swab.perhaps-careful',
            'tolerance.swab.careful',
            'tolerance.swab.stop',
            ...$by('tolerance.ash-measured', StrengthVerdict::Fine, StrengthVerdict::Careful, StrengthVerdict::Stop),
            ...$by('tolerance.ash-ph', StrengthVerdict::Careful, StrengthVerdict::Stop),
            'tolerance.sulfur-heat.stop',
            'tolerance.sulfur-shy.stop',
            'tolerance.nicotine.stop',
        ];
    }

    public function judge(Situation $situation): iterable
    {
        $use = $situation->mix->recipe->use;
        // What is wiped on a plant is wiped on its leaves.
        $isWiped = $use === UseOfSpray::Wipe && $situation->plant !== null;
        if (! $use->wetsLeaves() && $use !== UseOfSpray::Drench && ! $isWiped) {
            return;
        }
        foreach ($situation->mix->strengths as $strength) {
            // What many things go by has its own rules, which say more.
            if ($strength->percentWv->likely > 0.0 && ! $strength->substance->isUmbrella) {
                $swab = $isWiped ? $this->swabs[$strength->substance->id] ?? null : null;
                yield $swab === null ? $this->finding($situation, $strength, $use) : $this->swabbed($situation, $strength, $swab);
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
            return Finding::of(
                'tolerance',
                Severity::Notice,
                $use === UseOfSpray::Drench ? 'tolerance.unknown-roots' : 'tolerance.unknown',
                [
                    'substance' => $strength->substance->name,
                    'plant' => $situation->plantName(),
                ],
                'practice',
                'low',
                [$substance],
            )->from('tolerance.unknown');
        }
        $measured =
            $limit->threshold->note === self::ASH && $limit->stop === null
                ? $situation->circumstances->measuredPh ?? $this->mildAsh($situation)
                : null;
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
        )->from(($situation->isBareWood() && $this->isOfBareWood($substance) ? 'bare.' : 'tolerance.').$substance);
    }

    private function isOfBareWood(string $substance): bool
    {
        return in_array($substance, $this->leaves->ofBareWood(), true);
    }

    /**
     * The pH of the ash water itself, where all the ash comes from jars that were measured and found mild: thinned it is milder still. Of a
     * caustic one nothing follows for the spray, which has to be measured.
     */
    private function mildAsh(Situation $situation): ?float
    {
        $recipe = $situation->mix->recipe;
        $highest = null;
        $lines = array_map(static fn (RecipeLine $line): Ingredient => $line->ingredient, $recipe->lines);
        foreach ([-1 => $recipe->liquid, ...$lines] as $n => $ingredient) {
            if ($ingredient->substance?->id !== 'wood-ash') {
                continue;
            }
            $ph = ($recipe->preparations()[$n] ?? null)?->ph;
            if ($ph === null || $ph > AshLimits::MILD) {
                return null;
            }
            $highest = max($highest ?? 0.0, $ph);
        }

        return $highest;
    }

    /** Of ash water only its pH tells; lime-haters, for which a stop is known, get none all the same. */
    private function measuredAsh(float $ph, Limit $limit, string $substance): Finding
    {
        $severity = $this->ash->severity($ph);
        $key = match ($severity) {
            Severity::Stop => 'stop',
            Severity::Caution => 'careful',
            default => 'fine',
        };

        return Finding::of(
            'tolerance',
            $severity,
            "tolerance.ash-measured.$key",
            ['ph' => $ph],
            $limit->threshold->basis,
            $limit->threshold->sure,
            [$substance],
        )->from("tolerance.$substance");
    }

    /** Why the figure is not the one of the table. */
    private function moved(Limit $limit): Message|string
    {
        $own =
            $limit->learned === null
                ? ''
                : Message::of('tolerance.learned', ['factor' => $limit->learned->factor, 'n' => $limit->learned->observations]);
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
        // Seedlings and cuttings stand with those that are listed as sensitive: they bear half.
        $tender =
            array_filter(
                $this->limits->holding($situation, $strength->substance->id),
                static fn (Modifier $modifier): bool => $modifier->roots,
            ) !== [];
        $listed = $row->has('listed_as') ? $situation->groupFor($row->string('listed_as')) : SensitivityGroup::Ordinary;
        $group = $tender ? SensitivityGroup::Sensitive : $listed;
        $part = $group === SensitivityGroup::Sensitive ? self::HALF : 1.0;
        [$careful, $stop] = [$row->float('careful') * $part, $row->float('stop') * $part];
        $verdict = StrengthVerdict::of($amount, $careful, $stop);

        return Finding::of(
            'tolerance',
            $verdict->severity(),
            'tolerance.roots.'.$verdict->value,
            $this->params($situation, $strength, $amount, $unit, $group) + ['careful' => $careful, 'stop' => $stop],
            $row->string('basis'),
            $row->string('sure'),
            [$strength->substance->id],
        )->from("roots.{$strength->substance->id}");
    }

    /** A swab is meant for the pest; the leaf beside it is touched too. */
    private function swabbed(Situation $situation, FinalStrength $strength, Row $row): Finding
    {
        $amount = $strength->in($row->string('unit')) ?? $strength->percentWv;
        $group = $situation->groupFor('alcohol');
        [$careful, $stop] = [$row->floats('sensitive')[0] ?? INF, $row->floats('sensitive')[1] ?? INF];
        $verdict = match (true) {
            $group === SensitivityGroup::Sensitive && $amount->likely >= $stop => StrengthVerdict::Stop,
            $group === SensitivityGroup::Sensitive && $amount->likely >= $careful => StrengthVerdict::Careful,
            $amount->likely >= $row->float('from') => StrengthVerdict::PerhapsCareful,
            default => StrengthVerdict::Fine,
        };

        return Finding::of(
            'tolerance',
            $verdict->severity(),
            "tolerance.swab.$verdict->value",
            $this->params($situation, $strength, $amount, $row->string('unit'), $group),
            $row->string('basis'),
            $row->string('sure'),
            [$strength->substance->id],
        )->from("tolerance.{$strength->substance->id}");
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
            'bare' => $situation->isBareWood() && $this->isOfBareWood($strength->substance->id) ? 'yes' : 'no',
            'likely' => $amount->likely,
            'low' => $amount->low,
            'high' => $amount->high,
            'unit' => $unit,
        ];
    }

    private function bears(Threshold $threshold): Message
    {
        $params = [
            'unit' => $threshold->unit,
            'works' => $threshold->works === null ? 'no' : 'yes',
            'from' => $threshold->works[0] ?? 0.0,
            'to' => $threshold->works[1] ?? 0.0,
        ];
        foreach (SensitivityGroup::cases() as $group) {
            $params["{$group->value}_careful"] = $threshold->careful($group);
            $params["{$group->value}_stop"] = $threshold->stop($group) ?? 0.0;
        }

        return Message::of($threshold->note === null ? 'ground.tolerance.text' : "ground.tolerance.$threshold->note", $params);
    }
}

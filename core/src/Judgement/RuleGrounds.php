<?php

declare(strict_types=1);

namespace Nebbia\Core\Judgement;

use Nebbia\Core\Data\Row;
use Nebbia\Core\Data\Sentence\Message;
use Nebbia\Core\Data\Table;
use Nebbia\Core\Judgement\Hour\SprayWindow;
use Nebbia\Core\Plant\Modifier;
use Nebbia\Core\Plant\SensitivityGroup;
use Nebbia\Core\Plant\Threshold;
use Nebbia\Core\Plant\Thresholds;
use Nebbia\Core\Shelf\Kinds;
use Nebbia\Core\Shelf\Length;
use Nebbia\Core\Substance\Ingredients;
use Nebbia\Core\Substance\Substances;

/** All rules that findings can rest on, read out of the same rows that the rules are made from. */
final readonly class RuleGrounds
{
    public function __construct(
        private Thresholds $thresholds,
        private Table $modifiers,
        private Kinds $kinds,
        private Substances $substances,
        private Ingredients $ingredients,
        private Table $tolerances,
        private Table $surfaces,
        private Table $patch,
        private Table $spacing,
        private Table $windows,
        private Table $pairs,
        private Table $materials,
        private Table $chemistry,
        private Table $dangers,
        private Table $hazards,
        private Table $care,
        private Table $food,
        private Table $soil,
        private Table $claims,
        private Table $soap,
    ) {}

    /** @return list<RuleGround> */
    public function all(): array
    {
        return [
            ...$this->leaves(), ...$this->conditions(), ...$this->hours(), ...$this->pairs(), ...$this->bottle(), ...$this->people(), ...$this->soil(), ...$this->claims(),
            ...$this->makings(), ...$this->measures(),
        ];
    }

    /** @return list<RuleGround> */
    private function leaves(): array
    {
        $grounds = [];
        foreach ($this->substances->ids() as $id) {
            $threshold = $this->thresholds->of($id);
            if ($threshold !== null) {
                $grounds[] = RuleGround::of("tolerance.$id", GroundTopic::Leaves, Message::of('ground.tolerance.title', ['name' => $this->substances->of($id)->name]), $this->bears($threshold), $threshold->basis, $threshold->sure, [$id]);
            }
        }
        foreach ($this->tolerances->rows('roots') as $row) {
            $id = $row->strings('substances')[0] ?? '';
            $grounds[] = RuleGround::of("roots.$id", GroundTopic::Leaves, Message::of('ground.roots.title', ['name' => $this->substances->of($id)->name]), Message::of('ground.roots.text', [
                'sensitive' => $row->row('careful')->float('sensitive'), 'ordinary' => $row->row('careful')->float('ordinary'), 'unit' => $row->string('unit'),
            ]), $row->string('basis'), $row->string('sure'));
        }
        $burden = $this->tolerances->part('burden');

        foreach ($this->surfaces->rows() as $row) {
            $id = $row->string('id');
            $grounds[] = RuleGround::of("surface.$id", GroundTopic::Leaves, Message::of("ground.surface.$id"), Message::of('ground.both', [
                'because' => Message::of("surface.$id.because", ['plant' => Message::of('ground.a-plant')]), 'instead' => Message::of("surface.$id.instead"),
            ]), $row->string('basis'), $row->string('sure'));
        }

        return [
            ...$grounds,
            $this->plain('burden', GroundTopic::Leaves, $burden->string('basis'), $burden->string('sure'), ['factor' => $burden->float('factor')]),
            $this->plain('effect', GroundTopic::Leaves, 'established guidance', 'medium'),
            $this->plain('tolerance.unknown', GroundTopic::Leaves, 'practice', 'low'),
            $this->plain('sensitive-plant', GroundTopic::Leaves, 'established guidance', 'medium'),
            $this->plain('evidence', GroundTopic::Leaves, $this->patch->part('prior')->string('basis'), $this->patch->part('prior')->string('sure'), [
                'spread' => $this->patch->part('prior')->float('spread'), 'width' => $this->patch->part('prior')->float('width'),
                'patch' => $this->patch->part('prior')->float('luck_patch'), 'whole' => $this->patch->part('prior')->float('luck_whole'),
            ]),
            $this->plain('patch', GroundTopic::Leaves, 'established guidance', 'high'),
            $this->plain('disinfecting', GroundTopic::Leaves, 'established guidance', 'high'),
            $this->plain('use', GroundTopic::Leaves, 'established guidance', 'high'),
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

    /** @return list<RuleGround> */
    private function conditions(): array
    {
        $grounds = [];
        foreach (array_map(Modifier::fromRow(...), $this->modifiers->rows('rows')) as $modifier) {
            $grounds[] = RuleGround::of("modifier.$modifier->id", GroundTopic::Conditions, Message::of("ground.modifier.$modifier->id"), Message::of("modifier.$modifier->id"), $modifier->basis, $modifier->sure);
        }
        $floor = $this->modifiers->part('floor');
        $row = array_values($this->spacing->rows('in_a_row'))[0];

        return [
            ...$grounds,
            $this->plain('modifiers', GroundTopic::Conditions, $floor->string('basis'), $floor->string('sure'), ['floor' => $floor->float('likely')]),
            $this->plain('condition.sick', GroundTopic::Conditions, 'practice', 'low'),
            $this->plain('spacing.in-a-row', GroundTopic::Conditions, $row->string('basis'), $row->string('sure'), ['times' => $row->float('times')]),
        ];
    }

    /** @return list<RuleGround> */
    private function hours(): array
    {
        return array_values(array_map(function (Row $row): RuleGround {
            $window = SprayWindow::fromRow($row);

            return RuleGround::of("window.$window->id", GroundTopic::Hours, Message::of("ground.window.$window->id"), Message::of('ground.window.text', [
                'from' => $window->temperature[0], 'to' => $window->temperature[1], 'well_from' => $window->ideal[0], 'well_to' => $window->ideal[1],
                'cold' => $window->temperature[0] < -20.0 ? 'any' : 'some', 'wind' => $window->wind ?? 0.0, 'dry' => $window->dryHours ?? 0.0, 'humidity' => $window->humidity[1],
                'sun' => Message::of("ground.window.sun.$window->sun"), 'bees' => Message::of("ground.window.bees.$window->bees"),
            ]), $window->basis, $window->sure);
        }, $this->windows->rows('rows')));
    }

    /** @return list<RuleGround> */
    private function pairs(): array
    {
        $grounds = [];
        foreach ([['pair', $this->pairs->rows()], ['spacing', $this->spacing->rows('pairs')]] as [$kind, $rows]) {
            foreach ($rows as $row) {
                $params = ['a' => $this->names($row->strings('a')), 'b' => $row->strings('b') === ['*'] ? Message::of('ground.anything') : $this->names($row->strings('b')), 'likely' => $row->has('over') ? $row->float('over') : 1.0];
                foreach (['days', 'low', 'high'] as $figure) {
                    $params[$figure] = $row->has($figure) ? $row->float($figure) : 0.0;
                }
                $id = $row->string('id');
                $grounds[] = RuleGround::of("$kind.$id", GroundTopic::Pairs, Message::of("ground.$kind.title", $params), Message::of('ground.both', [
                    'because' => Message::of("$kind.$id.because", $params + ['plant' => Message::of('ground.a-plant'), 'since' => 0]), 'instead' => Message::of("$kind.$id.instead", $params),
                ]), $row->string('basis'), $row->string('sure'), array_values(array_diff([...$row->strings('a'), ...$row->strings('b')], ['*'])));
            }
        }
        foreach ($this->materials->rows() as $row) {
            $id = $row->string('id');
            $grounds[] = RuleGround::of("material.$id", GroundTopic::Pairs, Message::of('ground.material.title', ['name' => $this->names($row->strings('substances')), 'material' => implode(', ', $row->strings('words'))]), Message::of('ground.both', [
                'because' => Message::of("material.$id.because", ['material' => '']), 'instead' => Message::of("material.$id.instead"),
            ]), $row->string('basis'), $row->string('sure'));
        }

        return [...$grounds, $this->plain('jar-test', GroundTopic::Pairs, 'practice', 'medium'), $this->plain('sprayer.weeds', GroundTopic::Pairs, 'practice', 'high')];
    }

    /** @return list<RuleGround> */
    private function bottle(): array
    {
        $ph = $this->chemistry->part('ph');
        $hard = $this->chemistry->part('hard');

        return [
            $this->plain('reactions', GroundTopic::Bottle, 'physical constant', 'high'),
            $this->plain('ph', GroundTopic::Bottle, $ph->string('basis'), $ph->string('sure'), [
                'careful' => $ph->float('careful_above'), 'stop' => $ph->float('stop_above'), 'soap' => $ph->float('soap_up_to'), 'sour' => $ph->float('careful_below'), 'acid' => $ph->float('stop_below'), 'acidity' => $ph->float('acidity'),
            ]),
            $this->plain('gas', GroundTopic::Bottle, 'physical constant', 'high'),
            $this->plain('water.hard', GroundTopic::Bottle, $hard->string('basis'), $hard->string('sure'), ['warn' => $hard->float('warn'), 'refuse' => $hard->float('refuse')]),
        ];
    }

    /** @return list<RuleGround> */
    private function people(): array
    {
        $grounds = [];
        foreach ($this->dangers->rows() as $row) {
            $id = $row->string('id');
            $names = $this->names($row->strings('substances'));
            foreach ($row->strings('ingredients') as $ingredient) {
                $names .= ($names === '' ? '' : ', ').mb_strtolower($this->ingredients->named($ingredient)->name);
            }
            $grounds[] = RuleGround::of("danger.$id", GroundTopic::People, Message::of('ground.name', ['name' => $names]), Message::of('ground.both', [
                'because' => Message::of("danger.$id.because", ['name' => $names]), 'instead' => Message::of("danger.$id.instead", ['name' => $names]),
            ]), $row->string('basis'), $row->string('sure'), $row->strings('substances'));
        }
        foreach ($this->hazards->rows() as $row) {
            $id = $row->string('id');
            $grounds[] = RuleGround::of("hazard.$id", GroundTopic::People, Message::of('ground.hazard.title', ['name' => $this->names($row->strings('substances')), 'from' => $row->float('from'), 'unit' => $row->string('unit')]), Message::of("hazard.$id"), $row->string('basis'), $row->string('sure'), $row->strings('substances'));
        }
        foreach ($this->care->rows() as $row) {
            $id = $row->string('id');
            $key = $row->bool('only_as_finding') ? "care.$id.because" : "care.$id.note";
            $grounds[] = RuleGround::of("care.$id", GroundTopic::People, Message::of('ground.care.'.$row->string('who')), Message::of($key), $row->string('basis'), $row->string('sure'));
        }
        foreach (['waits', 'never'] as $part) {
            foreach ($this->food->rows($part) as $row) {
                $id = $row->string('id');
                $names = $this->names($row->strings('substances'));
                $grounds[] = RuleGround::of("food.$id", GroundTopic::People, Message::of('ground.food.title', ['name' => $names]), $part === 'waits'
                    ? Message::of('ground.food.wait', ['days' => $row->float('days')])
                    : Message::of("food.$id.because"), $row->string('basis'), $row->string('sure'));
            }
        }

        return [...$grounds, $this->plain('danger.tobacco', GroundTopic::People, 'established guidance', 'high'), $this->plain('law', GroundTopic::People, 'established guidance', 'medium')];
    }

    /** @return list<RuleGround> */
    private function soil(): array
    {
        $points = $this->soil->part('points');

        return [$this->plain('soil.sodium', GroundTopic::Soil, $points->string('basis'), $points->string('sure'), ['notice' => $points->float('notice'), 'caution' => $points->float('caution'), 'stop' => $points->float('stop')])];
    }

    /** @return list<RuleGround> */
    private function claims(): array
    {
        return array_values(array_map(static function (Row $row): RuleGround {
            $id = $row->string('id');

            return RuleGround::of("claim.$id", GroundTopic::Claims, Message::of("ground.claim.$id"), Message::of('ground.both', [
                'because' => Message::of("ground.claim-why.$id"), 'instead' => Message::of("claim.$id.instead"),
            ]), $row->string('basis'), $row->string('sure'));
        }, $this->claims->rows()));
    }

    /** @return list<RuleGround> */
    private function makings(): array
    {
        $grounds = [];
        foreach ($this->kinds->all as $kind) {
            if ($kind->isSoap()) {
                continue;
            }
            $place = $kind->usualPlace();
            $life = $kind->life($place);
            $percent = $kind->method->recovered->times(100.0);
            $grounds[] = RuleGround::of("making.$kind->id", GroundTopic::Makings, $kind->name(), Message::of('ground.making.text', [
                'note' => Message::of("making.note.$kind->id"), 'stands' => $kind->hours->likely > 0.0 ? 'yes' : 'no',
                'from' => Length::of($kind->hours->low), 'to' => Length::of($kind->hours->high),
                'strained' => $kind->method->isStrained() ? 'yes' : 'no', 'least' => $percent->low, 'most' => $percent->high,
                'place' => $place->value, 'keeps' => Length::of($life->likely ?? 0.0), 'short' => Length::of($life->low ?? 0.0), 'long' => Length::of($life->high ?? 0.0),
            ]), $kind->basis, $kind->sure);
        }
        $figures = $this->soap->part('figures');

        return [
            ...$grounds,
            $this->plain('soap', GroundTopic::Makings, 'established guidance', 'medium', ['low' => $figures->row('plan')->float('low'), 'high' => $figures->row('plan')->float('high'), 'ph' => $figures->row('ph')->float('likely')]),
            $this->plain('preparation', GroundTopic::Makings, 'definition', 'high'),
            $this->plain('preparation.caustic', GroundTopic::Makings, 'physical constant', 'high'),
        ];
    }

    /** @return list<RuleGround> */
    private function measures(): array
    {
        return array_map(fn (string $id): RuleGround => $this->plain($id, GroundTopic::Measures, 'practice', 'medium'), ['measure', 'usual-strength', 'units', 'target']);
    }

    /** @param  array<string, string|int|float>  $params */
    private function plain(string $id, GroundTopic $topic, string $basis, string $sure, array $params = []): RuleGround
    {
        return RuleGround::of($id, $topic, Message::of("ground.$id.title", $params), Message::of("ground.$id.text", $params), $basis, $sure);
    }

    /** @param  list<string>  $substances */
    private function names(array $substances): string
    {
        return implode(', ', array_map(fn (string $id): string => $this->substances->of($id)->name, $substances));
    }
}

<?php

declare(strict_types=1);

namespace Nebbia\Core\Making;

use Nebbia\Core\Data\Interval;
use Nebbia\Core\Data\Sentence\Message;
use Nebbia\Core\Instructions\Steps\MixingStep;
use Nebbia\Core\Instructions\Steps\MixingTask;
use Nebbia\Core\Instructions\Steps\Timer;
use Nebbia\Core\Measure\PreciseWords;
use Nebbia\Core\Measure\UnitSystem;
use Nebbia\Core\Shelf\Kind;
use Nebbia\Core\Shelf\Length;
use Nebbia\Core\Substance\Ingredient;

/** What to do to make a preparation, one thing after the other, with its cautions where they belong. */
final class MakingSteps
{
    /** Cautions that are said at another moment than before all work. */
    private const LATER = [
        'kitchen-ok' => 'spent',
        'kitchen-wash' => 'spent',
        'kitchen-never' => 'spent',
        'loose-lid' => 'wait',
        'smell' => 'wait',
        'hot' => 'strain',
        'no-oil' => 'store',
        'botulism' => 'store',
        'raw-food' => 'store',
        'children' => 'store',
        'shake' => 'store',
        'strong-oil' => 'store',
        'cats' => 'store',
    ];

    /**
     * @param  MixingTask|null  $work  the pot as a mix, for its amounts; null where no liquid goes in
     * @param  string|null  $kitchen  what becomes of pots and sieve, one of Kitchenware; as its kind says if left out
     * @param  string|null  $passage  of the sprayer it is meant for, like "0.4 mm"
     * @return list<MixingStep>
     */
    public function of(
        Preparation $preparation,
        ?MixingTask $work,
        UnitSystem $units,
        ?string $passage = null,
        ?string $kitchen = null,
    ): array {
        $kind = $preparation->making->kind;

        return [
            ...$this->protect($kind),
            ...$this->raw($preparation, $work, $units),
            ...$this->rest($preparation),
            ...$this->together($preparation, $work, $units),
            ...$this->wait($kind),
            ...$this->strain($preparation, $units, $passage),
            ...$this->after($preparation, $kitchen),
        ];
    }

    /** @return list<MixingStep> */
    private function protect(Kind $kind): array
    {
        $cautions = $this->cautions($kind, null);

        return $cautions === [] ? [] : [MixingStep::of('protect', Message::of('step.protect'), null, $cautions)];
    }

    /** @return list<MixingStep> */
    private function raw(Preparation $preparation, ?MixingTask $work, UnitSystem $units): array
    {
        $steps = [];
        foreach ($this->solids($preparation) as $n => [$ingredient, $amount]) {
            $said = $amount ?? ($work === null ? Message::of('step.as-is', ['text' => '']) : $work->amount($n));
            $verb = match (true) {
                $ingredient->restMinutes > 0.0 => 'crush',
                in_array($preparation->making->kind->method->id, ['cold-steep', 'boil', 'ferment', 'infuse'], true) &&
                    $ingredient->isChopped => 'chop',
                default => 'weigh',
            };
            $steps[] = MixingStep::of(
                'raw',
                Message::of("making.step.$verb", ['name' => mb_strtolower($ingredient->name), 'amount' => $said]),
                $ingredient->restMinutes > 0.0 ? Message::of('step.crush-why') : null,
                [],
                [$n],
            );
        }

        return $steps;
    }

    /**
     * What is no liquid, by its place among the lines of the pot; its amount where it is not the pot that knows it.
     *
     * @return array<int, array{Ingredient, Message|null}>
     */
    private function solids(Preparation $preparation): array
    {
        $solids = [];
        if ($preparation->pot !== null) {
            foreach ($preparation->pot->lines as $n => $line) {
                if (! $line->line->isPoured()) {
                    $solids[$n] = [$line->line->ingredient, null];
                }
            }

            return $solids;
        }
        foreach ($preparation->making->lines as $n => $line) {
            $solids[$n] = [
                $line->ingredient,
                Message::of('step.as-is', ['text' => PreciseWords::mass($line->amount->inBase()->likely, UnitSystem::Metric)]),
            ];
        }

        return $solids;
    }

    /** @return list<MixingStep> */
    private function rest(Preparation $preparation): array
    {
        $minutes = 0.0;
        foreach ($preparation->making->lines as $line) {
            $minutes = max($minutes, $line->ingredient->restMinutes);
        }

        return $minutes <= 0.0
            ? []
            : [
                MixingStep::of(
                    'rest',
                    Message::of('step.rest', ['minutes' => $minutes]),
                    Message::of('step.rest-why'),
                    [],
                    [],
                    Timer::of(Message::of('making.timer.rest'), Interval::exactly($minutes)),
                ),
            ];
    }

    /** @return list<MixingStep> */
    private function together(Preparation $preparation, ?MixingTask $work, UnitSystem $units): array
    {
        $kind = $preparation->making->kind;
        if ($preparation->pot === null || $work === null) {
            return [MixingStep::of('together', Message::of('making.step.layer'))];
        }
        $verb = match (true) {
            $kind->id === 'starch-water' => 'starch',
            $kind->id === 'oil-soap-stock' => 'oil-soap',
            $kind->method->id === 'blend' => 'blend',
            $kind->method->id === 'boil' => 'simmer',
            $kind->method->id === 'infuse' => 'pour-hot',
            $kind->method->id === 'mix' => 'stir-in',
            default => 'pour-cold',
        };
        $steps = [];
        foreach ($preparation->pot->lines as $n => $line) {
            if ($line->line->isPoured()) {
                $steps[] = MixingStep::of(
                    'pour',
                    Message::of('making.step.add-liquid', [
                        'name' => mb_strtolower($line->line->ingredient->name),
                        'amount' => $work->amount($n),
                    ]),
                    null,
                    $work->cautions($n),
                    [$n],
                );
            }
        }
        $base = MixingStep::of(
            'together',
            Message::of("making.step.$verb", ['amount' => $work->volume($preparation->pot->baseMl), 'liquid' => $work->baseName()]),
        );

        return $verb === 'oil-soap' ? [...$steps, $base] : [$base, ...$steps];
    }

    /** @return list<MixingStep> */
    private function wait(Kind $kind): array
    {
        if ($kind->hours->likely <= 0.0) {
            return [];
        }
        $steps = [
            MixingStep::of(
                'wait',
                Message::of('making.step.wait', [
                    'sort' => $kind->method->id,
                    'cold' => $kind->steepsCold ? 'yes' : 'no',
                    'how' => Length::of($kind->hours->likely),
                ]),
                Message::of('making.step.wait-how', ['low' => Length::of($kind->hours->low), 'high' => Length::of($kind->hours->high)]),
                $this->cautions($kind, 'wait'),
                [],
                Timer::of($kind->name(), $kind->hours->times(60.0)),
            ),
        ];
        if ($kind->stirHours !== null) {
            $steps[] = MixingStep::of('stir', Message::of('making.step.stir', ['hours' => (int) $kind->stirHours]));
        }

        return $steps;
    }

    /** @return list<MixingStep> */
    private function strain(Preparation $preparation, UnitSystem $units, ?string $passage): array
    {
        $kind = $preparation->making->kind;
        $finer = $passage === null ? Message::of('step.any-passage') : Message::of('step.as-is', ['text' => $passage]);
        $steps =
            $kind->strain === 'none'
                ? []
                : [
                    MixingStep::of(
                        'strain',
                        Message::of($kind->method->id === 'settle' ? 'making.step.strain-clear' : 'making.step.strain'),
                        Message::of($kind->strain === 'fine' ? 'making.step.strain-fine' : 'making.step.strain-cloth', [
                            'passage' => $finer,
                        ]),
                        $this->cautions($kind, 'strain'),
                    ),
                ];
        $yield = $preparation->yield;
        $words = static fn (float $ml): string => PreciseWords::volume($ml, $units);
        if ($kind->method->isStrained()) {
            $steps[] = MixingStep::of(
                'measure',
                $yield === null
                    ? Message::of('making.step.expect-unknown')
                    : Message::of('making.step.expect', [
                        'likely' => $words($yield->likely),
                        'low' => $words($yield->low),
                        'high' => $words($yield->high),
                    ]),
            );
        }
        if ($kind->measurePh) {
            $steps[] = MixingStep::of('ph', Message::of('making.step.ph'), Message::of('making.step.ph-how'));
        }

        return $steps;
    }

    /** @return list<MixingStep> */
    private function after(Preparation $preparation, ?string $kitchen): array
    {
        $kind = $preparation->making->kind;
        $place = $kind->usualPlace();
        $steps = [
            MixingStep::of('label', Message::of('making.step.label', ['name' => $preparation->making->name])),
            MixingStep::of(
                'store',
                Message::of('making.step.store', ['place' => $place->value]),
                Message::of('making.step.keeps', ['likely' => Length::of($kind->life($place)->likely ?? 0.0)]),
                $this->cautions($kind, 'store'),
            ),
        ];
        $cautions = $kitchen === null ? $this->cautions($kind, 'spent') : [Message::of("making.caution.kitchen-$kitchen")];
        if ($kind->spent !== 'none') {
            $steps[] = MixingStep::of('spent', Message::of("making.spent.$kind->spent"), null, $cautions);
        } elseif ($cautions !== []) {
            $steps[] = MixingStep::of('spent', $cautions[0]);
        }

        return $steps;
    }

    /** @return list<Message> those said at that moment; null for before all work */
    private function cautions(Kind $kind, ?string $moment): array
    {
        return array_values(
            array_map(
                static fn (string $id): Message => Message::of("making.caution.$id"),
                array_filter($kind->cautions, static fn (string $id): bool => (self::LATER[$id] ?? null) === $moment),
            ),
        );
    }
}

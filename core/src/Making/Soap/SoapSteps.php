<?php

declare(strict_types=1);

namespace Nebbia\Core\Making\Soap;

use Nebbia\Core\Data\Interval;
use Nebbia\Core\Data\Sentence\Message;
use Nebbia\Core\Instructions\Steps\MixingStep;
use Nebbia\Core\Instructions\Steps\Timer;
use Nebbia\Core\Measure\PreciseWords;
use Nebbia\Core\Measure\UnitSystem;

/** Making the soap, the cautions leading; over three days. Times are rough practice. */
final class SoapSteps
{
    private const COOK_H = [3.0, 4.0, 6.0];

    private const REST_H = [8.0, 12.0, 24.0];

    private const THIN_H = [8.0, 12.0, 24.0];

    /** @return list<array{int, MixingStep}> day, beginning with 1, and what to do on it */
    public static function of(Soap $soap, UnitSystem $units): array
    {
        $mass = static fn (float $grams): string => PreciseWords::mass($grams, $units);
        $volume = PreciseWords::volume($soap->storageMl, $units);
        $metal = [Message::of('making.caution.no-aluminium')];
        $lye = [Message::of('making.caution.lye')];
        $steps = [
            [1, MixingStep::of('protect', Message::of('step.protect'), null, [Message::of('soap.step.protect')])],
            [1, MixingStep::of('water', Message::of('soap.step.weigh-water', ['water' => $mass($soap->solvent->likely)]), null, $metal)],
        ];
        foreach ($soap->alkalis as [$alkali, , $grams]) {
            $steps[] = [
                1,
                MixingStep::of(
                    'alkali',
                    Message::of('soap.step.weigh-alkali', ['amount' => $mass($grams), 'name' => $alkali->name]),
                    null,
                    $lye,
                ),
            ];
        }
        $steps[] = [
            1,
            MixingStep::of(
                'dissolve',
                Message::of('soap.step.dissolve'),
                Message::of('soap.step.dissolve-how', ['hottest' => $soap->hottest()]),
                $lye,
            ),
        ];
        foreach ($soap->request->oils as [$oil, $grams]) {
            $steps[] = [
                1,
                MixingStep::of(
                    'oil',
                    Message::of('soap.step.oil', ['amount' => $mass($grams->likely), 'name' => mb_strtolower($oil->name)]),
                ),
            ];
        }

        return [
            ...$steps,
            [1, MixingStep::of('warm', Message::of('soap.step.warm'))],
            [1, MixingStep::of('combine', Message::of('soap.step.combine'))],
            [
                1,
                MixingStep::of(
                    'cook',
                    Message::of('soap.step.cook'),
                    Message::of('soap.step.cook-how'),
                    [],
                    [],
                    self::timer('soap.step.cook', self::COOK_H),
                ),
            ],
            [1, MixingStep::of('rest', Message::of('soap.step.rest'), null, [], [], self::timer('soap.step.rest', self::REST_H))],
            [2, MixingStep::of('test', Message::of('soap.step.test'), Message::of('soap.step.test-how'))],
            [
                2,
                MixingStep::of(
                    'thin',
                    Message::of('soap.step.thin', ['volume' => $volume, 'percent' => $soap->request->storage]),
                    Message::of('soap.step.thin-how'),
                    [],
                    [],
                    self::timer('soap.step.thin-how', self::THIN_H),
                ),
            ],
            [
                3,
                MixingStep::of(
                    'label',
                    Message::of('soap.step.label', ['percent' => $soap->request->storage]),
                    Message::of('soap.step.spray', ['parts' => $soap->request->storage]),
                    [Message::of('making.caution.children'), Message::of('making.caution.kitchen-never')],
                ),
            ],
        ];
    }

    /** @param  array{float, float, float}  $hours */
    private static function timer(string $key, array $hours): Timer
    {
        return Timer::of(Message::of($key), Interval::of(...$hours)->times(60.0));
    }
}

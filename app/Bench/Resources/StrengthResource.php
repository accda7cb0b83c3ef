<?php

declare(strict_types=1);

namespace App\Bench\Resources;

use App\Core\Say;
use Nebbia\Core\Data\Sentence\Figures;
use Nebbia\Core\Data\Severity;
use Nebbia\Core\Judgement\Tolerance\Gauge;
use OpenApi\Attributes as OA;

/** A final strength beside its working range and what the plant bears. */
#[OA\Schema(schema: 'Strength')]
final readonly class StrengthResource
{
    public function __construct(
        #[OA\Property] public string $substance,
        #[OA\Property] public string $name,
        #[OA\Property] public string $unit,
        #[OA\Property] public IntervalResource $strength,
        #[OA\Property(description: 'Likely strength with its unit.')] public string $said,
        #[OA\Property(description: 'Low to high, where either end would be judged otherwise; else empty.')] public string $said_range,
        #[OA\Property(description: 'The exact figure with its range, and whether by weight or by volume.')] public string $said_exactly,
        #[OA\Property] public ?float $works_from,
        #[OA\Property] public ?float $works_to,
        #[OA\Property] public ?float $careful,
        #[OA\Property] public ?float $stop,
        #[
            OA\Property(description: 'Where it begins to work, where care begins and where it burns, as far as that is known.'),
        ]
        public string $said_bounds,
        #[OA\Property(enum: ['sensitive', 'ordinary', 'hardy'])] public string $group,
        #[OA\Property(enum: ['fine', 'notice', 'caution', 'stop', 'unjudged'])] public string $severity,
        #[OA\Property(description: 'Part of the burden.')] public ?float $share,
    ) {}

    public static function of(Gauge $gauge, bool $isUseless = false): self
    {
        $severity = $gauge->verdict?->severity();
        $range = self::changesSomething($gauge) ? Figures::range($gauge->strength) : '';

        return new self(
            $gauge->substance,
            $gauge->name,
            $gauge->unit,
            IntervalResource::of($gauge->strength),
            Figures::strength($gauge->strength->likely).' '.Figures::unit($gauge->unit),
            $range,
            Figures::say($gauge->strength->likely, 5).
                " $gauge->unit".
                ($gauge->strength->isExact()
                    ? ''
                    : ', '.Figures::say($gauge->strength->low, 3).' to '.Figures::say($gauge->strength->high, 3)),
            $gauge->works[0] ?? null,
            $gauge->works[1] ?? null,
            $gauge->careful,
            $gauge->stop,
            implode(
                ', ',
                array_filter([
                    isset($gauge->works[0]) ? Say::it('bench.works-from', ['amount' => Figures::strength($gauge->works[0])]) : null,
                    $gauge->careful === null ? null : Say::it('bench.careful-from', ['amount' => Figures::strength($gauge->careful)]),
                    $gauge->stop === null ? null : Say::it('bench.burns-from', ['amount' => Figures::strength($gauge->stop)]),
                ]),
            ),
            $gauge->group->value,
            $severity === Severity::Fine && $isUseless ? Severity::Notice->value : $severity->value ?? 'unjudged',
            $gauge->share,
        );
    }

    /** Whether the ends lie on different sides of where it works, where care begins, or where it burns. */
    private static function changesSomething(Gauge $gauge): bool
    {
        $bounds = array_filter(
            [$gauge->works[0] ?? null, $gauge->works[1] ?? null, $gauge->careful, $gauge->stop],
            static fn (?float $bound): bool => $bound !== null,
        );
        foreach ($bounds as $bound) {
            if ($gauge->strength->low < $bound && $gauge->strength->high >= $bound) {
                return true;
            }
        }

        return $bounds === [] && ! $gauge->strength->isExact();
    }
}

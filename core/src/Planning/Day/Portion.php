<?php

declare(strict_types=1);

namespace Nebbia\Core\Planning\Day;

/** What of a batch goes on some plants, and whether they are rinsed afterwards. */
final readonly class Portion
{
    private function __construct(
        public string $round,
        public DueStand $stand,
        public float $ml,
        /** Minutes after which to rinse them with plain water; null where that is not called for. */
        public ?float $rinseAfter,
    ) {}

    /**
     * Shares a volume out: as the plants are expected to take it, or by their number where that is not known of all. Sound plants come
     * before those that are troubled and those that are kept apart, so that nothing is carried to them.
     *
     * @param  list<DueSpray>  $sprays
     * @return list<self>
     */
    public static function share(array $sprays, float $ml, Rinse $rinse): array
    {
        $all = [];
        foreach ($sprays as $spray) {
            foreach ($spray->stands as $stand) {
                $all[] = [$spray, $stand];
            }
        }
        $isKnown = array_filter($all, static fn (array $one): bool => $one[1]->needMl === null) === [];
        $weight = static fn (DueStand $stand): float => $isKnown ? $stand->needMl ?? 0.0 : (float) $stand->number;
        $whole = array_sum(array_map(static fn (array $one): float => $weight($one[1]), $all));
        usort(
            $all,
            static fn (array $a, array $b): int => [$a[1]->quarantined, $a[1]->troubled, $a[1]->name, $a[1]->id] <=> [
                $b[1]->quarantined,
                $b[1]->troubled,
                $b[1]->name,
                $b[1]->id,
            ],
        );

        return array_map(
            static fn (array $one): self => new self(
                $one[0]->round,
                $one[1],
                $whole > 0.0 ? ($ml * $weight($one[1])) / $whole : 0.0,
                $rinse->after($one[0]->mix, $one[1]->plant),
            ),
            $all,
        );
    }
}

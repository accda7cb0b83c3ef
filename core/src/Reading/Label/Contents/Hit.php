<?php

declare(strict_types=1);

namespace Nebbia\Core\Reading\Label\Contents;

/** A row that fits one piece of a label. */
final readonly class Hit
{
    private function __construct(
        public ContentsRow $row,
        /** Its place in the table: the lower, the sooner it decides. */
        public int $rank,
        public int $segment,
        /** The likely share of it, %. */
        public ?float $share,
    ) {}

    public static function of(ContentsRow $row, int $rank, int $segment, ?float $share): self
    {
        return new self($row, $rank, $segment, $share);
    }

    /** @param  array<array-key, self>  $hits */
    public static function first(array $hits): ?self
    {
        $order = static fn (self $hit): array => [$hit->rank, $hit->share === null, $hit->segment];
        usort($hits, static fn (self $a, self $b): int => $order($a) <=> $order($b));

        return $hits[0] ?? null;
    }

    /**
     * What there is most of; without shares what is named first.
     *
     * @param  array<array-key, self>  $hits
     */
    public static function most(array $hits): ?self
    {
        $order = static fn (self $hit): array => [-($hit->share ?? 0.0), $hit->segment, $hit->rank];
        usort($hits, static fn (self $a, self $b): int => $order($a) <=> $order($b));

        return $hits[0] ?? null;
    }
}

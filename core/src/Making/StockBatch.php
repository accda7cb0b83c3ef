<?php

declare(strict_types=1);

namespace Nebbia\Core\Making;

use DateTimeImmutable;
use Nebbia\Core\Data\Interval;
use Nebbia\Core\Shelf\Kind;

/** One making that a course needs: when it must be started, how much, and what goes in. */
final readonly class StockBatch
{
    /**
     * @param  list<StockNeed>  $needs  that it serves
     * @param  array<string, float>  $raw  ingredient => g of a solid, mL of a liquid
     */
    public function __construct(
        public Kind $kind,
        public DateTimeImmutable $startAt,
        public DateTimeImmutable $readyAt,
        public ?DateTimeImmutable $useBy,
        /** mL wanted of it. */
        public float $wantedMl,
        /** mL of liquid that go in, so that there is enough even if the cloth keeps much. */
        public float $liquidMl,
        /** mL that come through. */
        public Interval $yield,
        public array $raw,
        public array $needs,
        /** It should have been started before now. */
        public bool $isLate,
    ) {}
}

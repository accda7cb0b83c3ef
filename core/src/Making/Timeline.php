<?php

declare(strict_types=1);

namespace Nebbia\Core\Making;

use DateTimeImmutable;
use Nebbia\Core\Shelf\Kind;
use Nebbia\Core\Shelf\ShelfLife;
use Nebbia\Core\Shelf\State;
use Nebbia\Core\Shelf\Stay;

/** When a preparation may be strained, is ready, and has gone off; and where it stands at a given time. */
final readonly class Timeline
{
    private function __construct(
        public ?DateTimeImmutable $strainFrom,
        /** When it has stood as long as is usual. */
        public ?DateTimeImmutable $strainAt,
        public ?DateTimeImmutable $readyAt,
        public ?DateTimeImmutable $soonFrom,
        public ?DateTimeImmutable $useBy,
        public State $state,
        /** The next time that it wants to be stirred; null where that is over. */
        public ?DateTimeImmutable $stirAt,
    ) {}

    /**
     * @param  list<Stay>  $stays  the first begins when it was strained; empty while it steeps
     * @param  DateTimeImmutable|null  $stirred  when it was stirred last
     * @param  bool|null  $passed  the soap was tested; null where it was not, or is no soap
     */
    public static function of(
        Kind $kind,
        DateTimeImmutable $started,
        array $stays,
        DateTimeImmutable $at,
        ?DateTimeImmutable $stirred = null,
        ?bool $passed = null,
        ?float $leftMl = null,
    ): self {
        $from = self::later($started, $kind->hours->low);
        $usual = self::later($started, $kind->hours->likely);
        if ($stays === []) {
            $stir = $kind->stirHours === null ? null : self::later($stirred ?? $started, $kind->stirHours);

            return new self(
                $from,
                $usual,
                null,
                null,
                null,
                $at < $usual ? State::Steeping : State::ToStrain,
                $stir !== null && $stir < $usual ? $stir : null,
            );
        }
        $life = ShelfLife::of($kind, $stays);
        $state = match (true) {
            $leftMl !== null && $leftMl <= 0.0 => State::Empty,
            $kind->isSoap() && $passed === false => State::Refused,
            $kind->isSoap() && $passed === null => State::Untested,
            $life->useBy !== null && $at >= $life->useBy => State::GoneOff,
            $life->soonFrom !== null && $at >= $life->soonFrom => State::UseSoon,
            default => State::Ready,
        };

        return new self($from, $usual, $stays[0]->since, $life->soonFrom, $life->useBy, $state, null);
    }

    private static function later(DateTimeImmutable $from, float $hours): DateTimeImmutable
    {
        return $from->setTimestamp($from->getTimestamp() + (int) round($hours * 3600));
    }
}

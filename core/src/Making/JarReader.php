<?php

declare(strict_types=1);

namespace Nebbia\Core\Making;

use DateTimeImmutable;
use LogicException;
use Nebbia\Core\Data\BadInput;
use Nebbia\Core\Making\Soap\SoapStock;
use Nebbia\Core\Shelf\CarriesJars;
use Nebbia\Core\Shelf\Jars;
use Nebbia\Core\Shelf\KeepingPlace;
use Nebbia\Core\Shelf\Kind;
use Nebbia\Core\Shelf\OnShelf;
use Nebbia\Core\Shelf\PreparationException;
use Nebbia\Core\Shelf\Shelf;
use Nebbia\Core\Shelf\Stay;

/**
 * Reads the preparations that a file carries with it, each nebbia.preparation/1, as they stand at a given time. Later ones may be made from
 * earlier ones.
 */
final readonly class JarReader implements CarriesJars
{
    private const TIMES = ['!Y-m-d\TH:i:sP', '!Y-m-d\TH:iP', '!Y-m-d\TH:i:s.vP', '!Y-m-d'];

    public function __construct(
        private MakingReader $reader,
        private Maker $maker,
        private SoapStock $soaps,
        private ?DateTimeImmutable $now = null,
    ) {}

    /** The same, at a time: what was made in a file is looked at then. */
    public function at(DateTimeImmutable $now): self
    {
        return new self($this->reader, $this->maker, $this->soaps, $now);
    }

    public function carried(mixed $list, Shelf $shelf): Shelf
    {
        return $this->read($list, $this->now ?? throw new LogicException('Jars are carried at a time: ask at() first.'))->beside($shelf);
    }

    /**
     * @param  mixed  $list  decoded JSON
     *
     * @throws BadInput naming `preparations.n.…`
     */
    public function read(mixed $list, DateTimeImmutable $at): Jars
    {
        if (! is_array($list) || ! array_is_list($list)) {
            throw PreparationException::notText('preparations');
        }
        $jars = new Jars;
        foreach ($list as $n => $data) {
            try {
                $jars = $jars->and($this->jar($data, $jars, $at));
            } catch (BadInput $e) {
                throw $e->under("preparations.$n");
            }
        }

        return $jars;
    }

    private function jar(mixed $data, Jars $jars, DateTimeImmutable $at): OnShelf
    {
        if (! is_array($data) || ! is_string($data['id'] ?? null) || $data['id'] === '') {
            throw PreparationException::missing('id');
        }
        $started = self::instant($data, 'started_at');
        $strained = self::instant($data, 'strained_at');
        if (($data['kind'] ?? null) === 'potash-soap') {
            return $this->soaps->jar($data, $started ?? $at, $strained, $at);
        }
        $making = $this->reader->with($jars)->read($data);
        $preparation = $this->maker->make($making);
        $place = self::place($data, $making->kind);
        // Without times it is as fresh as it can be.
        $stays = $strained === null && $started !== null ? [] : [new Stay($place, $strained ?? $at)];
        $timeline = Timeline::of($making->kind, $started ?? $strained ?? $at, $stays, $at);

        return OnShelf::of(
            $data['id'], $making->name, $making->kind, $preparation->ingredient, $preparation->contents, $timeline->state,
            $timeline->readyAt ?? $timeline->strainAt, $timeline->useBy, $preparation->yield?->likely, $making->ph,
        );
    }

    /** @param  array<array-key, mixed>  $data */
    private static function place(array $data, Kind $kind): KeepingPlace
    {
        $kept = $data['kept'] ?? null;
        if ($kept === null) {
            return $kind->usualPlace();
        }

        return (is_string($kept) ? KeepingPlace::tryFrom($kept) : null) ?? throw PreparationException::unknownPlace();
    }

    /** @param  array<array-key, mixed>  $data */
    private static function instant(array $data, string $field): ?DateTimeImmutable
    {
        $text = $data[$field] ?? null;
        if ($text === null) {
            return null;
        }
        foreach (self::TIMES as $format) {
            $time = is_string($text) ? DateTimeImmutable::createFromFormat($format, $text) : false;
            if ($time !== false) {
                return $time;
            }
        }

        throw PreparationException::notATime($field);
    }
}

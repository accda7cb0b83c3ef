<?php

declare(strict_types=1);

namespace Nebbia\Core\Shelf;

use Nebbia\Core\Data\Interval;
use Nebbia\Core\Data\Row;
use Nebbia\Core\Data\Sentence\Message;

/** A kind of preparation: what goes in, how long it takes, what comes out and how long that keeps. */
final readonly class Kind
{
    /**
     * @param  list<Raw>  $raw
     * @param  list<string>  $with
     * @param  array<string, Interval>  $keeps
     * @param  list<string>  $cautions
     * @param  list<string>  $spoils
     */
    private function __construct(
        public string $id,
        /** The ingredient it is used as. */
        public string $makes,
        public Method $method,
        public array $raw,
        /** What it is made with, and how strong that is; water if not said. */
        public string $liquid,
        public ?string $liquidStrength,
        /** No liquid is added: the parts make it up. */
        public bool $isOfParts,
        /** Until it is strained; zero for what is ready at once. */
        public Interval $hours,
        public ?float $stirHours,
        /** A substance that it counts as by volume, whatever went in. */
        public ?string $countsAs,
        /** Substances that are carried beside that. */
        public array $with,
        /** Hours once it is strained, by place. */
        public array $keeps,
        /** cloth, fine or none. */
        public string $strain,
        /** How it is usually thinned: a ratio, or "neat". */
        public string $into,
        public bool $steepsCold,
        public bool $noHeat,
        /** Past its time it endangers life. */
        public bool $isDeadly,
        public bool $measurePh,
        public array $cautions,
        public array $spoils,
        public string $spent,
        public string $basis,
        public string $sure,
    ) {}

    /**
     * The same, standing as long as the recipe at hand has it stand.
     *
     * @param  float  $hours  until it is strained
     */
    public function standing(float $hours): self
    {
        return new self(
            $this->id,
            $this->makes,
            $this->method,
            $this->raw,
            $this->liquid,
            $this->liquidStrength,
            $this->isOfParts,
            Interval::exactly($hours),
            $this->stirHours,
            $this->countsAs,
            $this->with,
            $this->keeps,
            $this->strain,
            $this->into,
            $this->steepsCold,
            $this->noHeat,
            $this->isDeadly,
            $this->measurePh,
            $this->cautions,
            $this->spoils,
            $this->spent,
            $this->basis,
            $this->sure,
        );
    }

    /** @param  list<Raw>  $raw */
    public static function fromRow(Row $row, Method $method, array $raw): self
    {
        $hours = $row->has('hours') ? $row->row('hours') : null;

        return new self(
            $row->string('id'),
            $row->string('makes'),
            $method,
            $raw,
            $row->string('liquid', 'water'),
            $row->has('liquid_strength') ? $row->string('liquid_strength') : null,
            $row->bool('parts'),
            $hours?->interval() ?? Interval::zero(),
            $row->has('stir_h') ? $row->float('stir_h') : null,
            $row->has('counts_as') ? $row->string('counts_as') : null,
            $row->strings('with'),
            array_map(static fn (Row $one): Interval => $one->interval(), $row->rows('keeps')),
            $row->string('strain'),
            $row->string('into'),
            $row->bool('cold'),
            $row->bool('no_heat'),
            $row->bool('deadly'),
            $row->bool('measure_ph'),
            $row->strings('cautions'),
            $row->strings('spoils'),
            $row->string('spent'),
            $hours?->string('basis') ?? 'practice',
            $hours?->string('sure') ?? 'low',
        );
    }

    /** It carries germs: it is given to the soil, never to leaves. */
    public function isFeed(): bool
    {
        return in_array('raw-food', $this->cautions, true);
    }

    public function isSoap(): bool
    {
        return $this->method->id === 'soap';
    }

    /** Hours that it keeps there; null where it must not be kept there. */
    public function life(KeepingPlace $place): ?Interval
    {
        return $this->keeps[$place->value] ?? null;
    }

    /** Where it is kept if nobody says: the first place of its row that is no freezer, cold before warm. */
    public function usualPlace(): KeepingPlace
    {
        return isset($this->keeps['fridge']) && ($this->keeps['warm']->likely ?? 0.0) < $this->keeps['fridge']->likely
            ? KeepingPlace::Fridge
            : KeepingPlace::Warm;
    }

    public function name(): Message
    {
        return Message::of("making.kind.$this->id");
    }
}

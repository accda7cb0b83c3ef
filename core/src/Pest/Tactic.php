<?php

declare(strict_types=1);

namespace Nebbia\Core\Pest;

use Nebbia\Core\Data\Interval;
use Nebbia\Core\Data\Row;
use Nebbia\Core\Data\Sentence\Message;

/** A measure that is not a spray. */
final readonly class Tactic
{
    /**
     * @param  array<string, Evidence>  $for  target => how good the ground is
     * @param  int|null  $everyDays  how often; null is once
     * @param  Interval  $minutes  work for one planting, each time
     * @param  bool  $urgent  it limits the damage and comes first
     * @param  bool  $last  it ends the plant, or is for next year
     */
    private function __construct(
        public string $id,
        public array $for,
        public ?int $everyDays,
        public Interval $minutes,
        public bool $urgent,
        public bool $last,
        public bool $indoorsOnly,
        public bool $outdoorsOnly,
    ) {}

    public static function fromRow(Row $row): self
    {
        return new self(
            $row->string('id'),
            array_map(Evidence::from(...), $row->stringMap('for')),
            $row->has('every_days') ? (int) $row->float('every_days') : null,
            $row->row('minutes')->interval(),
            $row->bool('urgent'),
            $row->bool('last'),
            $row->bool('indoors_only'),
            $row->bool('outdoors_only'),
        );
    }

    public function name(): Message
    {
        return Message::of("tactic.$this->id.name");
    }

    /** Whether it can be done where the plant stands. */
    public function fits(bool $indoors): bool
    {
        return $indoors ? ! $this->outdoorsOnly : ! $this->indoorsOnly;
    }
}

<?php

declare(strict_types=1);

namespace Nebbia\Core\Remedy;

use Nebbia\Core\Formulation\UseOfSpray;
use Nebbia\Core\Knowledge\Row;
use Nebbia\Core\Message\Message;

/** A family of sprays that act in the same way. */
final readonly class Remedy
{
    /**
     * @param  list<string>  $substances  ids, any of which makes a spray one of this family
     * @param  array{unit: string, mild: float, middle: float, strong: float}|null  $schools  final strengths of three practices
     * @param  float|null  $waitDays  before eating, with washing; null where it is not known
     * @param  array<string, Pairing>  $pairings  target => what it is worth
     */
    private function __construct(
        public string $id,
        public Mode $mode,
        public array $substances,
        public UseOfSpray $use,
        public ?array $schools,
        public ?float $waitDays,
        public array $pairings,
    ) {}

    public static function fromRow(Row $row): self
    {
        $pairings = [];
        foreach ($row->rows('for') as $target => $pairing) {
            $pairings[$target] = new Pairing(Evidence::from($pairing->string('evidence')), $pairing->string('when') === 'before', $pairing->strings('stages'));
        }
        $schools = $row->has('schools') ? $row->row('schools') : null;

        return new self(
            $row->string('id'),
            Mode::from($row->string('mode')),
            $row->strings('substances'),
            UseOfSpray::from($row->string('use')),
            $schools === null ? null : ['unit' => $schools->string('unit'), 'mild' => $schools->float('mild'), 'middle' => $schools->float('middle'), 'strong' => $schools->float('strong')],
            $row->has('wait_days') ? $row->row('wait_days')->float('likely') : null,
            $pairings,
        );
    }

    public function name(): Message
    {
        return Message::of("remedy.$this->id.name");
    }

    /** Whether it is any use against a target. */
    public function helps(string $target): bool
    {
        return ($this->pairings[$target]->evidence ?? Evidence::None) !== Evidence::None;
    }
}

<?php

declare(strict_types=1);

namespace Nebbia\Core\Pest;

use Nebbia\Core\Data\Row;
use Nebbia\Core\Data\Sentence\Message;
use Nebbia\Core\Mixing\Mix;
use Nebbia\Core\Mixing\Recipe\UseOfSpray;

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
        /** Once it is dry. */
        public bool $leavesNothing,
    ) {}

    public static function fromRow(Row $row): self
    {
        $pairings = [];
        foreach ($row->rows('for') as $target => $pairing) {
            $pairings[$target] = new Pairing(
                $pairing->oneOf('evidence', Evidence::class),
                $pairing->string('when') === 'before',
                $pairing->strings('stages'),
            );
        }
        $schools = $row->has('schools') ? $row->row('schools') : null;

        return new self(
            $row->string('id'),
            $row->oneOf('mode', Mode::class),
            $row->strings('substances'),
            $row->oneOf('use', UseOfSpray::class),
            $schools === null
                ? null
                : [
                    'unit' => $schools->string('unit'),
                    'mild' => $schools->float('mild'),
                    'middle' => $schools->float('middle'),
                    'strong' => $schools->float('strong'),
                ],
            $row->has('wait_days') ? $row->row('wait_days')->float('likely') : null,
            $pairings,
            $row->bool('leaves_nothing'),
        );
    }

    public function name(): Message
    {
        return Message::of("remedy.$this->id.name");
    }

    /**
     * Whether a mix is a spray of this family: used in the same way, and at half the mild practice or more. Soap that is there
     * to hold oil in the water does not make a soap spray.
     */
    public function isMadeBy(Mix $mix): bool
    {
        $strength = 0.0;
        foreach ($this->substances as $substance) {
            $strength += $mix->strengthOf($substance)?->in($this->schools['unit'] ?? '% w/v')->likely ?? 0.0;
        }

        return $this->goesBy($mix->recipe->use) && $strength > 0.0 && $strength >= ($this->schools['mild'] ?? 0.0) / 2;
    }

    /** What is sprayed on leaves does the same where it is wiped on, or they are dipped. */
    public function goesBy(UseOfSpray $use): bool
    {
        return $use === $this->use || ($this->use === UseOfSpray::Foliar && in_array($use, [UseOfSpray::Wipe, UseOfSpray::Dip], true));
    }

    /** Whether it is any use against a target. */
    public function helps(string $target): bool
    {
        return ($this->pairings[$target]->evidence ?? Evidence::None) !== Evidence::None;
    }
}

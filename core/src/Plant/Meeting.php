<?php

declare(strict_types=1);

namespace Nebbia\Core\Plant;

use Nebbia\Core\Data\NameOfSeveral;
use Nebbia\Core\Data\UnknownName;

/** What became of a plant's name: known, kin of something known, unknown, one of several, or a slip of the finger. */
final readonly class Meeting
{
    /** @param  list<string>  $which names that it may be */
    private function __construct(public string $name, public string $how, public ?Plant $plant, public array $which) {}

    public static function of(Plants $plants, string $name): self
    {
        try {
            $plant = $plants->met($name);
        } catch (NameOfSeveral $e) {
            return new self($name, 'several', null, $e->which);
        } catch (UnknownName $e) {
            return new self($name, $e->nearest === null ? 'none' : 'slip', null, $e->nearest === null ? [] : [$e->nearest]);
        }
        $how = match (true) {
            $plants->knows($name) => 'known',
            $plant->id === Plants::UNKNOWN => 'unknown',
            default => 'kin',
        };

        return new self($name, $how, $plant, []);
    }
}

<?php

declare(strict_types=1);

namespace Nebbia\Core\Target;

use Nebbia\Core\Data\Row;
use Nebbia\Core\Plant\Plant;

/** Between which plants a disease jumps: any of its hosts, those of one genus, or those of one family. */
final readonly class HostRange
{
    /** @param  list<string>  $families  within which it jumps though it keeps to a genus elsewhere */
    private function __construct(private string $keepsTo, private array $families) {}

    public static function fromRow(Row $row): self
    {
        return new self($row->string('keeps_to', 'any'), $row->strings('jumps_within'));
    }

    public function jumps(Plant $from, Plant $to): bool
    {
        // Of what is not known nobody can say that it is safe.
        if ($this->keepsTo === 'any' || $from->family === '' || $to->family === '') {
            return true;
        }
        $isKin = $from->family === $to->family;

        return $this->keepsTo === 'family'
            ? $isKin
            : self::genus($from) === self::genus($to) || ($isKin && in_array($from->family, $this->families, true));
    }

    private static function genus(Plant $plant): string
    {
        return explode(' ', $plant->botanical)[0];
    }
}

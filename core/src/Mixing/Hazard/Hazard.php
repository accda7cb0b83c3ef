<?php

declare(strict_types=1);

namespace Nebbia\Core\Mixing\Hazard;

use Nebbia\Core\Data\Row;
use Nebbia\Core\Data\Sentence\Message;

/** What a substance does to whoever handles it, from a strength on. */
final readonly class Hazard
{
    /**
     * @param  list<string>  $substances
     * @param  list<string>  $gear  goggles, gloves, air, flames, pets, children
     */
    private function __construct(
        public string $id,
        public string $kind,
        public array $substances,
        public string $unit,
        public float $from,
        public int $rank,
        public array $gear,
        public string $basis,
        public string $sure,
    ) {}

    public static function fromRow(Row $row): self
    {
        return new self(
            $row->string('id'), $row->string('kind'), $row->strings('substances'), $row->string('unit'), $row->float('from'),
            (int) $row->float('rank'), $row->strings('gear'), $row->string('basis'), $row->string('sure'),
        );
    }

    /** The sentence that says it. */
    public function said(): Message
    {
        return Message::of("hazard.$this->id");
    }
}

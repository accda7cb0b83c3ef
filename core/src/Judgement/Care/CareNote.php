<?php

declare(strict_types=1);

namespace Nebbia\Core\Judgement\Care;

use Nebbia\Core\Data\Row;
use Nebbia\Core\Data\Sentence\Message;

/** Something to mind for people, animals, water or soil, at the moment at which it matters. */
final readonly class CareNote
{
    private function __construct(
        public string $id,
        /** handle, spray or after */
        public string $moment,
        /** people, pets, bees, water, soil, kitchen or law */
        public string $who,
        public string $basis,
        public string $sure,
    ) {}

    public static function fromRow(Row $row): self
    {
        return new self($row->string('id'), $row->string('moment'), $row->string('who'), $row->string('basis'), $row->string('sure'));
    }

    public function said(): Message
    {
        return Message::of("care.$this->id.note");
    }
}

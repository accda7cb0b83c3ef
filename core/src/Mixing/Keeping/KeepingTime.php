<?php

declare(strict_types=1);

namespace Nebbia\Core\Mixing\Keeping;

use Nebbia\Core\Data\Interval;
use Nebbia\Core\Data\Row;
use Nebbia\Core\Data\Sentence\Message;

/** How long a finished mix keeps: the shortest of what is in it. */
final readonly class KeepingTime
{
    private function __construct(
        public string $id,
        /** Hours. */
        public Interval $hours,
        /** In the cold, and only there. */
        public bool $isCold,
        public string $basis,
        public string $sure,
    ) {}

    public static function fromRow(Row $row): self
    {
        $hours = $row->row('hours');

        return new self($row->string('id'), $hours->interval(), $row->bool('cold'), $hours->string('basis'), $hours->string('sure'));
    }

    public function said(): Message
    {
        return Message::of($this->isCold ? 'storage.cold' : 'storage.plain', [
            'hours' => $this->hours->likely,
            'days' => $this->hours->likely / 24,
            'long' => $this->hours->likely >= 48 ? 'yes' : 'no',
        ]);
    }
}

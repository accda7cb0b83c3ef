<?php

declare(strict_types=1);

namespace Nebbia\Core\Storage;

use Nebbia\Core\Formulation\Mix;
use Nebbia\Core\Knowledge\Knowledge;
use Nebbia\Core\Measure\Interval;
use Nebbia\Core\Message\Message;

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

    /** @return self|null null where nothing is known of what is in it: then it is mixed for use */
    public static function of(Mix $mix, Knowledge $knowledge): ?self
    {
        $shortest = null;
        foreach ($knowledge->rows('storage') as $row) {
            foreach ($row->strings('substances') as $substance) {
                $hours = $row->row('hours')->interval();
                if ($mix->strengthOf($substance) !== null && ($shortest === null || $hours->likely < $shortest->hours->likely)) {
                    $shortest = new self($row->string('id'), $hours, $row->bool('cold'), $row->row('hours')->string('basis'), $row->row('hours')->string('sure'));
                }
            }
        }

        return $shortest;
    }

    public function said(): Message
    {
        return Message::of($this->isCold ? 'storage.cold' : 'storage.plain', ['hours' => $this->hours->likely, 'days' => $this->hours->likely / 24, 'long' => $this->hours->likely >= 48 ? 'yes' : 'no']);
    }
}

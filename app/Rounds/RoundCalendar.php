<?php

declare(strict_types=1);

namespace App\Rounds;

use Carbon\CarbonImmutable;
use Sabre\VObject\Component\VCalendar;

/** Rounds as iCalendar: one event each. */
final class RoundCalendar
{
    private readonly VCalendar $calendar;

    public function __construct(string $name)
    {
        $this->calendar = new VCalendar(['PRODID' => '-//Nebbia//Rounds//EN', 'X-WR-CALNAME' => $name]);
    }

    /** @param  CarbonImmutable  $stamp  when the event was written */
    public function add(string $id, int $from, int $to, string $title, string $text, CarbonImmutable $stamp): void
    {
        $event = $this->calendar->createComponent('VEVENT', [], false);
        $this->calendar->add($event);
        $event->add('UID', "$id@nebbia");
        $event->add('DTSTAMP', $stamp->utc());
        // In UTC: no table of time zones is needed to read it back.
        $event->add('DTSTART', CarbonImmutable::createFromTimestamp($from, 'UTC'));
        $event->add('DTEND', CarbonImmutable::createFromTimestamp($to, 'UTC'));
        $event->add('SUMMARY', $title);
        $event->add('DESCRIPTION', $text);
    }

    public function text(): string
    {
        return $this->calendar->serialize();
    }
}

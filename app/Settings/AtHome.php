<?php

declare(strict_types=1);

namespace App\Settings;

use App\Models\Garden;
use IntlCalendar;
use Nebbia\Core\Data\Sentence\Catalogue;
use Nebbia\Core\Measure\Home\HomeUnits;
use Nebbia\Core\Measure\Home\HomeWords;
use Nebbia\Core\Measure\UnitSystem;

/** The household that is being answered: in which units sentences and sizes are said to it. */
final class AtHome
{
    public HomeUnits $units;

    public function __construct()
    {
        $this->units = HomeUnits::of(null);
    }

    public function answer(?UnitSystem $system): void
    {
        $this->units = HomeUnits::of($system);
        app(Catalogue::class)->speak(HomeWords::of($system));
    }

    /** Days and hours as they are written where they are. */
    public static function locale(Garden $garden): string
    {
        return match ($garden->units) {
            UnitSystem::Us => 'en-US',
            UnitSystem::Au => 'en-AU',
            default => 'en-GB',
        };
    }

    /** @return int 1 for Monday to 7 for Sunday, as the week begins in the country of the time zone */
    public static function weekStarts(Garden $garden): int
    {
        $first = IntlCalendar::createInstance(null, 'en_'.($garden->country() ?? 'GB'))?->getFirstDayOfWeek();

        return is_int($first) ? ($first + 5) % 7 + 1 : 1;
    }
}

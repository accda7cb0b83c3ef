<?php

declare(strict_types=1);

namespace App\Weather;

use App\Models\Garden;
use Nebbia\Core\Weather\Forecast;

/** Where a garden's hourly weather comes from. */
interface ForecastProvider
{
    /**
     * @param  int  $from  seconds since 1970
     * @return Forecast what is foretold now; empty where the garden's place is not known
     */
    public function forecast(Garden $garden, int $from, int $to): Forecast;

    /** What the weather really was, as far as anybody knows. */
    public function happened(Garden $garden, int $from, int $to): Forecast;

    /** In words, for the screen. */
    public function name(Garden $garden): string;

    /** Whether it says anything of the real sky, or of a garden that is made up itself. */
    public function isTrue(Garden $garden): bool;
}

<?php

declare(strict_types=1);

namespace App\Files;

use App\Models\Garden;
use NumberFormatter;
use ResourceBundle;

/** How spreadsheets of a place write a number, and what they take for the end of a cell. */
final readonly class SheetLocale
{
    private function __construct(public string $decimal, public string $between) {}

    /** By the country of its time zone, whatever language the screens are in; a point where that is not known. */
    public static function of(Garden $garden): self
    {
        return self::inCountry($garden->country());
    }

    /** @param  string|null  $country  two letters */
    public static function inCountry(?string $country): self
    {
        $commas = $points = 0;
        $all = $country === null ? false : ResourceBundle::getLocales('');
        foreach ($all === false ? [] : $all as $locale) {
            // English as it is written abroad says nothing of the spreadsheets there.
            $isHere = is_string($locale) && preg_match("/_{$country}$/", $locale) === 1;
            if ($isHere && (! str_starts_with($locale, 'en_') || self::isEnglish((string) $country))) {
                $symbol = (new NumberFormatter($locale, NumberFormatter::DECIMAL))->getSymbol(NumberFormatter::DECIMAL_SEPARATOR_SYMBOL);
                $symbol === ',' ? $commas++ : $points++;
            }
        }

        return $commas > $points ? new self(',', ';') : new self('.', ',');
    }

    public function number(float $number): string
    {
        return str_replace('.', $this->decimal, (string) round($number, 6));
    }

    private static function isEnglish(string $country): bool
    {
        return in_array($country, ['US', 'GB', 'IE', 'AU', 'NZ', 'CA', 'ZA'], true);
    }
}

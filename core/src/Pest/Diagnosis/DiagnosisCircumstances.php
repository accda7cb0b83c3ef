<?php

declare(strict_types=1);

namespace Nebbia\Core\Pest\Diagnosis;

use Nebbia\Core\Plant\Plant;

/** What is known before anything is looked at. What is null is not known and changes nothing. */
final readonly class DiagnosisCircumstances
{
    /** @param  list<RecentWeather>  $weather  of the last weeks */
    private function __construct(
        public ?Plant $plant,
        public ?bool $indoors,
        public ?Season $season,
        public array $weather,
    ) {}

    /**
     * @param  list<RecentWeather>  $weather
     *
     * @throws DiagnosisException if the weather was both wet and dry, or both hot and cool
     */
    public static function of(?Plant $plant = null, ?bool $indoors = null, ?Season $season = null, array $weather = []): self
    {
        foreach ([[RecentWeather::Wet, RecentWeather::Dry], [RecentWeather::Hot, RecentWeather::Cool]] as [$one, $other]) {
            if (in_array($one, $weather, true) && in_array($other, $weather, true)) {
                throw DiagnosisException::opposites($one, $other);
            }
        }

        return new self($plant, $indoors, $season, $weather);
    }
}

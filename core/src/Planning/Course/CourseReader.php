<?php

declare(strict_types=1);

namespace Nebbia\Core\Planning\Course;

use DateTimeImmutable;
use DateTimeZone;
use Nebbia\Core\Data\BadInput;
use Nebbia\Core\Measure\Vessel\Vessel;
use Nebbia\Core\Mixing\Mix;
use Nebbia\Core\Mixing\Mixer;
use Nebbia\Core\Mixing\Recipe\RecipeReader;
use Nebbia\Core\Planning\Hour\SprayTime;
use Nebbia\Core\Plant\Plants;
use Nebbia\Core\Plant\Settling;
use Nebbia\Core\Plant\Stage;
use Nebbia\Core\Target\Targets;
use Nebbia\Core\Weather\Place;

/** Reads nebbia.course/1. Every complaint names the field by its dotted path. */
final readonly class CourseReader
{
    public const FORMAT = 'nebbia.course/1';

    public function __construct(
        private Targets $targets,
        private Plants $plants,
        private RecipeReader $recipes,
        private Mixer $mixer,
        private Settling $settling,
    ) {}

    /**
     * @param  mixed  $data  decoded JSON
     * @param  string|null  $start  instead of the course's own first day, as 2026-05-02
     *
     * @throws BadInput naming the field
     */
    public function read(mixed $data, ?string $start = null): Course
    {
        if (! is_array($data) || ($data !== [] && array_is_list($data)) || ($data['format'] ?? null) !== self::FORMAT) {
            throw CourseException::notACourse();
        }
        $target = $this->text($data, 'target') ?? throw CourseException::missing('target');
        $purpose = $this->text($data, 'purpose') ?? 'outbreak';
        try {
            $found = $this->targets->named($target);
        } catch (BadInput $e) {
            throw $e->at('target');
        }

        $mixes = $this->mixes($data);

        return new Course(
            $this->text($data, 'id') ?? $found->id,
            $found,
            Purpose::tryFrom($purpose) ?? throw CourseException::notOneOf('purpose', array_column(Purpose::cases(), 'value')),
            self::day($start ?? ($this->text($data, 'start') ?? throw CourseException::missing('start')), 'start'),
            $this->place($data),
            $this->plantings($data),
            $mixes,
            FreeHours::read($data['free_hours'] ?? [], 'free_hours'),
            $this->sprayer($data),
            $this->hours($data, $mixes[0]),
        );
    }

    /** @param  array<array-key, mixed>  $data */
    private function place(array $data): Place
    {
        $place = $data['place'] ?? throw CourseException::missing('place');
        if (! is_array($place)) {
            throw CourseException::notAnObject('place');
        }
        $number = static function (string $field, float $most) use ($place): float {
            $value = $place[$field] ?? null;

            return is_numeric($value) && abs((float) $value) <= $most ? (float) $value : throw CourseException::place($field);
        };
        $zone =
            is_string($place['time_zone'] ?? null) &&
            in_array($place['time_zone'], DateTimeZone::listIdentifiers(DateTimeZone::ALL_WITH_BC), true)
                ? $place['time_zone']
                : throw CourseException::place('time_zone');

        return new Place(
            $number('lat', 90.0),
            $number('lon', 180.0),
            new DateTimeZone($zone),
            isset($place['altitude_m']) ? $number('altitude_m', 6000.0) : 0.0,
        );
    }

    /**
     * @param  array<array-key, mixed>  $data
     * @return list<CoursePlanting>
     */
    private function plantings(array $data): array
    {
        $rows = $data['plantings'] ?? [];
        if (! is_array($rows) || ! array_is_list($rows)) {
            throw CourseException::notAnObject('plantings');
        }
        $plantings = [];
        foreach ($rows as $n => $row) {
            if (! is_array($row)) {
                throw CourseException::notAnObject("plantings.$n");
            }
            try {
                $plant = $this->plants->met($this->text($row, 'plant', "plantings.$n.") ?? throw CourseException::missing('plant'));
            } catch (BadInput $e) {
                throw $e->at('plant')->under("plantings.$n");
            }
            $stage =
                Stage::tryFrom($this->text($row, 'stage', "plantings.$n.") ?? Stage::Growing->value) ??
                throw CourseException::notOneOf("plantings.$n.stage", array_column(Stage::cases(), 'value'));
            $harvest = $this->text($row, 'harvest', "plantings.$n.");
            $moved = $this->text($row, 'moved', "plantings.$n.");
            $plantings[] = new CoursePlanting(
                $this->text($row, 'id', "plantings.$n.") ?? $plant->id,
                $plant,
                (int) ($this->number($row, 'number', "plantings.$n.", 1.0, 100000.0) ?? 1.0),
                $stage,
                $this->number($row, 'height_cm', "plantings.$n.", 1.0, 5000.0),
                ($row['indoors'] ?? false) === true,
                $stage === Stage::Flowering || ($row['in_flower'] ?? false) === true,
                $harvest === null ? null : self::day($harvest, "plantings.$n.harvest"),
                PlantCare::read($row['care'] ?? null, "plantings.$n.care"),
                $moved === null ? null : $this->settling->day(self::day($moved, "plantings.$n.moved")),
            );
        }

        return $plantings;
    }

    /**
     * @param  array<array-key, mixed>  $data
     * @return non-empty-list<Mix>
     */
    private function mixes(array $data): array
    {
        $many = $data['recipes'] ?? null;
        if ($many === null) {
            return [$this->mix($data['recipe'] ?? throw CourseException::missing('recipe'), 'recipe')];
        }
        if (! is_array($many) || ! array_is_list($many) || $many === [] || count($many) > 2) {
            throw CourseException::recipes();
        }

        return array_map(fn (mixed $one, int $n): Mix => $this->mix($one, "recipes.$n"), $many, array_keys($many));
    }

    private function mix(mixed $recipe, string $field): Mix
    {
        try {
            return $this->mixer->mix($this->recipes->read($recipe));
        } catch (BadInput $e) {
            throw $e->under($field);
        }
    }

    /** @param  array<array-key, mixed>  $data */
    private function sprayer(array $data): ?string
    {
        $sprayer = $data['sprayer'] ?? null;

        return match (true) {
            $sprayer === null => null,
            is_string($sprayer) => $sprayer,
            is_array($sprayer) && is_string($sprayer['name'] ?? null) => $sprayer['name'],
            default => throw CourseException::notAnObject('sprayer'),
        };
    }

    /**
     * How long a round takes, where the sprayer is described; an hour where it is not.
     *
     * @param  array<array-key, mixed>  $data
     */
    private function hours(array $data, Mix $mix): int
    {
        $sprayer = $data['sprayer'] ?? null;
        $capacity = is_array($sprayer) ? $this->number($sprayer, 'capacity_ml', 'sprayer.', 50.0, 1e6) : null;
        if (! is_array($sprayer) || $capacity === null) {
            return 1;
        }

        return SprayTime::hours(
            $mix->finalVolume->likely,
            Vessel::of(
                $this->text($sprayer, 'name', 'sprayer.') ?? '',
                $capacity,
                $this->number($sprayer, 'usable_fraction', 'sprayer.', 0.1, 1.0) ?? 1.0,
            ),
            $this->number($sprayer, 'ml_per_minute', 'sprayer.', 1.0, 1e5),
        );
    }

    private static function day(string $text, string $field): string
    {
        $day = DateTimeImmutable::createFromFormat('!Y-m-d', $text);

        return $day !== false && $day->format('Y-m-d') === $text ? $text : throw CourseException::day($field);
    }

    /** @param  array<array-key, mixed>  $data */
    private function text(array $data, string $field, string $path = ''): ?string
    {
        $value = $data[$field] ?? null;
        if ($value !== null && ! is_string($value)) {
            throw CourseException::notAnObject($path.$field);
        }

        return $value;
    }

    /** @param  array<array-key, mixed>  $data */
    private function number(array $data, string $field, string $path, float $least, float $most): ?float
    {
        $value = $data[$field] ?? null;
        if ($value === null) {
            return null;
        }

        return is_numeric($value) && (float) $value >= $least && (float) $value <= $most
            ? (float) $value
            : throw CourseException::number($path.$field);
    }
}

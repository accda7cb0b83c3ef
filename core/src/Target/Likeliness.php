<?php

declare(strict_types=1);

namespace Nebbia\Core\Target;

use Nebbia\Core\Data\Row;
use Nebbia\Core\Plant\Plant;

/** How likely a cause is before anything has been seen, in the coarse words of diagnosis.yaml. */
final readonly class Likeliness
{
    /**
     * @param  string  $common  rare, uncommon, common, very-common
     * @param  list<string>  $mainHosts  plant ids, families and habits
     * @param  list<string>  $someHosts  likewise
     * @param  string  $otherwise  what every other plant is: main, some, unlikely
     * @param  list<string>  $seasons  in which it shows; empty is all the year
     * @param  list<string>  $moreIn  weather that brings it: wet, dry, hot, cool
     * @param  list<string>  $lessIn  weather that keeps it down
     */
    private function __construct(
        public string $common,
        public array $mainHosts,
        public array $someHosts,
        public string $otherwise,
        public string $indoors,
        public string $outdoors,
        public array $seasons,
        public array $moreIn,
        public array $lessIn,
    ) {}

    public static function fromRow(Row $row): self
    {
        $hosts = $row->row('hosts');
        $place = $row->row('place');
        $weather = $row->has('weather') ? $row->row('weather') : null;

        return new self(
            $row->string('common'),
            $hosts->strings('main'),
            $hosts->strings('some'),
            $hosts->string('else', 'unlikely'),
            $place->string('indoors'),
            $place->string('outdoors'),
            $row->strings('seasons'),
            $weather?->strings('more') ?? [],
            $weather?->strings('less') ?? [],
        );
    }

    /** main, some or unlikely. A plant named by itself is decided before its family, and that before its habit. */
    public function hostWord(Plant $plant): string
    {
        foreach ([$plant->id, $plant->family, $plant->habit] as $token) {
            if (in_array($token, $this->mainHosts, true)) {
                return 'main';
            }
            if (in_array($token, $this->someHosts, true)) {
                return 'some';
            }
        }

        return $this->otherwise;
    }

    /** Whether a plant is named among the main hosts by its kind or family, and not only by its habit. */
    public function namesOutright(Plant $plant): bool
    {
        return array_intersect([$plant->id, $plant->family], $this->mainHosts) !== [];
    }
}

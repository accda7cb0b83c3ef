<?php

declare(strict_types=1);

namespace Nebbia\Core\Mixing\Need;

use Nebbia\Core\Plant\Plant;
use Nebbia\Core\Plant\Stage;

/** Plants of one kind and size that are to be sprayed. */
final readonly class Stand
{
    /** @param  list<float>  $used  mL that rounds before this one really took, for all of them together */
    private function __construct(
        public string $name,
        public Plant $plant,
        public int $number,
        public Stage $stage,
        public ?float $heightCm,
        /** m² of ground that they cover, taken instead of number and height where it is known. */
        public ?float $areaM2,
        /** Litres of one pot. */
        public ?float $potL,
        public array $used,
    ) {}

    /**
     * @param  list<float>  $used
     *
     * @throws NeedException naming `number`, `height_cm`, `area_m2` or `pot_l`
     */
    public static function of(
        string $name,
        Plant $plant,
        int $number,
        Stage $stage = Stage::Growing,
        ?float $heightCm = null,
        ?float $areaM2 = null,
        ?float $potL = null,
        array $used = [],
    ): self {
        if ($number < 1) {
            throw NeedException::notPositive('number');
        }
        foreach (['height_cm' => $heightCm, 'area_m2' => $areaM2, 'pot_l' => $potL] as $field => $size) {
            if ($size !== null && $size <= 0.0) {
                throw NeedException::notPositive($field);
            }
        }

        return new self($name, $plant, $number, $stage, $heightCm, $areaM2, $potL, $used);
    }
}

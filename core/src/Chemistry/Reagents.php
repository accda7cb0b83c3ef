<?php

declare(strict_types=1);

namespace Nebbia\Core\Chemistry;

use Nebbia\Core\Data\Interval;
use Nebbia\Core\Data\Row;
use Nebbia\Core\Data\Table;

/** What chemistry knows of substances, made once from core/data/chemistry.yaml. */
final readonly class Reagents
{
    /** Moles of hydroxide-like base, or of acid protons, in one mole. */
    private const EQUIVALENTS = ['citric-acid' => 3.0, 'calcium-hydroxide' => 2.0];

    /**
     * @param  array<string, Reagent>  $all
     * @param  array<string, WeakSystem>  $systems
     * @param  array<string, array{WeakSystem, WeakSystem}>  $ends  systems whose pKa is a range: at its low and its high end
     * @param  list<string>  $acids  strongest first
     * @param  list<string>  $bases  strongest first
     * @param  list<string>  $unknownPh
     * @param  list<string>  $breaksPeroxide
     */
    private function __construct(
        public array $all,
        public array $systems,
        public array $ends,
        public array $acids,
        public array $bases,
        public array $unknownPh,
        public array $breaksPeroxide,
        public Interval $limeSoap,
        public Interval $milkSoap,
        public float $pkw,
        public float $henry,
        public float $molarVolume,
    ) {}

    public static function from(Table $chemistry): self
    {
        $file = $chemistry->whole();
        $all = [];
        foreach ($file->rows('substances') as $row) {
            $all[$row->string('substance')] = Reagent::fromRow($row);
        }
        $systems = [];
        $ends = [];
        foreach ($file->rows('systems') as $row) {
            $id = $row->string('id');
            $systems[$id] = self::system($row, 'pka');
            if ($row->has('low')) {
                $ends[$id] = [self::system($row, 'low'), self::system($row, 'high')];
            }
        }
        $water = $file->row('water');

        return new self(
            $all,
            $systems,
            $ends,
            $file->strings('acids'),
            $file->strings('bases'),
            $file->strings('unknown_ph'),
            $file->strings('breaks_peroxide'),
            $file->row('lime_soap')->interval(),
            $file->row('milk_soap')->interval(),
            $water->float('pkw'),
            $water->float('henry'),
            $water->float('molar_volume'),
        );
    }

    public static function equivalents(string $substance): float
    {
        return self::EQUIVALENTS[$substance] ?? 1.0;
    }

    private static function system(Row $row, string $key): WeakSystem
    {
        return WeakSystem::of($row->string('id'), array_values(array_map(floatval(...), $row->floats($key))), (int) $row->float('charge'));
    }
}

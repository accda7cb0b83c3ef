<?php

declare(strict_types=1);

namespace App\Demo;

use App\Making\Writes\BeginPreparation;
use App\Making\Writes\TendPreparation;
use App\Models\Garden;
use App\Models\Preparation;
use App\Models\Sprayer;
use Carbon\CarbonImmutable;
use Nebbia\Core\Data\Row;
use Nebbia\Core\Making\MakingReader;

/** Something made ahead for the demo garden, begun and finished by the actions that the screens use, then set back in time. */
final readonly class DemoPreparation
{
    public function __construct(private BeginPreparation $begin, private TendPreparation $tend) {}

    /** @param  array<string, Sprayer>  $sprayers */
    public function __invoke(Garden $garden, Row $row, array $sprayers, CarbonImmutable $now): Preparation
    {
        $at = static fn (string $field): CarbonImmutable => $now->addMinutes((int) round(60.0 * $row->float($field)))->utc();
        $jar = ($this->begin)(
            $garden,
            $this->body($row),
            $row->string('name'),
            $row->has('sprayer') ? $sprayers[$row->string('sprayer')] : null,
        );
        ($this->tend)($garden, $jar, ['note' => $row->string('note')]);
        if ($row->has('strained')) {
            ($this->tend)($garden, $jar, [
                'finished' => true,
                'kept' => $row->string('place'),
                'strained' => $row->has('came') ? $row->string('came') : null,
            ]);
            $jar->strained_at = $at('strained');
            $jar->stays = [['place' => $row->string('place'), 'since' => $at('strained')->toIso8601ZuluString()]];
        }
        if ($row->has('steps')) {
            // What has been done so far, and the clock of what runs since.
            $jar->done = array_fill(0, (int) $row->float('steps'), $at('begun')->toIso8601ZuluString());
            $jar->timers = [(int) $row->float('steps') => $at('begun')->toIso8601ZuluString()];
        }
        $jar->started_at = $at('begun');
        $jar->stirred_at = $row->has('stirred') ? $at('stirred') : null;
        $jar->left_ml = $row->has('left') ? $row->float('left') : $jar->left_ml;
        $jar->ph = $row->has('ph') ? $row->float('ph') : null;
        $jar->save();

        return $jar;
    }

    /** @return array<string, mixed> nebbia.preparation/1 */
    private function body(Row $row): array
    {
        $body = ['format' => MakingReader::FORMAT, 'kind' => $row->string('kind'), 'name' => $row->string('name'), 'units' => 'metric'];
        if ($row->has('soap')) {
            return $body + ['soap' => $row->row('soap')->toArray()];
        }
        $raw = $row->row('raw')->toArray();

        return $body + [
            'base' => ['amount' => $row->string('base')],
            'ingredients' => array_map(
                static fn (string $ingredient, mixed $amount): array => ['ingredient' => $ingredient, 'amount' => $amount],
                array_keys($raw),
                $raw,
            ),
        ];
    }
}

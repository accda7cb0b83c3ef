<?php

declare(strict_types=1);

namespace App\Garden;

use App\Core\Say;
use App\Files\Csv;
use App\Files\SheetLocale;
use App\Garden\Requests\PlantingRequest;
use App\Models\Garden;
use App\Models\Planting;
use App\Models\Zone;
use Illuminate\Support\Facades\Validator;
use Illuminate\Validation\ValidationException;
use Nebbia\Core\Data\BadInput;
use Nebbia\Core\Data\Sentence\Catalogue;
use Nebbia\Core\Measure\TypedNumber;
use SplTempFileObject;

/**
 * Plantings as a table for the spreadsheets of the place, there and back. A row with a known id changes that planting; any other is added.
 *
 * Comma or semicolon between, decimal point or comma, columns in any order; unknown ones are passed over.
 */
final readonly class PlantingsCsv
{
    private const COLUMNS = [
        'id',
        'zone',
        'plant',
        'name',
        'variety',
        'number',
        'stage',
        'height_cm',
        'indoors',
        'in_flower',
        'harvest_on',
        'new_until',
        'value',
        'note',
        'area_m2',
        'pot_l',
        'moved_on',
        'states',
        'kind',
        'sunny_window',
    ];

    private const MOST_ROWS = 5000;

    public function __construct(private Catalogue $catalogue) {}

    public function write(Garden $garden): string
    {
        $locale = SheetLocale::of($garden);
        $rows = [self::COLUMNS];
        foreach ($garden->standing()->with('zone')->get() as $planting) {
            $rows[] = [
                $planting->id,
                $planting->zone->name,
                $planting->kind_name ?? $planting->plant,
                $planting->name,
                $planting->variety ?? '',
                (string) $planting->number,
                $planting->stage,
                $planting->height_cm === null ? '' : $locale->number($planting->height_cm),
                $planting->indoors ? 'yes' : 'no',
                $planting->in_flower ? 'yes' : 'no',
                $planting->harvest_on?->toDateString() ?? '',
                $planting->new_until?->toDateString() ?? '',
                $planting->value->value,
                $planting->note ?? '',
                $planting->area_m2 === null ? '' : $locale->number($planting->area_m2),
                $planting->pot_l === null ? '' : $locale->number($planting->pot_l),
                $planting->moved_on?->toDateString() ?? '',
                implode(' ', $planting->states),
                $planting->kind_name === null ? '' : $planting->plant,
                $planting->sunny_window ? 'yes' : 'no',
            ];
        }

        return Csv::sheet($rows, $locale);
    }

    /**
     * Reads a table and stores all of it or nothing; to be called within a transaction.
     *
     * @return array{added: int, changed: int}
     *
     * @throws ValidationException naming line and column of everything that is wrong
     */
    public function read(Garden $garden, string $csv): array
    {
        [$columns, $rows] = $this->rows($csv);
        $plantings = $garden->plantings()->with('zone')->get()->keyBy('id');
        $zones = $garden->zones()->get()->keyBy(static fn (Zone $zone): string => mb_strtolower($zone->name));
        [$ready, $errors] = [[], []];
        foreach ($rows as $line => $row) {
            try {
                $checked = Validator::make($row, PlantingRequest::fields(), (new PlantingRequest())->messages())->validate();
                $text = static fn (string $column): string => is_string($row[$column] ?? null) ? trim($row[$column]) : '';
                $ready[] = [$text('id'), $text('zone'), PlantingRequest::attributesOf($checked)];
            } catch (ValidationException $e) {
                foreach ($e->errors() as $column => $messages) {
                    $errors["csv.$line.$column"] = "Line $line, $column: ".(is_array($messages) ? $messages[0] : $messages);
                }
            } catch (BadInput $e) {
                $errors["csv.$line.plant"] = "Line $line, plant: ".$this->catalogue->say($e->said);
            }
        }
        if ($errors !== []) {
            throw ValidationException::withMessages($errors);
        }
        $done = ['added' => 0, 'changed' => 0];
        foreach ($ready as [$id, $zoneName, $attributes]) {
            $known = $plantings->get($id);
            $zone = $zoneName === '' ? $known->zone ?? $zones->first() : $zones->get(mb_strtolower($zoneName));
            if ($zone === null) {
                $zone = $garden
                    ->zones()
                    ->create([
                        'name' => $zoneName === '' ? Say::it('garden.first-zone') : mb_substr($zoneName, 0, 80),
                        'position' => $zones->count() + 1,
                    ]);
                $zones->put(mb_strtolower($zone->name), $zone);
            }
            if ($known instanceof Planting) {
                // A column that the file does not have says nothing of the planting.
                $known->fill(array_intersect_key($attributes, array_flip($columns)) + ['zone_id' => $zone->id]);
                $done['changed'] += $known->isDirty() ? 1 : 0;
                $known->save();
            } else {
                $garden->plantings()->create($attributes + ['zone_id' => $zone->id]);
                $done['added']++;
            }
        }

        return $done;
    }

    /**
     * @return array{list<string>, array<int, array<string, string|float|bool|list<string>>>} the columns; line number => column => value
     *
     * @throws ValidationException if the columns that are needed are not there
     */
    private function rows(string $csv): array
    {
        $csv = mb_scrub((string) preg_replace('/^\xEF\xBB\xBF/', '', $csv));
        $first = strtok($csv, "\r\n") ?: '';
        $between = substr_count($first, ';') > substr_count($first, ',') ? ';' : ',';
        $file = new SplTempFileObject();
        $file->fwrite($csv);
        $file->setFlags(SplTempFileObject::READ_CSV);
        $file->setCsvControl($between, '"', '');
        $file->rewind();
        $columns = null;
        $rows = [];
        foreach ($file as $n => $cells) {
            if (! is_array($cells) || $cells === [null] || implode('', $cells) === '') {
                continue;
            }
            $cells = array_map(static fn (mixed $cell): string => is_scalar($cell) ? trim((string) $cell) : '', array_values($cells));
            if ($columns === null) {
                $columns = array_map(static fn (string $name): string => str_replace(' ', '_', mb_strtolower($name)), $cells);
                $missing = array_diff(['plant', 'number', 'stage'], $columns);
                if ($missing !== []) {
                    throw ValidationException::withMessages(['csv' => Say::it('refused.columns', ['missing' => implode(', ', $missing)])]);
                }

                continue;
            }
            $rows[(int) $n + 1] = $this->row($columns, $cells);
        }
        if ($rows === []) {
            throw ValidationException::withMessages(['csv' => Say::it('refused.there-no-planting')]);
        }
        if (count($rows) > self::MOST_ROWS) {
            throw ValidationException::withMessages(['csv' => Say::it('refused.too-many-lines', ['most' => (string) self::MOST_ROWS])]);
        }

        return [$columns ?? [], $rows];
    }

    /**
     * @param  list<string>  $columns
     * @param  list<string>  $cells
     * @return array<string, string|float|bool|list<string>>
     */
    private function row(array $columns, array $cells): array
    {
        $row = [];
        foreach ($columns as $n => $column) {
            $cell = Csv::unshield($cells[$n] ?? '');
            if (! in_array($column, self::COLUMNS, true) || $cell === '') {
                continue;
            }
            $row[$column] = match ($column) {
                'height_cm', 'area_m2', 'pot_l' => TypedNumber::read($cell) ?? $cell,
                'indoors', 'in_flower', 'sunny_window' => match (mb_strtolower($cell)) {
                    'yes', 'y', 'true', '1', 'x' => true,
                    'no', 'n', 'false', '0' => false,
                    default => $cell,
                },
                'states' => preg_split('/[\s,;]+/', mb_strtolower($cell), -1, PREG_SPLIT_NO_EMPTY) ?: [],
                default => $cell,
            };
        }

        return $row;
    }
}

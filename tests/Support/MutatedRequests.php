<?php

declare(strict_types=1);

namespace Tests\Support;

use App\Models\Garden;
use App\Models\HouseholdModel;

/**
 * Requests made from docs/openapi.json with the demo garden's own rows, each with one or two things in it put wrong: other types,
 * other scripts, other sizes. `1e400` cannot be held by PHP and is written into the JSON text.
 */
final class MutatedRequests
{
    private const HUGE = '@@1e400@@';

    /** @var array<string, mixed> */
    private array $document;

    /** @var array<string, mixed> */
    private array $known;

    /** @var list<array{string, string, array<string, mixed>}> method, path, operation */
    private array $operations = [];

    public function __construct(private readonly Garden $garden)
    {
        $this->document = json_decode((string) file_get_contents(base_path('docs/openapi.json')), true, 512, JSON_THROW_ON_ERROR);
        foreach ($this->document['paths'] as $path => $operations) {
            foreach (array_intersect_key($operations, array_flip(['get', 'post', 'put', 'patch', 'delete'])) as $method => $operation) {
                $this->operations[] = [strtoupper($method), $path, $operation];
            }
        }
        $recipe = $garden->recipes()->where('name', 'Evening soap')->firstOrFail();
        $this->known = [
            'recipe_id' => $recipe->id, 'other_recipe_id' => null, 'sprayer_id' => $garden->sprayers()->firstOrFail()->id, 'planting_id' => $garden->plantings()->firstOrFail()->id,
            'planting_ids' => [$garden->plantings()->firstOrFail()->id], 'zone_id' => $garden->zones()->firstOrFail()->id, 'trouble_id' => null, 'application_id' => null, 'plant' => 'tomato', 'number' => 3,
            'stage' => 'growing', 'height_cm' => '70', 'area_m2' => '2,5', 'pot_l' => '5', 'name' => 'A name', 'every_days' => 5, 'times' => 3, 'starts_on' => '2026-05-20', 'due_on' => '2026-05-22', 'due_hour' => 19, 'target' => 'aphid',
            'volume' => '1 L', 'recipe' => $recipe->body, 'body' => $recipe->body, 'recipes' => [$recipe->body, $recipe->body], 'units' => 'metric', 'language' => 'en', 'time_zone' => 'Europe/Rome', 'hardness_mg_l' => 150, 'alkalinity_mg_l' => 120, 'theme' => 'auto', 'currency' => '€',
            'free_hours' => [['days' => ['mon'], 'from' => '18:00', 'to' => '20:00']], 'around' => ['cats'], 'text' => 'Two spoons of soap in a litre of water', 'csv' => "plant,number,stage\ntomato,3,growing", 'present' => ['pale-stippling'], 'absent' => [], 'skipped' => [],
            'capacity_ml' => 750, 'capacity' => '750 mL', 'usable_fraction' => 0.9, 'material' => 'plastic', 'kind' => 'patch', 'size' => '500 mL', 'left' => '0', 'price' => '3,20', 'ingredient' => 'liquid-castile-soap', 'strength' => '33 %', 'opened_on' => '2026-04-01', 'best_before' => '2027-04-01',
            'mm' => 6, 'hours' => 2, 'began_at' => '2026-05-14T05:00', 'counts' => [3, 4, 5, 6, 7], 'leaves_per_plant' => 4, 'leaves' => 5, 'enemies' => 'none', 'tactic' => 'jet-of-water', 'score' => 2, 'fraction' => '0.5', 'status' => 'closed', 'step' => 'mix:x', 'done' => true, 'purpose' => 'outbreak',
            'care' => ['water_days' => ['mon'], 'water_at' => '07:00', 'from_above' => true, 'feed_days' => ['sun']], 'states' => ['hardened'], 'line' => 0, 'product_id' => $garden->products()->firstOrFail()->id, 'products' => [], 'rounds' => null, 'reason' => 'Rain', 'note' => 'A note', 'start' => 'empty',
            'now' => ['temperature' => '18', 'humidity' => '60', 'wind' => '5', 'rain_in' => '6', 'part' => 'dusk', 'sun_soon' => false, 'bees_about' => true, 'states' => ['drought'], 'water' => 'rain', 'ph' => '7'], 'factor' => 1.2, 'unit' => 'squeeze', 'totals' => ['9 mL', '10 mL'], 'count' => 5, 'day' => '2026-05-15', 'as' => 'trouble',
            'lat' => 45.9, 'lon' => 9.3, 'before' => '2026-05-01T00:00:00Z', 'search' => 'soap', 'volume_ml' => 1000, 'lowest' => '8', 'highest' => '19', 'applied_at' => '2026-05-14T06:30', 'preparation' => ['kind' => 'nettle-ferment', 'base' => ['amount' => '1 L'], 'ingredients' => [['ingredient' => 'nettle', 'amount' => '100 g']]],
        ];
    }

    /** @return array{string, string, string} method, address, and the JSON text */
    public function next(): array
    {
        [$method, $path, $operation] = $this->operations[mt_rand(0, count($this->operations) - 1)];
        $version = 1;
        $url = (string) preg_replace_callback('/\{(\w+)\}/', function (array $found) use (&$version): string {
            $row = $this->row($found[1]);
            $version = $row->version ?? 1;

            return mt_rand(0, 60) === 0 ? self::nasty('string') : (string) ($row->id ?? 'none');
        }, $path);
        $query = [];
        foreach ($operation['parameters'] ?? [] as $parameter) {
            if (($parameter['in'] ?? '') === 'query' && mt_rand(0, 1) === 1) {
                $query[$parameter['name']] = mt_rand(0, 2) === 0 ? self::nasty('any') : ($this->known[$parameter['name']] ?? '1');
            }
        }
        $url = implode('/', array_map(static fn (string $part): string => rawurlencode($part), explode('/', $url))).($query === [] ? '' : '?'.http_build_query($query));
        $schema = $operation['requestBody']['content']['application/json']['schema'] ?? ($operation['requestBody']['content'] ?? null ? current($operation['requestBody']['content'])['schema'] ?? null : null);
        if ($schema === null) {
            return [$method, $url, '{}'];
        }
        $body = $this->value($schema, '', 0);
        $body = is_array($body) ? ['version' => $version] + $body : $body;
        for ($n = mt_rand(0, 3); $n > 0; $n--) {
            $body = self::mutate($body);
        }

        return [$method, $url, str_replace(['"'.self::HUGE.'"', '"-'.self::HUGE.'"'], ['1e400', '-1e400'], (string) json_encode($body, JSON_PARTIAL_OUTPUT_ON_ERROR))];
    }

    private function row(string $name): ?HouseholdModel
    {
        $rows = match ($name) {
            'garden' => null,
            'planting', 'sprayer', 'zone', 'look', 'preparation', 'product', 'tool', 'recipe', 'course', 'round', 'scouting', 'trouble', 'count' => $this->garden->{$name.'s'}(),
            'ownMeasure' => $this->garden->ownMeasures(), 'batch' => $this->garden->batches(),
            default => false,
        };
        if ($rows === null) {
            return $this->garden;
        }
        $found = $rows === false ? null : $rows->reorder()->inRandomOrder()->first();

        return $found instanceof HouseholdModel ? $found : null;
    }

    /** @param  array<string, mixed>  $schema */
    private function value(array $schema, string $name, int $depth): mixed
    {
        if (array_key_exists($name, $this->known) && $name !== '' && mt_rand(0, 20) > 0) {
            return $this->known[$name];
        }
        if (isset($schema['$ref'])) {
            $schema = $this->document['components']['schemas'][basename($schema['$ref'])];
        }
        if (isset($schema['allOf'])) {
            $schema = $this->document['components']['schemas'][basename($schema['allOf'][0]['$ref'] ?? '')] ?? [];
        }
        if (isset($schema['enum'])) {
            return $schema['enum'][mt_rand(0, count($schema['enum']) - 1)];
        }
        $type = is_array($schema['type'] ?? null) ? $schema['type'][0] : ($schema['type'] ?? 'object');
        if ($depth > 6) {
            return null;
        }

        return match ($type) {
            'object' => $this->object($schema, $depth),
            'array' => array_map(fn (): mixed => $this->value($schema['items'] ?? [], '', $depth + 1), range(1, mt_rand(1, 3))),
            'integer' => mt_rand(0, 30), 'number' => mt_rand(0, 300) / 10, 'boolean' => mt_rand(0, 1) === 1,
            default => in_array($schema['format'] ?? '', ['date', 'date-time'], true) ? '2026-05-20' : ['18', 'soap', '1 L', '2 tbsp'][mt_rand(0, 3)],
        };
    }

    /**
     * @param  array<string, mixed>  $schema
     * @return array<string, mixed>
     */
    private function object(array $schema, int $depth): array
    {
        $made = [];
        foreach ($schema['properties'] ?? [] as $name => $property) {
            if (in_array($name, $schema['required'] ?? [], true) || mt_rand(0, 2) > 0) {
                $made[$name] = $this->value($property, $name, $depth + 1);
            }
        }

        return $made;
    }

    private static function mutate(mixed $body): mixed
    {
        if (! is_array($body) || $body === [] || mt_rand(0, 40) === 0) {
            return self::nasty('any');
        }
        $keys = array_keys($body);
        $key = $keys[mt_rand(0, count($keys) - 1)];
        $way = mt_rand(0, 9);
        if (is_array($body[$key]) && $way < 6) {
            $body[$key] = self::mutate($body[$key]);
        } elseif ($way === 9) {
            $body[self::nasty('string')] = self::nasty('any');
        } elseif ($way === 8) {
            unset($body[$key]);
        } else {
            $body[$key] = is_bool($body[$key]) && mt_rand(0, 1) === 1 ? ['1', '0', 1, 0, 'true', 'yes'][mt_rand(0, 5)] : (is_int($body[$key]) && mt_rand(0, 2) === 0 ? (string) $body[$key] : self::nasty('any'));
        }

        return $body;
    }

    private static function nasty(string $type): mixed
    {
        $strings = ['٣', '３', '3٫5', '１０ %', "a\u{0}b", "\u{1b}[31mred", "\u{202e}x", '', ' ', '1e400', '-1', '0', 'NaN', '1/0', '2026-02-30', '2026-13-01', '9999-12-31', '0000-00-00', '25:99', 'soap; DROP TABLE', "'", '{n}', '{', '%s%n', '../../etc', str_repeat('x', 3000), str_repeat('9', 400), '💧', "é\u{301}", 'null', '1,5', '1.000.000', '99999999 L', '1:0', '0 in 0', '∞', 'tomato', '=1+1', "line\nbreak"];
        if ($type === 'string') {
            return $strings[mt_rand(0, count($strings) - 1)];
        }
        $others = [null, true, false, 0, -1, 1, 3, 1.5, -0.0, 1e308, PHP_INT_MAX, PHP_INT_MIN, 1e-320, self::HUGE, '-'.self::HUGE, [], [[]], ['a' => 1], [null], ['1'], [1, 2, 3], array_fill(0, 600, 'x'), [['x' => ['y' => ['z' => []]]]]];

        return mt_rand(0, 1) === 1 ? $strings[mt_rand(0, count($strings) - 1)] : $others[mt_rand(0, count($others) - 1)];
    }
}

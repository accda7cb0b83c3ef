<?php

declare(strict_types=1);

namespace Nebbia\Core\Nebbia;

use Nebbia\Core\Data\BrokenData;
use Nebbia\Core\Data\Table;

/** What rows say of other rows: a substance, an ingredient, a target that nobody knows is named with the row that speaks of it. */
final readonly class DataReferences
{
    /** A field, wherever it stands => the table whose ids it names. */
    private const ANYWHERE = [
        'substance' => 'substances',
        'substances' => 'substances',
        'ingredient' => 'ingredients',
        'ingredients' => 'ingredients',
    ];

    /** table => field => the table whose ids it names. */
    private const OWN = [
        'pairs' => ['a' => 'substances', 'b' => 'substances'],
        'signs' => [
            'nearly_always' => 'targets',
            'often' => 'targets',
            'sometimes' => 'targets',
            'seldom' => 'targets',
            'shows' => 'targets',
        ],
        'plants' => ['habit' => 'plant-habits'],
    ];

    /** Tables whose field `for` names targets by its keys. */
    private const FOR_TARGETS = ['tactics', 'remedies'];

    /** @var array<string, list<string>> table => ids */
    private array $ids;

    /** @param  array<string, mixed>  $tables */
    public function __construct(private array $tables)
    {
        $ids = [];
        foreach (['substances', 'ingredients', 'targets', 'plants', 'plant-habits'] as $name) {
            $ids[$name] = Table::of($name, $tables[$name] ?? [])->ids();
        }
        $this->ids = $ids;
    }

    /** @throws BrokenData naming the file, the row, the field and the nearest that there is */
    public function check(): void
    {
        $hosts = [...$this->ids['plants'], ...$this->ids['plant-habits'], ...$this->column('plants', 'family')];
        foreach ($this->tables as $name => $contents) {
            $this->walk($name, "core/data/$name.yaml", $contents);
        }
        foreach (self::FOR_TARGETS as $name) {
            foreach (Table::of($name, $this->tables[$name] ?? [])->byId() as $id => $row) {
                $this->known(array_keys($row->row('for')->toArray()), $this->ids['targets'], "core/data/$name.yaml, $id, for");
            }
        }
        foreach (Table::of('targets', $this->tables['targets'] ?? [])->byId() as $id => $row) {
            if ($row->has('hosts')) {
                $this->known(
                    [...$row->row('hosts')->strings('main'), ...$row->row('hosts')->strings('some')],
                    $hosts,
                    "core/data/targets.yaml, $id, hosts",
                );
            }
        }
        $this->known($this->column('ingredients', 'group'), $this->column('order', 'group'), 'core/data/ingredients.yaml, group');
    }

    private function walk(string $table, string $where, mixed $here): void
    {
        foreach (is_array($here) ? $here : [] as $key => $value) {
            $names = is_string($key) ? self::OWN[$table][$key] ?? (self::ANYWHERE[$key] ?? null) : null;
            $at = $where.', '.(is_array($value) && is_string($value['id'] ?? null) ? $value['id'] : $key);
            if ($names !== null && $table !== $names) {
                $this->known(is_array($value) && array_is_list($value) ? $value : [$value], [...$this->ids[$names], '*'], $at);
            }
            $this->walk($table, $at, $value);
        }
    }

    /**
     * @param  array<mixed>  $named
     * @param  list<string>  $ids
     */
    private function known(array $named, array $ids, string $where): void
    {
        foreach ($named as $one) {
            if (is_string($one) && ! in_array($one, $ids, true)) {
                $near = null;
                foreach ($ids as $id) {
                    $near = levenshtein($one, $id) < min(4, $near === null ? 4 : levenshtein($one, $near)) ? $id : $near;
                }
                throw BrokenData::unknown($one, $where, $near);
            }
        }
    }

    /** @return list<string> */
    private function column(string $table, string $field): array
    {
        return array_values(
            array_map(static fn ($row): string => $row->string($field, ''), Table::of($table, $this->tables[$table] ?? [])->rows()),
        );
    }
}

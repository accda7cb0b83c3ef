<?php

declare(strict_types=1);

namespace Nebbia\Core\Nebbia;

use Nebbia\Core\Data\BrokenData;
use Opis\JsonSchema\Errors\ValidationError;
use Opis\JsonSchema\Helper;
use Opis\JsonSchema\Validator;

/** Holds the tables to core/data/schema.json, so that a field that is misspelt or forgotten is named before anything is built of it. */
final readonly class DataShape
{
    public function __construct(private string $schema) {}

    /**
     * @param  array<string, mixed>  $tables
     *
     * @throws BrokenData naming file, row, field and mend
     */
    public function check(array $tables): void
    {
        $error = (new Validator())->validate(Helper::toJSON($tables), $this->schema)->error();
        if ($error === null) {
            return;
        }
        while ($error->subErrors() !== []) {
            $error = $error->subErrors()[0];
        }
        throw BrokenData::shapeless($this->where($tables, $error->data()->fullPath()), $this->why($error));
    }

    /**
     * @param  array<string, mixed>  $tables
     * @param  list<int|string>  $path
     */
    private function where(array $tables, array $path): string
    {
        $where = 'core/data'.($path === [] ? '' : '/'.array_shift($path).'.yaml');
        $here = $tables[explode('.', basename($where))[0]] ?? null;
        foreach ($path as $step) {
            $here = is_array($here) ? $here[$step] ?? null : null;
            $where .=
                ', '.
                (is_int($step) && is_array($here) && is_string($here['id'] ?? null)
                    ? $here['id']
                    : (is_int($step)
                        ? 'number '.($step + 1)
                        : $step));
        }

        return $where;
    }

    /** @return list<mixed> */
    private static function words(ValidationError $error): array
    {
        $schema = $error->schema()->info()->data();

        return is_object($schema) && is_array($schema->enum ?? null) ? array_values($schema->enum) : [];
    }

    private function why(ValidationError $error): string
    {
        $list = static fn (mixed $value): string => implode(
            ', ',
            array_map(static fn (mixed $one): string => is_scalar($one) ? (string) $one : '…', is_array($value) ? $value : [$value]),
        );
        $args = $error->args();

        return match ($error->keyword()) {
            'additionalProperties', 'unevaluatedProperties' => 'there is no field '.
                $list($args['properties'] ?? '').
                ', or it is misspelt',
            'required' => 'it lacks '.$list($args['missing'] ?? ''),
            'enum' => 'write one of '.$list(self::words($error)),
            'type' => 'it should be of the type '.$list($args['expected'] ?? ''),
            default => strtr(
                $error->message(),
                array_map(
                    $list,
                    array_combine(array_map(static fn (string $key): string => '{'.$key.'}', array_keys($args)), array_values($args)),
                ),
            ),
        };
    }
}

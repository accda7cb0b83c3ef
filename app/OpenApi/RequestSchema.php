<?php

declare(strict_types=1);

namespace App\OpenApi;

use App\Http\Requests\TypedRequest;
use Illuminate\Validation\Rules\Enum;
use Illuminate\Validation\Rules\In;
use OpenApi\Annotations as OA;
use OpenApi\Context;
use ReflectionProperty;

/** What the OpenAPI document says of a request, drawn from the rules it is checked by. */
final readonly class RequestSchema
{
    private const FEW = 20;

    private const TYPES = ['string' => 'string', 'integer' => 'integer', 'boolean' => 'boolean', 'array' => 'array'];

    /** @var array<string, list<mixed>> */
    private array $rules;

    /** @param  class-string<TypedRequest>  $request */
    public function __construct(private string $request, private Context $context)
    {
        $this->rules = (new $request())->rules();
    }

    /** @return list<OA\Property> */
    public function properties(): array
    {
        return $this->under('');
    }

    /** @return list<string> fields that must be there */
    public function required(): array
    {
        return $this->requiredUnder('');
    }

    /** @return list<OA\Schema> of the parts that have names of their own */
    public function parts(): array
    {
        $parts = [];
        foreach ($this->request::parts() as $field => $name) {
            if ($this->under("$field.*.") !== []) {
                $parts[] = new OA\Schema([
                    '_context' => $this->context,
                    'schema' => $name,
                    'type' => 'object',
                    'required' => $this->requiredUnder("$field.*."),
                    'properties' => $this->under("$field.*."),
                ]);
            }
        }

        return $parts;
    }

    /** @return list<OA\Property> */
    private function under(string $path): array
    {
        $properties = [];
        foreach ($this->rules as $field => $rules) {
            $name = $this->nameUnder($path, $field);
            if ($name !== null) {
                $about = $this->request::about()[$field] ?? null;
                $properties[] = new OA\Property(
                    ['_context' => $this->context, 'property' => $name] +
                        ($about === null ? [] : ['description' => $about]) +
                        $this->schema($field, $rules),
                );
            }
        }

        return $properties;
    }

    /** @return list<string> */
    private function requiredUnder(string $path): array
    {
        $required = [];
        foreach ($this->rules as $field => $rules) {
            $name = $this->nameUnder($path, $field);
            if ($name !== null && array_intersect(['required', 'present'], array_filter($rules, is_string(...))) !== []) {
                $required[] = $name;
            }
        }

        return $required;
    }

    private function nameUnder(string $path, string $field): ?string
    {
        $name = $path === '' || str_starts_with($field, $path) ? substr($field, strlen($path)) : '';

        return $name === '' || str_contains($name, '.') ? null : $name;
    }

    /**
     * @param  list<mixed>  $rules
     * @return array<string, mixed>
     */
    private function schema(string $field, array $rules): array
    {
        $words = array_filter($rules, is_string(...));
        $part = $this->request::parts()[$field] ?? null;
        $schema = match (true) {
            $part !== null && ! $this->isList($field, $words) => ['ref' => self::ref($part)],
            ! in_array('array', $words, true) => $this->simple($rules, array_values($words)),
            $this->isList($field, $words) => [
                'type' => 'array',
                'items' => new OA\Items(
                    ['_context' => $this->context] +
                        ($part === null ? $this->schema("$field.*", $this->rules["$field.*"] ?? []) : ['ref' => self::ref($part)]),
                ),
            ],
            $this->under("$field.") !== [] => [
                'type' => 'object',
                'required' => array_column($this->under("$field."), 'property'),
                'properties' => $this->under("$field."),
            ],
            default => ['type' => 'object', 'additionalProperties' => true],
        };

        return $schema + (in_array('nullable', $words, true) && ! isset($schema['enum']) ? ['nullable' => true] : []);
    }

    private static function ref(string $part): string
    {
        return '#/components/schemas/'.rtrim($part, '[]');
    }

    /** @param  array<string>  $words */
    private function isList(string $field, array $words): bool
    {
        return in_array('list', $words, true) ||
            isset($this->rules["$field.*"]) ||
            $this->under("$field.*.") !== [] ||
            str_ends_with($this->request::parts()[$field] ?? '', '[]');
    }

    /**
     * @param  list<mixed>  $rules
     * @param  list<string>  $words
     * @return array<string, mixed>
     */
    private function simple(array $rules, array $words): array
    {
        foreach ($rules as $rule) {
            if ($rule instanceof Enum) {
                $enum = (new ReflectionProperty($rule, 'type'))->getValue($rule);

                return ['type' => 'string', 'enum' => is_string($enum) && enum_exists($enum) ? array_column($enum::cases(), 'value') : []];
            }
            if ($rule instanceof In || (is_string($rule) && str_starts_with($rule, 'in:'))) {
                $list = array_map(static fn (?string $one): string => (string) $one, str_getcsv(substr((string) $rule, 3)));

                // A list that grows with the rows of a table is no part of the format, nor is one of a single word.
                return count($list) < self::FEW && count($list) > 1 ? ['type' => 'string', 'enum' => $list] : ['type' => 'string'];
            }
        }
        foreach ($words as $word) {
            if (isset(self::TYPES[$word])) {
                return ['type' => self::TYPES[$word]];
            }
        }

        return match (true) {
            // A number may stand as it was typed.
            in_array('numeric', $words, true) => [
                'oneOf' => [
                    new OA\Schema(['_context' => $this->context, 'type' => 'number']),
                    new OA\Schema(['_context' => $this->context, 'type' => 'string']),
                ],
            ],
            in_array('date_format:Y-m-d', $words, true) => ['type' => 'string', 'format' => 'date'],
            default => ['type' => 'string'],
        };
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Core\Say;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Str;
use Illuminate\Validation\Validator;
use Nebbia\Core\Data\Sentence\Catalogue;
use Nebbia\Core\Data\Sentence\Message;
use Nebbia\Core\Measure\TypedNumber;

/**
 * What a screen or a program sends. Where the rules want a number it may stand as it was typed, "38,7" or "٣"; where they want yes or no,
 * as "1". What cannot be read stays as it is, for the rules to complain of. So no screen reads numbers by itself, and none is dropped on
 * the way.
 */
abstract class TypedRequest extends FormRequest
{
    /** Fields that are places on the map. */
    private const DEGREES = ['latitude', 'longitude', 'lat', 'lon'];

    /** What the OpenAPI document says of a field, where its name does not. */
    protected const ABOUT = [];

    /** Schemas of fields that have a name of their own; a list of them ends in []. */
    protected const PARTS = [];

    /** @return array<string, list<mixed>> the one declaration of what is sent: its messages and its schema are drawn from it */
    abstract public function rules(): array;

    /** @return array<string, string> field, or field and rule => what is said of it */
    public function messages(): array
    {
        $messages = [];
        for ($class = static::class; $class !== self::class; $class = (string) get_parent_class($class)) {
            $messages += self::complaints($class, $this->figures());
        }

        return $messages;
    }

    /** @return array<string, string|int> that enter the messages */
    protected function figures(): array
    {
        return [];
    }

    /** @return array<string, string> */
    public static function about(): array
    {
        return static::ABOUT;
    }

    /** @return array<string, string> */
    public static function parts(): array
    {
        return static::PARTS;
    }

    /**
     * What the catalogue has for a request, or for rules that several share: request.<name>.<field>.
     *
     * @param  array<string, string|int>  $figures
     * @return array<string, string>
     */
    public static function complaints(string $class, array $figures = []): array
    {
        $catalogue = app(Catalogue::class);
        $under = 'request.'.Str::kebab((string) preg_replace('/(Request|Rules)$/', '', class_basename($class))).'.';
        $messages = [];
        foreach ($catalogue->under($under) as $key) {
            $messages[substr($key, strlen($under))] = $catalogue->say(Message::of($key, $figures));
        }

        return $messages;
    }

    protected function prepareForValidation(): void
    {
        foreach ($this->rules() as $field => $rules) {
            $rules = is_array($rules) ? $rules : [];
            $read = match (true) {
                in_array('integer', $rules, true) => self::whole(...),
                in_array('numeric', $rules, true) => in_array($field, self::DEGREES, true)
                    ? TypedNumber::degrees(...)
                    : TypedNumber::read(...),
                in_array('boolean', $rules, true) => self::yesOrNo(...),
                default => null,
            };
            $path = explode('.', $field);
            if ($read !== null && $this->exists($path[0])) {
                $this->merge([$path[0] => self::readAt($this->input($path[0]), array_slice($path, 1), $read)]);
            }
        }
    }

    /** Where one value is meant several are refused, whatever else the rules say of them: nothing further on looks again. */
    public function withValidator(Validator $validator): void
    {
        $validator->after(function (Validator $validator): void {
            $rules = $this->rules();
            foreach ($rules as $field => $of) {
                $isList =
                    in_array('array', (array) $of, true) ||
                    array_filter(array_keys($rules), static fn (string $other): bool => str_starts_with($other, "$field.")) !== [] ||
                    array_filter((array) $of, static fn (mixed $rule): bool => $rule instanceof ReadByCore) !== [];
                if (! $isList && ! str_contains($field, '*') && is_array($this->input($field)) && ! $validator->errors()->has($field)) {
                    $validator->errors()->add($field, Say::it('refused.write-one-value'));
                }
            }
        });
    }

    /**
     * The same value with what stands at the path read; `*` is everything there.
     *
     * @param  list<string>  $path
     * @param  callable(string): (int|float|bool|null)  $read
     */
    private static function readAt(mixed $value, array $path, callable $read): mixed
    {
        if ($path === []) {
            return is_string($value) ? $read($value) ?? $value : $value;
        }
        if (! is_array($value)) {
            return $value;
        }
        $next = array_shift($path);
        foreach ($next === '*' ? array_keys($value) : [$next] as $key) {
            if (array_key_exists($key, $value)) {
                $value[$key] = self::readAt($value[$key], $path, $read);
            }
        }

        return $value;
    }

    private static function whole(string $text): ?int
    {
        $number = TypedNumber::read($text);

        return $number !== null && $number === floor($number) && abs($number) < PHP_INT_MAX ? (int) $number : null;
    }

    private static function yesOrNo(string $text): ?bool
    {
        return match ($text) {
            '1', 'true' => true,
            '0', 'false' => false,
            default => null,
        };
    }
}

<?php

declare(strict_types=1);

namespace Nebbia\Core\Data\Sentence;

use MessageFormatter;

/**
 * One sentence of a catalogue, in ICU message format: which parameters it takes, and whether it can be said at all.
 *
 * ICU refuses a parameter that is a number in one place and plain text in another; MessageFormatter says so only when the
 * sentence is said, so each is tried here with every kind of value it may meet.
 */
final readonly class Pattern
{
    /** A number to at most so many significant digits. */
    private const FIGURE = '/\{(\w+), number, ::([@#]+)\}/';

    /** Values that plural rules and number formats are tried with. */
    private const NUMBERS = [0, 1, 2, 7, 1.5];

    /** @param  array<string, array{type: string, keys: list<string>}>  $arguments */
    private function __construct(public string $text, public array $arguments) {}

    public static function of(string $text): self
    {
        return new self($text, self::find($text));
    }

    /**
     * As ICU takes it: an apostrophe is no quotation, since sentences are written with plain ones; a number to so many digits
     * (`::@@#`) is said by Figures, and enters as text.
     */
    public function icu(): string
    {
        return (string) preg_replace_callback(
            self::FIGURE,
            static fn (array $one): string => '{'.self::figure($one).'}',
            str_replace("'", "''", $this->text),
        );
    }

    /** @return list<array{string, string, int}> parameter of the ICU pattern, of the sentence, significant digits */
    public function figures(): array
    {
        preg_match_all(self::FIGURE, $this->text, $found, PREG_SET_ORDER);

        return array_map(static fn (array $one): array => [self::figure($one), $one[1], strlen($one[2])], $found);
    }

    /** @param  array<array-key, string>  $found */
    private static function figure(array $found): string
    {
        return 'figure_'.$found[1].'_'.strlen($found[2]);
    }

    /** @return list<string> parameters that are numbers */
    public function numbers(): array
    {
        return array_keys(
            array_filter($this->arguments, static fn (array $one): bool => in_array($one['type'], ['number', 'plural'], true)),
        );
    }

    /** Why it cannot be said, or null. */
    public function fault(string $locale): ?string
    {
        if ($this->text === '') {
            return null;
        }
        $formatter = MessageFormatter::create($locale, $this->icu());
        if ($formatter === null) {
            return intl_get_error_message();
        }
        foreach ($this->trials() as $params) {
            foreach ($this->figures() as [$icu, $name, $digits]) {
                $params[$icu] = Figures::say((float) $params[$name], $digits);
            }
            $said = $formatter->format($params);
            if ($said === false) {
                return $formatter->getErrorMessage();
            }
            if (preg_match('/[{}]/', $said) === 1) {
                return "a brace is left in \"$said\"";
            }
        }

        return null;
    }

    /** @return list<array<string, string|int|float>> every number with every choice of a select, one select at a time */
    private function trials(): array
    {
        $trials = [];
        foreach (self::NUMBERS as $number) {
            $params = array_map(
                static fn (array $one): string|int|float => match ($one['type']) {
                    'number', 'plural' => $number,
                    default => 'text',
                },
                $this->arguments,
            );
            $trials[] = $params;
            foreach ($this->arguments as $name => $one) {
                foreach ($one['keys'] as $key) {
                    $trials[] = [$name => $one['type'] === 'plural' ? (int) $key : $key] + $params;
                }
            }
        }

        return $trials;
    }

    /** @return array<string, array{type: string, keys: list<string>}> */
    private static function find(string $text): array
    {
        $found = [];
        $length = strlen($text);
        for ($at = 0; $at < $length; $at++) {
            if ($text[$at] !== '{') {
                continue;
            }
            $end = self::close($text, $at);
            $parts = explode(',', substr($text, $at + 1, $end - $at - 1), 3);
            $name = trim($parts[0]);
            $type = isset($parts[1]) ? trim($parts[1]) : 'text';
            $keys = [];
            if (in_array($type, ['plural', 'select', 'selectordinal'], true)) {
                [$keys, $inner] = self::choices($parts[2] ?? '');
                foreach ($inner as $one) {
                    foreach (self::find($one) as $other => $argument) {
                        $found[$other] = self::both($found[$other] ?? null, $argument);
                    }
                }
            }
            $found[$name] = self::both($found[$name] ?? null, ['type' => $type === 'selectordinal' ? 'plural' : $type, 'keys' => $keys]);
            $at = $end;
        }

        return $found;
    }

    /**
     * @param  array{type: string, keys: list<string>}|null  $one
     * @param  array{type: string, keys: list<string>}  $other
     * @return array{type: string, keys: list<string>}
     */
    private static function both(?array $one, array $other): array
    {
        if ($one === null) {
            return $other;
        }

        return [
            'type' => $one['type'] === 'text' ? $other['type'] : $one['type'],
            'keys' => array_values(array_unique([...$one['keys'], ...$other['keys']])),
        ];
    }

    /** @return array{list<string>, list<string>} keys that can be tried, and what stands in each choice */
    private static function choices(string $text): array
    {
        $keys = [];
        $inner = [];
        $from = 0;
        while (($open = strpos($text, '{', $from)) !== false) {
            $close = self::close($text, $open);
            $key = ltrim(trim(substr($text, $from, $open - $from)), '=');
            if (! in_array($key, ['other', 'zero', 'one', 'two', 'few', 'many'], true)) {
                $keys[] = $key;
            }
            $inner[] = substr($text, $open + 1, $close - $open - 1);
            $from = $close + 1;
        }

        return [$keys, $inner];
    }

    private static function close(string $text, int $open): int
    {
        $depth = 0;
        for ($at = $open; $at < strlen($text); $at++) {
            $depth += match ($text[$at]) {
                '{' => 1,
                '}' => -1,
                default => 0,
            };
            if ($depth === 0) {
                return $at;
            }
        }

        return strlen($text);
    }
}

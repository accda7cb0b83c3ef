<?php

declare(strict_types=1);

namespace Nebbia\Core\Data\Sentence;

use MessageFormatter;

/**
 * Turns messages into sentences of one language, in ICU message format.
 */
final class Catalogue
{
    /**
     * @var array<string, array{MessageFormatter, list<string>, list<string>, list<array{string, string, int}>}> formatter, parameters,
     *     those that are numbers, those said as figures
     */
    private array $made = [];

    /** What others have written keeps its own units: it goes through between these. */
    private const QUOTED = ["\u{E000}", "\u{E001}"];

    private ?Dialect $dialect = null;

    /** @param  array<string, string>  $sentences key => ICU pattern */
    private function __construct(private readonly string $locale, private readonly array $sentences) {}

    /** @param  array<string, string>  $sentences  key => ICU pattern */
    public static function of(string $locale, array $sentences): self
    {
        return new self($locale, $sentences);
    }

    /** The same in a language that nobody speaks, to see what has not gone through it. */
    public function pseudo(): self
    {
        return new self($this->locale, array_map(Pseudo::pattern(...), $this->sentences));
    }

    /** From now on, until it is told otherwise; null for sentences as they are written. */
    public function speak(?Dialect $dialect): void
    {
        $this->dialect = $dialect;
    }

    /** @throws UnknownMessage if a sentence of this language cannot be said, whatever is given to it */
    public static function check(string $language, mixed $sentences): void
    {
        foreach (is_array($sentences) ? $sentences : [] as $key => $sentence) {
            $fault = Pattern::of(is_scalar($sentence) ? (string) $sentence : '')->fault($language);
            if ($fault !== null) {
                throw UnknownMessage::faulty((string) $key, $fault);
            }
        }
    }

    /** @throws UnknownMessage if the key is not in the catalogue, or a parameter is missing or no number where it must be one */
    public function say(Message $message): string
    {
        return $this->dialect === null ? $this->phrase($message) : str_replace(self::QUOTED, '', $this->phrase($message));
    }

    private function phrase(Message $message): string
    {
        // There may be nothing to say, which ICU does not take for a pattern.
        if (($this->sentences[$message->key] ?? null) === '') {
            return '';
        }
        [$formatter, $names, $numbers, $figures] = $this->made[$message->key] ??= $this->make($message->key);
        $params = [];
        foreach ($names as $name) {
            $value = $message->params[$name] ?? throw UnknownMessage::lacks($message->key, $name);
            $params[$name] = match (true) {
                $value instanceof Message => $this->phrase($value),
                is_string($value) => $this->quoted(Figures::unit($value)),
                default => $value,
            };
        }
        foreach ($numbers as $name) {
            if (is_string($params[$name])) {
                throw UnknownMessage::noNumber($message->key, $name);
            }
        }
        foreach ($figures as [$icu, $name, $digits]) {
            $value = $params[$name];
            $params[$icu] = is_string($value) ? $value : Figures::say((float) $value, $digits);
        }
        $text = $formatter->format($params);

        return $text === false ? throw UnknownMessage::unsayable($message->key) : $this->heard($text);
    }

    /** What is said elsewhere, in the same dialect. */
    public function hear(string $text): string
    {
        return $this->dialect?->hear($text) ?? $text;
    }

    private function quoted(string $text): string
    {
        return $this->dialect?->minds($text) === true ? self::QUOTED[0].$text.self::QUOTED[1] : $text;
    }

    private function heard(string $text): string
    {
        [$begin, $end] = self::QUOTED;
        $parts = $this->dialect === null ? [] : preg_split('/('.$begin.'[^'.$end.']*'.$end.')/u', $text, -1, PREG_SPLIT_DELIM_CAPTURE);
        $hear = fn (string $part): string => str_starts_with($part, $begin) ? $part : $this->hear($part);

        return $parts === [] || $parts === false ? $text : implode('', array_map($hear, $parts));
    }

    public function has(string $key): bool
    {
        return isset($this->sentences[$key]);
    }

    /** @return list<string> keys that begin so */
    public function under(string $head): array
    {
        return array_values(
            array_filter(
                array_map(strval(...), array_keys($this->sentences)),
                static fn (string $key): bool => str_starts_with($key, $head),
            ),
        );
    }

    /** @return array<string, Pattern> every sentence by its key */
    public function patterns(): array
    {
        return array_map(Pattern::of(...), $this->sentences);
    }

    /** As say(), beginning with a capital: the first word may be the name of a substance or a plant. */
    public function sentence(Message $message): string
    {
        $text = $this->say($message);

        return mb_strtoupper(mb_substr($text, 0, 1)).mb_substr($text, 1);
    }

    /** @return array{MessageFormatter, list<string>, list<string>, list<array{string, string, int}>} */
    private function make(string $key): array
    {
        $pattern = Pattern::of($this->sentences[$key] ?? throw UnknownMessage::key($key));
        $formatter = MessageFormatter::create($this->locale, $pattern->icu()) ?? throw UnknownMessage::unsayable($key);

        return [$formatter, array_keys($pattern->arguments), $pattern->numbers(), $pattern->figures()];
    }
}

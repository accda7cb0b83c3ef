<?php

declare(strict_types=1);

namespace Nebbia\Core\Message;

use MessageFormatter;
use Nebbia\Core\Knowledge\Knowledge;

/**
 * Turns messages into sentences of one language, in ICU message format.
 */
final class Catalogue
{
    /** @var array<string, MessageFormatter> */
    private array $formatters = [];

    /** @param  array<string, string>  $sentences key => ICU pattern */
    private function __construct(
        private readonly string $locale,
        private readonly array $sentences,
    ) {}

    public static function english(Knowledge $knowledge): self
    {
        return new self('en', $knowledge->sentences('en'));
    }

    /** @throws UnknownMessage if the key is not in the catalogue or its pattern is broken */
    public function say(Message $message): string
    {
        // There may be nothing to say, which ICU does not take for a pattern.
        if (($this->sentences[$message->key] ?? null) === '') {
            return '';
        }
        $params = [];
        foreach ($message->params as $name => $value) {
            $params[$name] = $value instanceof Message ? $this->say($value) : $value;
        }
        $text = $this->formatter($message->key)->format($params);

        return $text === false ? throw UnknownMessage::unsayable($message->key) : $text;
    }

    public function has(string $key): bool
    {
        return isset($this->sentences[$key]);
    }

    /** As say(), beginning with a capital: the first word may be the name of a substance or a plant. */
    public function sentence(Message $message): string
    {
        $text = $this->say($message);

        return mb_strtoupper(mb_substr($text, 0, 1)).mb_substr($text, 1);
    }

    private function formatter(string $key): MessageFormatter
    {
        if (isset($this->formatters[$key])) {
            return $this->formatters[$key];
        }
        $pattern = $this->sentences[$key] ?? throw UnknownMessage::key($key);
        // In ICU patterns an apostrophe opens a quotation; sentences are written with plain ones.
        $formatter = MessageFormatter::create($this->locale, str_replace("'", "''", $pattern));

        return $this->formatters[$key] = $formatter ?? throw UnknownMessage::unsayable($key);
    }
}

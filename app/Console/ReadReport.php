<?php

declare(strict_types=1);

namespace App\Console;

use App\Core\Say;

/** Writes down what was read of a recipe in plain words. */
final class ReadReport
{
    /** @param  array<string, mixed>  $read */
    public function json(array $read): string
    {
        return json_encode($read, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_PRETTY_PRINT);
    }

    /** @param  array<string, mixed>  $read */
    public function text(array $read): string
    {
        $text = Say::it('console.understood')."\n";
        foreach ($this->spans($read, 'understood') as $span) {
            $text .= sprintf("  %-28s %s\n", '"'.$span['text'].'"', $span['what']);
        }
        $text .= "\nDoubts\n";
        foreach ($this->spans($read, 'doubts') as $span) {
            $text .= "  [{$span['kind']}] {$span['what']}\n";
        }
        $left = array_column($this->spans($read, 'not_understood'), 'text');

        return $text.($left === [] ? '' : "\n".Say::it('console.nothing-made')."\n  ".implode(' · ', $left)."\n");
    }

    /**
     * @param  array<string, mixed>  $read
     * @return list<array{text: string, kind: string, what: string}>
     */
    private function spans(array $read, string $key): array
    {
        $spans = [];
        foreach (is_array($read[$key] ?? null) ? $read[$key] : [] as $span) {
            if (
                is_array($span) &&
                is_string($span['text'] ?? null) &&
                is_string($span['kind'] ?? null) &&
                is_string($span['what'] ?? null)
            ) {
                $spans[] = ['text' => str_replace("\n", ' ', $span['text']), 'kind' => $span['kind'], 'what' => $span['what']];
            }
        }

        return $spans;
    }
}

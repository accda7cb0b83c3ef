<?php

declare(strict_types=1);

namespace App\Console;

use Nebbia\Core\Data\Finding;
use Nebbia\Core\Data\Sentence\Catalogue;
use Nebbia\Core\Reading\Label\LabelFindings;
use Nebbia\Core\Reading\Label\LabelReading;
use Nebbia\Core\Reading\Label\Part;

/** Writes down what a label says: as JSON, or as a page to read. */
final readonly class LabelReport
{
    public function __construct(private Catalogue $catalogue) {}

    /** @return array<string, mixed> */
    public function toArray(LabelReading $label): array
    {
        return [
            'verdict' => $label->verdict->value,
            'because' => $this->catalogue->say($label->because()),
            'contents' => $label->contents === null ? null : [
                'ingredient' => $label->contents->ingredient->id,
                'name' => $label->contents->ingredient->name,
                'strength' => $label->strength(),
                'use' => $this->catalogue->say($label->contents->use),
            ],
            'parts' => array_map(
                static fn (Part $part): array => [
                    'text' => $part->text,
                    'name' => $part->name,
                    'class' => $part->class->value,
                    'start' => $part->start,
                    'end' => $part->end,
                    'percent' => $part->share?->toArray(),
                    'guessed' => $part->isGuess,
                ],
                $label->parts,
            ),
            'soap_percent_wv' => $label->soap?->toArray(),
            'detergent_percent_wv' => $label->detergent?->toArray(),
            'findings' => array_map(fn (Finding $finding): array => $finding->toArray($this->catalogue), LabelFindings::of($label)),
        ];
    }

    public function json(LabelReading $label): string
    {
        return json_encode(
            $this->toArray($label),
            JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_PRESERVE_ZERO_FRACTION | JSON_PRETTY_PRINT,
        );
    }

    public function text(LabelReading $label): string
    {
        $text =
            $this->catalogue->say($label->heading()).
            '. '.
            $this->catalogue->say($label->because()).
            "\n\n";
        foreach ($label->parts as $part) {
            $text .= sprintf(
                "  %-44s %s%s\n",
                (string) preg_replace('/\s+/u', ' ', $part->text),
                $this->catalogue->say($part->class->name()),
                $part->isGuess ? " ($part->name?)" : '',
            );
        }
        $text .= "\n";
        foreach (LabelFindings::of($label) as $finding) {
            $said = $finding->toArray($this->catalogue);
            $text .= sprintf("  [%s] %s\n      %s\n", $said['severity'], $said['what'], $said['instead']);
        }

        return $text;
    }
}

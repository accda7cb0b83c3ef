<?php

declare(strict_types=1);

namespace Nebbia\Core\Tests;

use FilesystemIterator;
use RecursiveDirectoryIterator;
use RecursiveIteratorIterator;

/** The rooms of core and who looks into which, as the code has it. */
final readonly class Rooms
{
    /** Bottom first: a room knows those before it, and none after. */
    public const ORDER = [
        'Data' => 'rows, names, sentences, findings: no concept of the job',
        'Measure' => 'amounts, units, kitchen measures, tools, vessels',
        'Weather' => 'hours, forecasts, the sun, degree-days',
        'Substance' => 'substances, ingredients, densities, strengths',
        'Plant' => 'plants, stages, what their leaves bear',
        'Target' => 'pests, diseases, weeds, their life cycles',
        'Shelf' => 'kinds of preparation, and what stands ready',
        'Mixing' => 'recipe, balance, mix, need, pantry',
        'Chemistry' => 'reactions, pH, water, gas',
        'Judgement' => 'the rules, and the judged mix',
        'Pest' => 'signs, diagnosis, counts, remedies, decision',
        'Instructions' => 'steps, label, rescue, comparison',
        'Making' => 'what is made ahead, soap, other uses',
        'Planning' => 'courses, rounds, hours, days',
        'Reading' => 'recipes and labels in words',
        'Nebbia' => 'the only one that knows all: builds each part',
    ];

    /** @param  array<string, array<string, list<string>>>  $looks  room => room it looks into => "Class → Class" */
    private function __construct(public array $looks, /** @var array<string, list<string>> folder => class names */ public array $folders) {}

    public static function of(string $source): self
    {
        $looks = $folders = [];
        foreach (new RecursiveIteratorIterator(new RecursiveDirectoryIterator($source, FilesystemIterator::SKIP_DOTS)) as $file) {
            $class = strtr(substr((string) $file, strlen($source) + 1, -4), '/', '\\');
            $folders[substr($class, 0, (int) strrpos($class, '\\'))][] = substr((string) strrchr($class, '\\'), 1);
            $room = explode('\\', $class)[0];
            $looks[$room] ??= [];
            preg_match_all('/(?<![\w\\\\])\\\\?Nebbia\\\\Core\\\\((\w+)\\\\[\w\\\\]+)/', self::withoutNamespace((string) file_get_contents((string) $file)), $found, PREG_SET_ORDER);
            foreach ($found as [, $other, $its]) {
                if ($its !== $room) {
                    $looks[$room][$its][] = "$class → $other";
                }
            }
        }

        return new self($looks, $folders);
    }

    /** @return list<string> what looks upwards, or into a room that is not in the list */
    public function upwards(): array
    {
        $rank = array_flip(array_keys(self::ORDER));
        $up = [];
        foreach ($this->looks as $room => $others) {
            foreach ($others as $other => $classes) {
                if (! isset($rank[$room], $rank[$other]) || $rank[$other] > $rank[$room]) {
                    array_push($up, ...$classes);
                }
            }
        }

        return $up;
    }

    private static function withoutNamespace(string $code): string
    {
        return (string) preg_replace('/^namespace .*$/m', '', $code);
    }
}

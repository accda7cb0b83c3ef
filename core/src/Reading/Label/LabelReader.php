<?php

declare(strict_types=1);

namespace Nebbia\Core\Reading\Label;

use Nebbia\Core\Data\Interval;
use Nebbia\Core\Data\Table;
use Nebbia\Core\Measure\Digits;
use Nebbia\Core\Reading\Label\Contents\ContentsFinder;
use Nebbia\Core\Reading\Label\Contents\Phrases;
use Nebbia\Core\Reading\Label\Contents\Warnings;

/** Reads a list of contents off a bottle, in six languages, with slips of the pen and broken lines. */
final readonly class LabelReader
{
    public const MAX_LETTERS = 6000;

    private string $opener;

    private Appraiser $appraiser;

    public function __construct(
        Table $bottleNames,
        private NameBook $names,
        private ShareReader $shares,
        private Phrases $phrases,
        private ContentsFinder $contents,
        private Warnings $warnings,
    ) {
        $this->appraiser = new Appraiser();
        $openers = $bottleNames->whole()->strings('openers');
        usort($openers, static fn (string $a, string $b): int => strlen($b) <=> strlen($a));
        $this->opener =
            '/^[\s.]*(?:'.implode('|', array_map(static fn (string $word): string => preg_quote($word, '/'), $openers)).')\b\s*:?\s*/ui';
    }

    /** @throws LabelException if there is nothing to read, too much, or it is no text */
    public function read(string $text): LabelReading
    {
        if (! mb_check_encoding($text, 'UTF-8')) {
            throw LabelException::notText();
        }
        if (mb_strlen($text) > self::MAX_LETTERS) {
            throw LabelException::tooLong(self::MAX_LETTERS);
        }
        if (preg_match('/\p{L}/u', $text) !== 1) {
            throw LabelException::empty();
        }
        $text = Digits::western($text);
        [$told, $inIt, $parts] = $this->setAside($text);
        $carried = null;
        $isWaiting = false;
        foreach (Segments::of($inIt) as [$segment, $at, $ended]) {
            // A share alone, or one with a colon, holds until the next semicolon.
            $carried = $ended && ! $isWaiting ? null : $carried;
            [$share, $found, $carries] = $this->segment($text, $segment, $at, $carried);
            $carried = $carries ? $share : null;
            $isWaiting = $found === [] && $carried !== null;
            $parts = [...$parts, ...$found];
        }

        usort($parts, static fn (Part $a, Part $b): int => $a->start <=> $b->start);
        $label = $this->appraiser->appraise($parts);
        $found = $this->contents->find($told, $parts, $label->verdict, $label->ingredient, $label->strength());

        return $label->known($found, $this->warnings->in($text));
    }

    /**
     * What stands there and is not in the bottle is blanked out, and named for what it is.
     *
     * @return array{string, string, list<Part>} what tells what the bottle is, what can be in it, and what is neither
     */
    private function setAside(string $text): array
    {
        $told = $inIt = $text;
        $parts = [];
        foreach ($this->phrases->in($text) as [$class, $words, $at]) {
            $inIt = Phrases::blanked($inIt, $words, $at);
            $told = $class === PartClass::Product ? $told : Phrases::blanked($told, $words, $at);
            $start = mb_strlen(substr($text, 0, $at));
            $parts[] = Part::of($words, null, $class, $start, $start + mb_strlen($words), null);
        }

        return [$told, $inIt, $parts];
    }

    /**
     * @param  int  $at  byte at which the segment begins
     * @return array{Interval|null, list<Part>, bool} its share, its parts, whether the share holds for what follows too
     */
    private function segment(string $text, string $segment, int $at, ?Interval $carried): array
    {
        $share = $this->shares->find($segment);
        $rest = $segment;
        $carries = false;
        if ($share !== null) {
            [, $words, $from] = $share;
            // The words are blanked out, so that all places stay what they are.
            $rest = substr_replace($segment, str_repeat(' ', strlen($words)), $from, strlen($words));
            $carries = preg_match('/^\s*:/u', substr($segment, $from + strlen($words))) === 1;
        }
        if (preg_match($this->opener, $rest, $match) === 1) {
            $rest = str_repeat(' ', strlen($match[0])).substr($rest, strlen($match[0]));
        }
        $bounds = $share[0] ?? $carried;
        $found = [];
        foreach ($this->lines($rest) as [$line, $offset]) {
            $part = $this->part($text, $line, $at + $offset, $bounds);
            if ($part !== null) {
                $found[] = $part;
            }
        }

        return [$bounds, $found, $carries || ($share === null && $carried !== null) || ($share !== null && $found === [])];
    }

    /**
     * A name that runs over the end of a line is one name; lines that each make sense by themselves are several.
     *
     * @return list<array{string, int}>
     */
    private function lines(string $rest): array
    {
        if (! str_contains(trim($rest), "\n")) {
            return [[$rest, 0]];
        }
        $whole = $this->names->find(self::joined($rest));
        $lines = [];
        $offset = 0;
        foreach (explode("\n", $rest) as $line) {
            $lines[] = [$line, $offset];
            $offset += strlen($line) + 1;
        }
        $known = array_filter($lines, fn (array $one): bool => trim($one[0]) === '' || $this->names->find($one[0]) !== null);

        return $whole !== null && (count($known) < count($lines) || str_contains($rest, "-\n")) ? [[$rest, 0]] : $lines;
    }

    private function part(string $text, string $line, int $at, ?Interval $share): ?Part
    {
        // What stands around a name is none of it.
        if (
            preg_match('/[\p{L}\p{N}](?:.*(?:[\p{L}\p{N}]\.?|\)))?/us', $line, $match, PREG_OFFSET_CAPTURE) !== 1 ||
            preg_match('/\p{L}/u', $match[0][0]) !== 1
        ) {
            return null;
        }
        [$name, $from] = $match[0];
        $found = $this->names->find(self::joined($name)) ?? $this->oneOfSeveral($name);
        $start = mb_strlen(substr($text, 0, $at + $from));
        // As the label has it, with the share that was blanked out of its middle.
        $written = substr($text, $at + $from, strlen($name));

        return Part::of(
            $written,
            $found[0] ?? null,
            $found[1] ?? PartClass::Unknown,
            $start,
            $start + mb_strlen($written),
            $share,
            $found[2] ?? false,
        );
    }

    /**
     * "AQUA/WATER/EAU" is one thing in three languages.
     *
     * @return array{string, PartClass, bool}|null
     */
    private function oneOfSeveral(string $name): ?array
    {
        foreach (explode('/', $name) as $one) {
            $found = str_contains($name, '/') ? $this->names->find($one) : null;
            if ($found !== null) {
                return $found;
            }
        }

        return null;
    }

    private static function joined(string $text): string
    {
        return (string) preg_replace(['/(?<=\p{L})-[ \t]*\R[ \t]*(?=\p{Ll})/u', '/\R+/u'], ['', ' '], $text);
    }
}

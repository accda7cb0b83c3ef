<?php

declare(strict_types=1);

namespace Nebbia\Core\Reading\Growing;

use Nebbia\Core\Measure\Digits;
use Nebbia\Core\Measure\NumberWords;
use Nebbia\Core\Plant\Meeting;
use Nebbia\Core\Plant\Plants;
use Nebbia\Core\Plant\Stage;

/**
 * Reads what grows from a line of talk or a pasted list: "12 tomatoes, a lemon, hoya". What is not known is carried by its name; of a name
 * that several go by the list says which.
 */
final readonly class PlantListReader
{
    /** More than a household lists; what is beyond is left out. */
    public const MOST = 300;

    private const MOST_OF_ONE = 100_000;

    /** What plants stand in, or how, which is no part of their name. */
    private const HELD = '(?:pots?|rows?|beds?|trays?|tubs?|boxe?s?|baskets?|patch(?:es)?|pairs?|'.
        '(?:six-|6-|four-|4-)?packs?|flats?|clumps?|bush(?:es)?|plants?|vas[io]|fil[ae])'.
        ' (?:of|di|de) ';

    private const TAIL = '/(?<=\p{L}) (?:in|on|by|under|at|near|along|against) (?:an? |the |my |our )?\p{L}[\p{L} ]*$/iu';

    private const TALK = '/^(?:about|around|roughly|approximately|approx\.?|maybe|perhaps|nearly|circa|'.
        '(?:i|we)(?:[’\']ve| have)(?: also)?(?: got)?|i(?: also)? have|(?:i|we) grow|there (?:is|are)|'.
        'also|plus|and|und|e|my|our|the|some|several|these|ho|tenho|le|i|il|la|as|os) /iu';

    private const FEW = ['/^a few /iu' => 3, '/^several /iu' => 3, '/^a couple (?:of )?/iu' => 2, '/^a pair of /iu' => 2];

    /** Where plants stand. */
    private const PLACES = '/\b(?:beds?|sheds?|greenhouse|polytunnel|tunnel|balcony|porch|terrace|patio|yard|garden|windows?|sill|rooms?|'.
        'kitchen|hall|bathroom|office|border|plot|path|fence|wall|deck|pots?|tubs?|containers?|conservatory|frame|indoors|outdoors|'.
        'inside|outside|front|back|orto|serra|balcone|terrazza|giardino|jardim|varanda|estufa|horta)\b/iu';

    /** Heads of tables. */
    private const HEADS = '/^(?:plants?|names?|kinds?|species|how many|number|count|qty|quantity|variety)$/iu';

    public function __construct(private Plants $plants) {}

    /** @return list<Grown> the same kind and variety together, in the order in which they were named */
    public function read(string $text): array
    {
        $found = [];
        foreach ($this->pieces(Digits::western(mb_scrub($text))) as [$piece, $number]) {
            $grown = $this->one($piece, $number);
            if ($grown === null) {
                continue;
            }
            $key = mb_strtolower("$grown->name|$grown->variety");
            $found[$key] = isset($found[$key]) ? $found[$key]->more($grown->number) : $grown;
            if (count($found) >= self::MOST) {
                break;
            }
        }

        return array_values($found);
    }

    /**
     * "Herbs (basil, thyme)" are those, "tomatoes (4 Sungold, 2 Roma)" and "roses: 'Peace', 'Iceberg'" so many of each; "roses (front yard,
     * sunny)" are roses.
     */
    private function eachNamed(string $text): string
    {
        $of = '([^,;()\n:.]*\p{L}[^,;()\n:.]*?)';
        $text = (string) preg_replace_callback(
            "/$of\\s*\\(([^()\\n]+)\\)/u",
            fn (array $m): string => $this->inBrackets($m[0], $m[1], $m[2]),
            $text,
        );

        return (string) preg_replace_callback(
            "/^$of:\\s*([^:\\n]+)$/mu",
            fn (array $m): string => $this->those($m[2]) === null ? $this->varieties($m[1], $m[2]) ?? $m[0] : $m[0],
            $text,
        );
    }

    private function inBrackets(string $whole, string $of, string $list): string
    {
        [$those, $items] = [$this->those($list), self::items($list)];
        $name = $this->counted(trim($of))[0];
        if (count($items) === 1) {
            // "Shed (geraniums)" is where they are, "Sungold (tomato)" which one it is; "roses (3)" is read as it stands.
            return match (true) {
                $those === null || $this->plants->knows($name) || $this->plants->isName(trim($whole)) => $whole,
                preg_match(self::PLACES, $of) === 1 => " $those",
                default => ' '.str_replace($name, "$those “{$name}”", $of),
            };
        }

        return $those ?? $this->varieties($of, $list) ?? $of;
    }

    /** Where each of a list is a plant by itself. */
    private function those(string $list): ?string
    {
        $items = self::items($list);

        return $items !== [] && array_filter($items, fn (string $one): bool => ! $this->plants->knows($this->counted($one)[0])) === []
            ? implode(', ', $items)
            : null;
    }

    /** Where each of a list may be a variety of what stands before it, a name with a capital or in quotes; or where that stands. */
    private function varieties(string $of, string $list): ?string
    {
        $name = trim($this->counted(trim($of))[0]);
        $isVariety = '/^(\d*)\s*x?\s*[\'"‘“]?(\p{Lu}[^"‘“”]*?)[\'"’”]?$/u';
        $items = self::items($list);
        if ($items === [] || ! $this->plants->knows($name)) {
            return null;
        }
        if (count((array) preg_grep(self::PLACES, $items)) === count($items)) {
            return $of;
        }
        if (count((array) preg_grep($isVariety, $items)) < count($items)) {
            return null;
        }

        $each = static fn (string $one): string => (string) preg_replace($isVariety, "$1 $name “$2”", $one);

        return ' '.implode(', ', array_map($each, $items));
    }

    /** @return list<string> */
    private static function items(string $list): array
    {
        return array_map(trim(...), preg_split('/\s*(?:,|&|\band\b)\s*/u', $list, -1, PREG_SPLIT_NO_EMPTY) ?: []);
    }

    /** @return list<array{string, int|null}> a piece for each plant, and its number where that stands apart */
    private function pieces(string $text): array
    {
        $pieces = [];
        // A full stop behind a word ends a line as well; "St." is none.
        foreach (preg_split('/\R|(?<=\p{Ll}{4})\.\s+(?=\p{Lu})/u', $this->eachNamed($text)) ?: [] as $line) {
            // A table has its number in a cell of its own.
            if (preg_match('/^\s*([^,;\t]*\p{L}[^,;\t]*)[,;\t]\s*(\d{1,6})\s*$/u', $line, $cells) === 1) {
                $pieces[] = [$cells[1], (int) $cells[2]];

                continue;
            }
            foreach (preg_split('/[,;\t•·]|\s+[+&]\s+/u', $line) ?: [] as $part) {
                array_push($pieces, ...array_map(static fn (string $one): array => [$one, null], $this->andApart($part)));
            }
        }

        return $pieces;
    }

    /**
     * "roses and tomatoes" are two; "lily of the valley" and names that have an "and" in them are one.
     *
     * @return list<string>
     */
    private function andApart(string $part): array
    {
        // "thyme/sage" are two where each is one.
        $each = preg_split('/\s*\/\s*/u', $part) ?: [$part];
        if (count($each) > 1 && array_filter($each, fn (string $one): bool => ! $this->plants->knows($one)) === []) {
            return $each;
        }
        $both = preg_split('/\s+(?:and|e|und)\s+/iu', $part) ?: [$part];
        if (count($both) === 1 || $this->plants->knows(trim($part))) {
            return [$part];
        }

        return $both;
    }

    private function one(string $piece, ?int $number): ?Grown
    {
        // "Front yard: roses": where they stand is no part of their name.
        $piece = (string) preg_replace('/^[^:]{1,40}:\s+(?=\S*\s*\p{L})/u', '', $piece);
        // Bullets, and numbers of a list.
        $piece = trim((string) preg_replace('/^\s*(?:[-*–—•]\s+|\d{1,3}[.)]\s+)/u', '', $piece));
        $variety = null;
        if (preg_match('/[\'"‘’“”]((?:[^\'"‘’“”]|(?<=\p{L})[\'’](?=\p{L}))+)[\'"‘’“”]/u', $piece, $quoted) === 1) {
            $variety = trim($quoted[1]);
            $piece = trim(str_replace($quoted[0], ' ', $piece));
        }
        // What is said beside it: a number, or where it stands.
        if (preg_match('/\(\s*(?:x\s*)?(\d{1,6})\s*(?:x|pcs|plants)?\s*\)\s*$/iu', $piece, $m) === 1) {
            $number ??= (int) $m[1];
        }
        [$whole, $many] = $this->counted($piece);
        if (str_contains($whole, '(') && $this->plants->isName($whole)) {
            return $this->met($whole, self::atMost($number ?? $many), $variety);
        }
        $piece = trim((string) preg_replace('/\([^)]*\)/u', ' ', $piece));
        if (preg_match('/^(.*\p{L})\s*(?:[x×*]|[-–—:]|\s)\s*(\d{1,4})$/iu', $piece, $m) === 1) {
            [$piece, $number] = [$m[1], $number ?? (int) $m[2]];
        }
        if ($variety === null && preg_match('/^(.*\p{L})\s+[-–—]\s+(\p{L}.*)$/u', $piece, $m) === 1 && $this->plants->knows($m[1])) {
            [, $piece, $variety] = $m;
        }
        // Where it stands, or what it came from.
        $piece = (string) preg_replace(self::TAIL, '', $piece);
        [$piece, $counted] = $this->counted($piece);
        $name = trim((string) preg_replace('/\s+/u', ' ', $piece), " \t.!?-–—*");
        if (preg_match('/\p{L}{2}/u', $name) !== 1 || preg_match(self::HEADS, $name) === 1) {
            return null;
        }

        return $this->met($name, self::atMost($number ?? $counted), $variety);
    }

    private static function atMost(int $number): int
    {
        return max(1, min(self::MOST_OF_ONE, $number));
    }

    /** @return array{string, int} what is left of the words once the number is taken off, and the number */
    private function counted(string $piece): array
    {
        $number = null;
        for ($n = 0; $n < 4; $n++) {
            $before = $piece;
            foreach (self::FEW as $few => $many) {
                if ($number === null && preg_match($few, $piece) === 1) {
                    [$piece, $number] = [(string) preg_replace($few, '', $piece), $many];
                }
            }
            if ($number === null && preg_match('/^(\d{1,6})\s*(?:[x×*]\s*|no\.?\s+|nr\.?\s+)?(?=\p{L})/iu', $piece, $m) === 1) {
                [$piece, $number] = [substr($piece, strlen($m[0])), (int) $m[1]];
            } elseif ($number === null && preg_match('/^('.NumberWords::pattern().')\s+(?=\p{L})/iu', $piece, $m) === 1) {
                $words = NumberWords::parse(mb_strtolower($m[1]));
                // Half a lemon is no number of plants.
                if ($words !== null && $words->isGreaterThanOrEqualTo(1)) {
                    [$piece, $number] = [substr($piece, strlen($m[0])), (int) floor($words->toFloat())];
                }
            }
            $piece = (string) preg_replace(self::TALK, '', (string) preg_replace('/^'.self::HELD.'/iu', '', ltrim($piece)));
            if ($piece === $before) {
                break;
            }
        }

        return [$piece, $number ?? 1];
    }

    private function met(string $name, int $number, ?string $variety): ?Grown
    {
        // Young ones are of their kind.
        $bare = (string) preg_replace('/ (?:seedlings?|starts?|cuttings?|plants?|bush(?:es)?)$/iu', '', $name);
        $stage = match (true) {
            preg_match('/ (?:seedlings?|starts?)$/iu', $name) === 1 => Stage::Seedling,
            preg_match('/ cuttings?$/iu', $name) === 1 => Stage::Cutting,
            default => Stage::Growing,
        };
        $meeting = Meeting::of($this->plants, $name);
        if ($bare !== $name && ($meeting->how !== 'known' || $stage !== Stage::Growing)) {
            $other = Meeting::of($this->plants, $bare);
            $meeting = $other->how === 'none' ? $meeting : $other;
        }
        if ($meeting->how === 'none') {
            return null;
        }
        $plant = match ($meeting->how) {
            'slip' => $this->plants->named($meeting->which[0]),
            'several' => $this->plants->met($meeting->name, Plants::UNKNOWN),
            default => $meeting->plant,
        };

        return $plant === null
            ? null
            : new Grown($number, $this->called($meeting, $plant->name, $name), $variety, $stage, $plant, $meeting);
    }

    /** The kind's own name where that says as much; a species, or what is not known, keeps what was written. */
    private function called(Meeting $meeting, string $kind, string $written): string
    {
        $name = match (true) {
            $meeting->how === 'slip' => $kind,
            $meeting->how === 'known' && ! $this->saysMore($meeting->name, $kind) => $kind,
            default => $meeting->how === 'known' ? $meeting->name : $written,
        };

        return mb_strtoupper(mb_substr($name, 0, 1)).mb_substr($name, 1);
    }

    /** "Hoya kerrii" says more than "hoya". */
    private function saysMore(string $name, string $kind): bool
    {
        return str_starts_with(mb_strtolower($name), mb_strtolower($kind).' ') && ! preg_match('/ (?:tree|bush|plant)s?$/iu', $name);
    }
}

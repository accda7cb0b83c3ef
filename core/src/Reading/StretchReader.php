<?php

declare(strict_types=1);

namespace Nebbia\Core\Reading;

use Nebbia\Core\Data\Sentence\Message;
use Nebbia\Core\Measure\AmountParser;
use Nebbia\Core\Measure\UnitSystem;
use Nebbia\Core\Mixing\DoseReader;
use Nebbia\Core\Mixing\Mixer;
use Nebbia\Core\Mixing\Recipe\RecipeReader;
use Nebbia\Core\Plant\Plants;
use Nebbia\Core\Reading\Draft\Assembler;
use Nebbia\Core\Reading\Draft\DoubtAnswers;
use Nebbia\Core\Reading\Draft\Doubter;
use Nebbia\Core\Reading\Draft\Doubts;
use Nebbia\Core\Reading\Draft\Entry;
use Nebbia\Core\Reading\Draft\Peek;
use Nebbia\Core\Reading\Draft\Settler;
use Nebbia\Core\Reading\Draft\Understood;
use Nebbia\Core\Reading\Draft\Volume;
use Nebbia\Core\Reading\Often\PaceReader;
use Nebbia\Core\Reading\Words\Compounds;
use Nebbia\Core\Reading\Words\Lexicon;
use Nebbia\Core\Reading\Words\PlantParts;
use Nebbia\Core\Reading\Words\PlantSpotter;
use Nebbia\Core\Reading\Words\Scanner;
use Nebbia\Core\Reading\Words\Token;
use Nebbia\Core\Reading\Words\TokenKind;
use Nebbia\Core\Shelf\Kinds;
use Nebbia\Core\Substance\Ingredients;
use Nebbia\Core\Target\Targets;

/** Reads one stretch of a paragraph as if it were all there is. */
final readonly class StretchReader
{
    /** So much of what is taken as it is, where nobody says how much. */
    private const NEAT = '100 mL';

    /** Letters of a line that may be broken by the width of a page. */
    private const LONG_LINE = 60;

    public function __construct(
        private Lexicon $lexicon,
        private PlantSpotter $plants,
        private Plants $known,
        private PlantParts $parts,
        private Compounds $compounds,
        private AmountParser $amounts,
        private Ingredients $ingredients,
        private Targets $targets,
        private Kinds $kinds,
        private DoseReader $doses,
        private RecipeReader $recipes,
        private Mixer $mixer,
        private PaceReader $paces,
    ) {}

    /** @return list<Token> */
    public function tokens(string $text): array
    {
        $text = self::unwrapped($text);

        $tokens = (new Scanner($this->lexicon, $this->paces))->scan($text);

        return $this->compounds->join($this->parts->apart($this->plants->spot($text, $tokens)));
    }

    /** Long lines that a page has broken go on in the next; short ones are a list, whose dots lead on. All places stay what they are. */
    private static function unwrapped(string $text): string
    {
        $text = (string) preg_replace('/^([^\n]{'.self::LONG_LINE.',})\n(?=\p{Ll})/mu', '$1 ', $text);

        // "Vinegar ..... 1 gallon": the dots of a list lead to the amount of what stands before them.
        return (string) preg_replace_callback(
            '/^([^\d\n.]*\p{L}\s?)(\.{3,}|…)(?=\s*\d)/mu',
            static fn (array $m): string => $m[1].':'.str_repeat(' ', strlen($m[2]) - 1),
            $text,
        );
    }

    /**
     * @param  list<Token>  $tokens  of the stretch
     * @param  string  $text  the whole paragraph, in which their places are
     */
    public function read(array $tokens, string $text, UnitSystem $system): Stretch
    {
        $draft = (new Assembler($this->ingredients, $this->lexicon, $this->amounts, $system))->assemble($tokens);
        $peek = new Peek($this->amounts, $system);
        $doubts = new Doubts($text);
        $settler = new Settler($this->ingredients, $this->doses, $draft, $peek, $doubts);
        $doubter = new Doubter(
            $this->targets,
            $this->ingredients,
            $this->recipes,
            $this->mixer,
            $system,
            $text,
            $draft,
            $peek,
            $doubts,
            new DoubtAnswers($this->ingredients),
        );
        $understood = new Understood($this->targets, $this->ingredients, $this->known, $text, $draft, $peek);
        $base = $settler->base();
        $lines = $this->withoutTitle($settler->lines($base));
        [$base, $liquid] = $this->neat($base, $lines, $tokens, $text, $doubts) ?? $this->liquid($base, $lines, $doubter);

        return new Stretch($tokens, $draft, $peek, $doubter, $understood, $base, $liquid, $lines);
    }

    /**
     * "Tincture: 100 g garlic in vodka": what is made is named, and does not go in.
     *
     * @param  list<Entry>  $lines
     * @return list<Entry>
     */
    private function withoutTitle(array $lines): array
    {
        $isMeasured = array_filter($lines, static fn (Entry $entry): bool => $entry->amount !== null) !== [];

        return array_values(
            array_filter(
                $lines,
                fn (Entry $entry): bool => ! $isMeasured ||
                    $entry->amount !== null ||
                    $entry->ingredient === null ||
                    $this->kinds->making($entry->ingredient) === [],
            ),
        );
    }

    /**
     * "Alcohol neat on a cotton bud": one liquid, and it is said that nothing is added to it.
     *
     * @param  list<Entry>  $lines
     * @param  list<Token>  $tokens
     * @return array{Volume, Entry}|null
     */
    private function neat(?Volume $base, array $lines, array $tokens, string $text, Doubts $doubts): ?array
    {
        $entry = $lines[0] ?? null;
        if ($base !== null || count($lines) !== 1 || $entry?->ingredient === null || $entry->name === null
            || $entry->amount !== null || ! $this->ingredients->named($entry->ingredient)->isLiquid) {
            return null;
        }
        $from = $tokens[0]->start;
        $stretch = substr($text, $from, $tokens[count($tokens) - 1]->end() - $from);
        if (preg_match("/(?<!\\p{L}){$this->lexicon->any('neat')}/iu", $stretch, $found, PREG_OFFSET_CAPTURE) !== 1) {
            return null;
        }
        $before = substr($stretch, 0, $found[0][1]);
        if (preg_match("/(?<!\\p{L}){$this->lexicon->any('not')}\\s+(?:\\p{L}+\\s+)?$/iu", $before) === 1) {
            return null;
        }
        $said = Token::of(TokenKind::Word, $found[0][0], $from + $found[0][1]);
        $doubts->add($said, 'neat', Message::of('reading.neat', ['text' => $said->text, 'volume' => self::NEAT]));
        $entry->give(Token::of(TokenKind::Amount, $entry->name->text, $entry->name->start, self::NEAT));

        return [new Volume(self::NEAT, $said, Volume::BARE, false, $entry->sentence), $entry];
    }

    /**
     * Where there is no water at all, the largest liquid measured by the cup or more is what the rest goes into.
     *
     * @param  list<Entry>  $lines
     * @return array{Volume|null, Entry|null}
     */
    private function liquid(?Volume $base, array $lines, Doubter $doubter): array
    {
        if ($base !== null || count($lines) < 2) {
            return [$base, null];
        }
        $best = null;
        $most = 0.0;
        $rest = 0.0;
        foreach ($lines as $entry) {
            $ml = $doubter->millilitres($entry);
            $rest += $ml;
            if ($ml > $most && $entry->amountToken !== null) {
                [$best, $most] = [$entry, $ml];
            }
        }
        if (
            $best === null ||
            $best->amountToken === null ||
            $best->amount === null ||
            $most < Doubter::SMALLEST_BASE_ML ||
            $most < 4 * ($rest - $most)
        ) {
            return [null, null];
        }

        return [new Volume($best->amount, $best->amountToken, Volume::WATER, false, $best->sentence), $best];
    }
}

<?php

declare(strict_types=1);

namespace Nebbia\Core\Measure;

use Brick\Math\BigRational;

/**
 * Reads the amounts that people write: "1 1/2 tsp", "a squeeze", "3-5 drops", "2 x 325 mg", "1:50", "1 in 50", "0.5 %".
 */
final readonly class AmountParser
{
    private const MAX_LENGTH = 80;

    /** As kitchens write spoons and cups: a capital is the larger spoon. */
    public const LETTERS = ['t' => 'tsp', 'T' => 'tbsp', 'c' => 'cup', 'C' => 'cup'];

    private const RANGE = '\s*(?:-|–|—|\bto\b)\s*';

    public function __construct(private Units $units) {}

    /**
     * @param  UnitSystem  $system  whose spoons, cups and tablets are meant where the text does not say
     *
     * @throws AmountException with what is wrong and how to mend it
     */
    public function parse(string $text, UnitSystem $system = UnitSystem::Us): Amount
    {
        if (! mb_check_encoding($text, 'UTF-8')) {
            throw AmountException::unreadable(mb_scrub($text));
        }
        $text = trim((string) preg_replace('/[\s\x{00A0}\x{202F}\x{2009}]+/u', ' ', Digits::western($text)));
        if ($text === '') {
            throw AmountException::empty();
        }
        if (mb_strlen($text) > self::MAX_LENGTH) {
            throw AmountException::tooLong();
        }
        if (preg_match('/^[-−+]/u', $text) === 1) {
            throw str_starts_with($text, '+') ? AmountException::unreadable($text) : AmountException::notPositive();
        }

        return $this->ratio($text) ?? ($this->partsInWhole($text) ?? ($this->strength($text) ?? $this->sum($text, $system)));
    }

    /** @throws AmountException if it cannot be read or is not a volume */
    public function parseVolume(string $text, UnitSystem $system = UnitSystem::Us): Amount
    {
        $amount = $this->parse($text, $system);
        // Where only a volume can be meant, ounces are those of a jug and of a sprayer's label.
        if ($amount->unit->id === 'oz') {
            $amount = $this->parse((string) preg_replace('/(?<!\pL)(?:oz\b\.?|ounces?\b)/iu', ' fl oz', $text), $system);
        }

        return $amount->unit->kind === UnitKind::Volume ? $amount : throw AmountException::notAVolume($amount->unit->label);
    }

    /** "1:50", "1:500-1000", "1 part to 50 parts". */
    private function ratio(string $text): ?Amount
    {
        $n = NumberParser::PATTERN;
        if (
            preg_match("/^($n)\s*:\s*($n)(?:".self::RANGE."($n))?$/iu", $text, $m) !== 1 &&
            preg_match("/^($n) parts? to ($n)(?:".self::RANGE."($n))? parts?$/iu", $text, $m) !== 1
        ) {
            return null;
        }

        return $this->share($m, Unit::perBase());
    }

    /** "1 in 50", "1 part in 50". */
    private function partsInWhole(string $text): ?Amount
    {
        $n = NumberParser::PATTERN;
        if (preg_match("/^($n)(?: parts?)? in ($n)(?:".self::RANGE."($n))?(?: parts?)?$/iu", $text, $m) !== 1) {
            return null;
        }
        $amount = $this->share($m, Unit::perFinal());

        return $amount->high->isGreaterThan(1) ? throw AmountException::overWhole($text) : $amount;
    }

    /** "0.5 %", "0.5-1 % w/v", "1500 ppm", "80 mg/L". */
    private function strength(string $text): ?Amount
    {
        $n = NumberParser::PATTERN;
        if (
            preg_match(
                "/^($n)(?:".self::RANGE."($n))?\s*(?:(?:%|percent\b|per cent\b)\s*(w\/v|v\/v)?|(ppm|mg\/l|g\/l))$/iu",
                $text,
                $m,
            ) !== 1
        ) {
            return null;
        }
        $unit = match (mb_strtolower(($m[3] ?? '').($m[4] ?? ''))) {
            'w/v' => Unit::percentByMass(),
            'v/v' => Unit::percentByVolume(),
            'ppm', 'mg/l' => Unit::ppm(),
            'g/l' => Unit::gramsPerLitre(),
            default => Unit::percent(),
        };
        $amount = $this->between($m[1], $m[2] ?? '', $unit);
        $whole = $unit->likely === null ? $amount->high : $amount->high->multipliedBy($unit->likely);

        return $whole->isGreaterThan(1) ? throw AmountException::overWhole($text) : $amount;
    }

    /** "1 cup + 2 tbsp", "1 and 1/2 tsp", or a single term. */
    private function sum(string $text, UnitSystem $system): Amount
    {
        $text = (string) preg_replace('/^(\d+) and (\d+\s*\/\s*\d+|a half)\b/iu', '$1 $2', $text);
        $text = str_ireplace(' a half ', ' 1/2 ', $text);
        $terms = preg_split('/\s*\+\s*|\s+(?:and|plus)\s+/iu', $text) ?: [$text];
        $sum = $this->term($terms[0], $text, $system);
        foreach (array_slice($terms, 1) as $term) {
            $sum = $sum->plus($this->term($term, $text, $system));
        }

        return $sum;
    }

    private function term(string $term, string $whole, UnitSystem $system): Amount
    {
        $n = NumberParser::PATTERN;
        $words = NumberWords::pattern();
        if (preg_match("/^($n)\s*[x×*]\s*($n)\s*(\D+)$/iu", $term, $m) === 1) {
            return $this->times($m[1], $m[2], $m[3], $whole, $system);
        }
        if (preg_match("/^($n|$words) (?:tablets?|tabs?|pills?) (?:of|à|at|@) ($n)\s*(mg|g)$/iu", $term, $m) === 1) {
            return $this->times($m[1], $m[2], $m[3], $whole, $system);
        }
        if (preg_match("/^($n)\s*([^\d]+?)".self::RANGE."($n)\s*(.+)$/iu", $term, $m) === 1 && trim($m[2]) === trim($m[4])) {
            return $this->between($m[1], $m[3], $this->unit($m[4], $whole, $system));
        }
        if (preg_match('/^(?:a few|few|some) (.+)$/iu', $term, $m) === 1) {
            return Amount::between(BigRational::of(3), BigRational::of(5), BigRational::of(10), $this->unit($m[1], $whole, $system));
        }
        if (preg_match("/^($n)(?:".self::RANGE."($n))?\s*(.*)$/iu", $term, $m) === 1) {
            return $this->between($m[1], $m[2], $this->unit($m[3], $whole, $system));
        }
        if (preg_match("/^($words) (.+)$/iu", $term, $m) === 1) {
            return $this->between($m[1], '', $this->unit($m[2], $whole, $system));
        }

        throw AmountException::unreadable($whole);
    }

    /** "2 x 325 mg": so many tablets of that much; of anything but a mass, simply the product. */
    private function times(string $count, string $each, string $unitName, string $whole, UnitSystem $system): Amount
    {
        $unit = $this->unit($unitName, $whole, $system);
        $number = NumberParser::parse($each);
        if ($unit->kind === UnitKind::Mass && $unit->likely !== null && $number->isPositive()) {
            return $this->between($count, '', Unit::tabletOf($number->multipliedBy($unit->likely)));
        }

        return Amount::of(NumberParser::parse($count)->multipliedBy($number), $unit);
    }

    private function unit(string $name, string $whole, UnitSystem $system): Unit
    {
        $name = trim($name);
        $name = self::LETTERS[rtrim($name, '.')] ?? $name;
        if ($name === '') {
            throw AmountException::noUnit($whole);
        }

        return $this->units->find($name, $system) ?? throw AmountException::unknownUnit($name, $whole);
    }

    private function between(string $from, string $to, Unit $unit): Amount
    {
        $low = NumberParser::parse($from);
        if ($to === '') {
            return Amount::of($low, $unit);
        }
        $high = NumberParser::parse($to);

        return Amount::between($low, $low->plus($high)->dividedBy(2), $high, $unit);
    }

    /** @param  array<int|string, string>  $m one part to n, or n to m, parts */
    private function share(array $m, Unit $unit): Amount
    {
        $part = NumberParser::parse($m[1]);
        $from = NumberParser::parse($m[2]);
        $to = ($m[3] ?? '') === '' ? $from : NumberParser::parse($m[3]);
        if (! $from->isPositive() || ! $part->isPositive()) {
            throw AmountException::notPositive();
        }
        if ($from->isGreaterThan($to)) {
            throw AmountException::reversed();
        }
        // More parts of base is less of the ingredient.
        $middle = $from->plus($to)->dividedBy(2);

        return Amount::between($part->dividedBy($to), $part->dividedBy($middle), $part->dividedBy($from), $unit);
    }
}

<?php

declare(strict_types=1);

namespace Nebbia\Core\Reading\Label\Contents;

use Nebbia\Core\Data\Table;
use Nebbia\Core\Reading\Label\Fold;
use Nebbia\Core\Reading\Label\LabelVerdict;
use Nebbia\Core\Reading\Label\Part;
use Nebbia\Core\Reading\Label\PartClass;
use Nebbia\Core\Reading\Label\Segments;
use Nebbia\Core\Reading\Label\ShareReader;
use Nebbia\Core\Substance\Ingredient;
use Nebbia\Core\Substance\Ingredients;
use Nebbia\Core\Substance\StrengthParser;

/** Tells what a bottle is: by what is in it, or else by what it is sold as. */
final class ContentsFinder
{
    /** A soap no stronger than this is sold to be sprayed as it is, % w/v (FACTS.md: sprays are 0.5 to 2 %). */
    private const READY = 3.0;

    /** Of a detergent with oil in it, from which share on it is the oil that it is bought for, %. */
    private const MOST = 20.0;

    /** Of a list that long no single name is the whole. */
    private const FEW = 3;

    /** What no plain substance has in it: with one of them it is what it is sold as. */
    private const MADE_UP = [PartClass::Detergent, PartClass::Surfactant, PartClass::Perfume, PartClass::Dye, PartClass::Biocide];

    /** What stands beside a name: brackets, figures, praise. */
    private const BESIDES = ['/\([^)]*\)/u', '/\d+(?:[.,]\d+)?\s*%?/u', '/\b(?:pure|organic|puro|bio)\b/ui', '/\s+/u'];

    private const ALONE = '/^[\s(]*\d[^\p{L}]*(?:v\/v|w\/w|w\/v|vol\w*)?[\s).]*$/ui';

    /** @var list<ContentsRow>|null */
    private ?array $rows = null;

    public function __construct(
        private readonly Table $bottleContents,
        private readonly Ingredients $ingredients,
        private readonly ShareReader $shares,
        private readonly LabelStrength $strengths,
    ) {}

    /**
     * @param  string  $text  without what is said to be absent and what is advice
     * @param  list<Part>  $parts
     * @param  string|null  $asWashed  the ingredient it is by its soap or detergent, and at which strength
     */
    public function find(string $text, array $parts, LabelVerdict $verdict, ?string $asWashed, ?string $strength): ?Contents
    {
        $segments = array_values(array_map(static fn (array $one): string => $one[0], Segments::of($text)));
        $hits = $this->hits($segments, Fold::name($text));
        $inIt = array_values(array_filter($hits, static fn (Hit $hit): bool => ! $hit->row->isProduct));
        $product = array_values(array_filter($hits, static fn (Hit $hit): bool => $hit->row->isProduct))[0] ?? null;
        $decides = Hit::first(array_filter($inIt, static fn (Hit $hit): bool => $hit->row->decides));
        if ($decides !== null) {
            return $this->made($decides, $segments);
        }
        $most = Hit::first(array_filter($inIt, static fn (Hit $hit): bool => $hit->row->isMostly
            && ($hit->share !== null ? $hit->share >= self::MOST : $hit->segment === 0)));
        if ($asWashed !== null && ($verdict !== LabelVerdict::Detergent || $most === null)) {
            return $this->washed($asWashed, $strength, $verdict, $product, $parts);
        }
        $best = $this->particular(Hit::most($inIt), $inIt);
        if ($product !== null && ($best === null || $this->isMadeUp($inIt, $parts))) {
            return $this->made($product, $segments, self::soldAs($parts));
        }

        return $best === null ? $this->byName($segments, $parts) : $this->made($best, $segments);
    }

    /**
     * @param  list<string>  $segments
     * @return list<Hit> of each segment the first that fits, in the order of the label
     */
    private function hits(array $segments, string $label): array
    {
        $hits = [];
        foreach ($segments as $n => $segment) {
            $folded = Fold::name($segment);
            $seen = [];
            foreach ($this->rows() as $rank => $row) {
                // Of what is in it the most particular; what it is sold as stands beside that.
                if (! isset($seen[$row->isProduct]) && preg_match($row->any, $folded) === 1 && $row->suits($label)) {
                    $hits[] = Hit::of($row, $rank, $n, ($this->shares->find($segment)[0] ?? null)?->likely);
                    $seen[$row->isProduct] = true;
                }
            }
        }

        return $hits;
    }

    /** @return list<ContentsRow> */
    private function rows(): array
    {
        return $this->rows ??= array_map(ContentsRow::fromRow(...), array_values($this->bottleContents->rows('contents')));
    }

    /**
     * @param  list<Hit>  $hits
     * @param  list<Part>  $parts
     */
    private function isMadeUp(array $hits, array $parts): bool
    {
        return count(array_unique(array_map(static fn (Hit $hit): string => $hit->row->id, $hits))) > 1
            || array_filter($parts, static fn (Part $part): bool => in_array($part->class, self::MADE_UP, true)) !== [];
    }

    /**
     * Of two names for one substance the more particular: "Essigessenz, Essigsäure 25 %".
     *
     * @param  list<Hit>  $hits
     */
    private function particular(?Hit $best, array $hits): ?Hit
    {
        $substance = fn (Hit $hit): ?string => $this->ingredients->named($hit->row->ingredient)->substance?->id;

        return $best === null
            ? null
            : Hit::first(array_filter($hits, static fn (Hit $hit): bool => $substance($hit) === $substance($best)));
    }

    /** @param  list<Part>  $parts */
    private static function soldAs(array $parts): ?string
    {
        return array_values(array_filter($parts, static fn (Part $part): bool => $part->class === PartClass::Product))[0]->text ?? null;
    }

    /** @param  list<string>  $segments */
    private function made(Hit $hit, array $segments, ?string $soldAs = null): Contents
    {
        $row = $hit->row;
        $ingredient = $this->ingredients->named($row->ingredient);
        $strength = $row->isMeasured && ! $row->isProduct ? $this->strength($hit, $segments, $ingredient) : null;
        $warns = $row->warns;
        if ($row->strongWarns !== null && $row->strongFrom !== null && $strength !== null
            && StrengthParser::parse($strength, $ingredient)->percent->likely > $row->strongFrom) {
            $warns[] = $row->strongWarns;
        }

        return Contents::of($ingredient, $strength, $row->use, $warns, $segments[$hit->segment], $row->isDetergent ? $soldAs : null);
    }

    /** @param  list<string>  $segments */
    private function strength(Hit $hit, array $segments, Ingredient $ingredient): ?string
    {
        $strength = $this->strengths->of($segments[$hit->segment], $ingredient);
        $told = $hit->row->told;
        foreach ($segments as $segment) {
            $isTold = $told !== null && preg_match($told, Fold::name($segment)) === 1;
            $strength ??= $isTold ? $this->strengths->of($segment, $ingredient) : null;
        }
        // A number that stands by itself after the name is the name's.
        $next = $segments[$hit->segment + 1] ?? '';

        return $strength ?? (preg_match(self::ALONE, $next) === 1 ? $this->strengths->of($next, $ingredient) : null);
    }

    /** @param  list<Part>  $parts */
    private function washed(string $ingredient, ?string $strength, LabelVerdict $verdict, ?Hit $product, array $parts): Contents
    {
        if ($verdict === LabelVerdict::Soap) {
            foreach ($parts as $part) {
                if ($part->class === PartClass::Soap && $part->share !== null && $part->share->high <= self::READY) {
                    $ingredient = 'ready-soap-spray';
                }
            }

            return Contents::of($this->ingredients->named($ingredient), $strength, 'soap', []);
        }

        return $product === null
            ? Contents::of($this->ingredients->named($ingredient), $strength, 'washing', [])
            : Contents::of($this->ingredients->named($product->row->ingredient), null, $product->row->use, $product->row->warns);
    }

    /**
     * What is known by its name and told by nothing else: "Diatomaceous earth 100 %".
     *
     * @param  list<string>  $segments
     * @param  list<Part>  $parts
     */
    private function byName(array $segments, array $parts): ?Contents
    {
        $isNamed = static fn (Part $part): bool => $part->class->isInIt() && $part->class !== PartClass::Water;
        $named = array_filter($parts, $isNamed);
        if (count($named) > self::FEW) {
            return null;
        }
        foreach ($segments as $segment) {
            $name = trim((string) preg_replace(self::BESIDES, ' ', $segment), " .,;:-\n");
            $id = $name === '' ? null : $this->ingredients->names()->find(trim($segment)) ?? $this->ingredients->names()->find($name);
            if ($id !== null && $id !== 'water') {
                $ingredient = $this->ingredients->named($id);

                return Contents::of(
                    $ingredient,
                    $this->strengths->of($segment, $ingredient),
                    $ingredient->substance?->isHarsh === true ? 'none' : 'plain',
                    $ingredient->substance?->isHarsh === true ? ['not-sprayed'] : [],
                    $segment,
                );
            }
        }

        return null;
    }
}

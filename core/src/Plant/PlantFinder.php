<?php

declare(strict_types=1);

namespace Nebbia\Core\Plant;

use Nebbia\Core\Data\Names;
use Nebbia\Core\Data\Row;
use Nebbia\Core\Data\Table;

/**
 * Which kinds a plant may be by what people call it: its name, a name that several kinds share, a genus, the name within a longer one ("my
 * old lemon tree in the hall"), or a kin ("spider lily" is some lily).
 */
final class PlantFinder
{
    /** More is no name. */
    private const MOST_WORDS = 12;

    /** @var list<string> */
    private readonly array $mere;

    /** @var list<string> */
    private readonly array $where;

    /** @var array<string, list<string>>|null folded name => ids */
    private ?array $shared = null;

    /** @var array<string, list<string>>|null genus => ids */
    private ?array $genera = null;

    public function __construct(private readonly Table $plants, Table $plantWords)
    {
        $this->mere = array_map(Names::fold(...), $plantWords->whole()->strings('mere'));
        $this->where = array_map(Names::fold(...), $plantWords->whole()->strings('where'));
    }

    /** Ids that go by that name: one where it is plain, several where it must be asked, none where nothing is known of it. */
    public function find(string $name): Found
    {
        $ids = $this->called($name);
        if ($ids !== []) {
            return new Found($ids, true);
        }
        $words = $this->words($name);
        $generic = null;
        // The longest part of it that is a name, and of two as long the last: "lemon tree", "apple mint".
        for ($length = count($words); $length > 0; $length--) {
            for ($at = count($words) - $length; $at >= 0; $at--) {
                $ids = $this->called(implode(' ', array_slice($words, $at, $length)));
                if ($ids === []) {
                    continue;
                }
                $behind = array_slice($words, $at + $length);
                // A genus with another species behind it is kin, and not the one that is known.
                $isGenus = $length === 1 && $this->plants->idOf($words[$at]) === null;
                $isWhole = $this->isWhole(array_slice($words, 0, $at), $behind) && (! $isGenus || array_diff($behind, $this->mere) === []);
                $found = new Found($ids, $isWhole);
                // A kind says more than a kind of kinds: a feijoa hedge is feijoa.
                if (! $this->areGeneric($ids)) {
                    return $found;
                }
                $generic ??= $found;
            }
        }

        return $generic ?? $this->head($name);
    }

    /** What says at least what kind of kinds it is: a pohutukawa tree is some tree. */
    private function head(string $name): Found
    {
        foreach (array_reverse(explode(' ', Names::fold($name))) as $word) {
            $ids = $this->called($word);
            if ($this->areGeneric($ids)) {
                return new Found($ids, false);
            }
        }

        return new Found([], false);
    }

    /**
     * What stands before a name can make another plant of it (spider lily), unless it says nothing; what stands behind it is its cultivar
     * (monstera thai constellation), unless it is a plant itself.
     *
     * @param  list<string>  $before
     * @param  list<string>  $behind
     */
    private function isWhole(array $before, array $behind): bool
    {
        $saysNothing = fn (string $word): bool => in_array($word, $this->mere, true) || $this->areGeneric($this->called($word));

        return array_filter($before, static fn (string $word): bool => ! $saysNothing($word)) === [] &&
            array_filter($behind, fn (string $word): bool => ! $saysNothing($word) && $this->called($word) !== []) === [];
    }

    /** @param  list<string>  $ids */
    private function areGeneric(array $ids): bool
    {
        return $ids !== [] && array_filter($ids, fn (string $id): bool => ! $this->plants->row($id)->bool('generic')) === [];
    }

    /** @return list<string> */
    private function called(string $name): array
    {
        $folded = Names::fold($name);
        $shared = $this->plants->find($name) === null ? $this->shared()[$folded] ?? [] : [];
        if ($shared !== []) {
            return $shared;
        }
        $id = $this->plants->idOf($name);

        return $id === null ? $this->genera()[$folded] ?? [] : [$id];
    }

    /** @return list<string> */
    private function words(string $name): array
    {
        $plain = (string) preg_replace(
            '/^\d+\s*x?(?=\s)|[\'"‘’“”][^\'"‘’“”]{2,}[\'"‘’“”](?=\s|$)|\([^)]*\)|[,;:].*$|×/u',
            ' ',
            Names::fold($name),
        );
        $words = array_values(array_filter(explode(' ', $plain), static fn (string $word): bool => $word !== ''));
        foreach ($words as $n => $word) {
            if ($n > 0 && in_array($word, $this->where, true)) {
                $words = array_slice($words, 0, $n);
                break;
            }
        }
        $words = array_slice($words, 0, self::MOST_WORDS);
        // "Plant", "tree" by itself is a kind of kinds; beside another word it says nothing.
        $telling = array_values(array_diff($words, $this->mere));

        return $telling === [] ? $words : $this->trimmed($words);
    }

    /**
     * Without the mere words before and after.
     *
     * @param  list<string>  $words
     * @return list<string>
     */
    private function trimmed(array $words): array
    {
        while (count($words) > 1 && in_array($words[0], $this->mere, true)) {
            array_shift($words);
        }
        while (count($words) > 1 && in_array($words[count($words) - 1], $this->mere, true) && $this->called(implode(' ', $words)) === []) {
            array_pop($words);
        }

        return $words;
    }

    /** @return array<string, list<string>> */
    private function shared(): array
    {
        if ($this->shared === null) {
            $this->shared = [];
            foreach ($this->plants->rows() as $row) {
                foreach ($row->strings('shared') as $name) {
                    $this->shared[Names::fold($name)][] = $row->string('id');
                }
            }
        }

        return $this->shared;
    }

    /**
     * A genus means its only kind, or that which is named by nothing but it.
     *
     * @return array<string, list<string>>
     */
    private function genera(): array
    {
        if ($this->genera === null) {
            $this->genera = [];
            foreach ($this->plants->rows() as $row) {
                $genus = self::genus($row);
                if ($genus !== null) {
                    $this->genera[$genus][] = $row->string('id');
                }
            }
        }

        return $this->genera;
    }

    private static function genus(Row $row): ?string
    {
        $words = explode(' ', Names::fold($row->string('botanical', '')));

        return count($words) > 1 ? $words[0] : null;
    }
}

<?php

declare(strict_types=1);

namespace Nebbia\Core\Reading\Label\Contents;

use Nebbia\Core\Data\Finding;
use Nebbia\Core\Data\Row;
use Nebbia\Core\Data\Severity;
use Nebbia\Core\Data\Table;
use Nebbia\Core\Reading\Label\Fold;

/** What a label itself warns of, in the maker's own words where they name something. */
final class Warnings
{
    /** Letters of the maker's words that are repeated. */
    private const QUOTED = 80;

    /** @var list<array{string, string, string, Row}>|null id, pattern on folded words, pattern on the words as written, row */
    private ?array $rows = null;

    public function __construct(private readonly Table $bottleContents) {}

    /** @return array<string, Finding> by id, in the order of the table */
    public function in(string $text): array
    {
        $found = [];
        $sentences = preg_split('/(?<=[.;!])\s+|\R{2,}/u', $text) ?: [];
        foreach ($this->rows() as [$id, $folded, $written, $row]) {
            foreach ($sentences as $sentence) {
                if (isset($found[$id]) || preg_match($folded, Fold::name($sentence)) !== 1) {
                    continue;
                }
                $found[$id] = Finding::of(
                    'label',
                    $row->oneOf('severity', Severity::class),
                    "bottle.finding.$id",
                    $row->bool('quotes') ? ['quoted' => self::quoted($written, $sentence)] : [],
                    $row->string('basis'),
                    $row->string('sure'),
                );
            }
        }

        return $found;
    }

    /** The maker's words from where they begin to warn. */
    private static function quoted(string $pattern, string $sentence): string
    {
        $words = preg_match($pattern, $sentence, $match, PREG_OFFSET_CAPTURE) === 1 ? substr($sentence, $match[0][1]) : $sentence;
        $words = rtrim((string) preg_replace('/\s+/u', ' ', trim($words)), '.;! ');

        return mb_strlen($words) > self::QUOTED ? mb_substr($words, 0, self::QUOTED - 1).'…' : $words;
    }

    /** @return list<array{string, string, string, Row}> */
    private function rows(): array
    {
        return $this->rows ??= array_values(
            array_map(
                static fn (Row $row): array => [
                    $row->string('id'),
                    $row->has('pattern') ? '/'.$row->string('pattern').'/u' : Words::pattern($row->strings('any')),
                    $row->has('pattern') ? '/'.$row->string('pattern').'/ui' : '/(?:'.Words::written($row->strings('any')).')/ui',
                    $row,
                ],
                $this->bottleContents->rows('warnings'),
            ),
        );
    }
}

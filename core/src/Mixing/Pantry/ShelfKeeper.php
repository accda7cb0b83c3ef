<?php

declare(strict_types=1);

namespace Nebbia\Core\Mixing\Pantry;

use DateTimeImmutable;
use Nebbia\Core\Data\Finding;
use Nebbia\Core\Data\Severity;
use Nebbia\Core\Data\Table;

/** What is to be said of a bottle on the shelf: past its date, long open, of unknown strength, nearly empty. */
final readonly class ShelfKeeper
{
    /** Groups whose strength decides everything and is on few labels. */
    private const STRENGTH_MATTERS = ['soap', 'soap-solid', 'peroxide', 'acid', 'alcohol'];

    private const NEARLY_EMPTY = 0.15;

    public function __construct(private Table $shelf) {}

    /** @return list<Finding> */
    public function look(Product $product, DateTimeImmutable $today): array
    {
        return [
            ...$this->pastIts($product, $today),
            ...$this->opened($product, $today),
            ...$this->strength($product),
            ...$this->rest($product),
        ];
    }

    /** @return list<Finding> */
    private function pastIts(Product $product, DateTimeImmutable $today): array
    {
        $days = $product->bestBefore === null ? 0 : self::days($today, $product->bestBefore);

        return $days >= 0
            ? []
            : [$this->finding($product, Severity::Caution, 'shelf.past', ['days' => -$days], 'established guidance', 'medium')];
    }

    /** @return list<Finding> */
    private function opened(Product $product, DateTimeImmutable $today): array
    {
        if ($product->openedOn === null) {
            return [];
        }
        $days = self::days($product->openedOn, $today);
        foreach ($this->shelf->rows() as $row) {
            $limit = $row->row('opened_days');
            if (in_array($product->ingredient->id, $row->strings('ingredients'), true) && $days > $limit->float('likely')) {
                $id = $row->string('id');

                return [
                    $this->finding(
                        $product,
                        Severity::Notice,
                        "shelf.$id",
                        ['days' => $days],
                        $limit->string('basis'),
                        $limit->string('sure'),
                    ),
                ];
            }
        }

        return [];
    }

    /** @return list<Finding> */
    private function strength(Product $product): array
    {
        $isMissing = $product->stated === null && in_array($product->ingredient->group, self::STRENGTH_MATTERS, true);

        return $isMissing
            ? [
                $this->finding(
                    $product,
                    Severity::Notice,
                    'shelf.no-strength',
                    [
                        'low' => $product->ingredient->usual->low,
                        'high' => $product->ingredient->usual->high,
                    ],
                    $product->ingredient->usualBasis,
                    $product->ingredient->usualSure,
                ),
            ]
            : [];
    }

    /** @return list<Finding> */
    private function rest(Product $product): array
    {
        if ($product->left === null || $product->size === null || $product->left > self::NEARLY_EMPTY * $product->size) {
            return [];
        }

        return [
            $this->finding(
                $product,
                Severity::Notice,
                $product->left > 0.0 ? 'shelf.nearly-empty' : 'shelf.empty',
                [],
                'definition',
                'high',
            ),
        ];
    }

    /** Calendar days from one to the other: a date has no hour and no zone. */
    private static function days(DateTimeImmutable $from, DateTimeImmutable $to): int
    {
        [$year, $month, $day] = array_map(intval(...), explode('-', $from->format('Y-n-j')));

        return (int) $to->setDate($year, $month, $day)->setTime(0, 0)->diff($to->setTime(0, 0))->format('%r%a');
    }

    /** @param  array<string, string|int|float>  $params */
    private function finding(Product $product, Severity $severity, string $key, array $params, string $basis, string $sure): Finding
    {
        return Finding::of('shelf', $severity, $key, ['name' => $product->name] + $params, $basis, $sure);
    }
}

<?php

declare(strict_types=1);

namespace Nebbia\Core\Making\Soap;

use Nebbia\Core\Data\Interval;
use Nebbia\Core\Data\Row;
use Nebbia\Core\Substance\Density;

/** An oil or fat, and how much alkali it takes. */
final readonly class Oil
{
    private function __construct(
        public string $id,
        public string $name,
        /** g of pure potassium hydroxide for each g; zero for what is no fat. */
        public Interval $koh,
        /** g/mL; null for what is solid in the kitchen, and is weighed. */
        public ?Interval $density,
        /** triglyceride, acid or wax. */
        public string $sort,
        public string $basis,
        public string $sure,
    ) {}

    public static function fromRow(Row $row): self
    {
        $koh = $row->has('koh') ? $row->row('koh') : null;

        return new self(
            $row->string('id'), $row->string('name'), $koh?->interval() ?? Interval::zero(),
            $row->has('density') && ! $row->bool('weigh') ? Density::fromRow($row->row('density'))->at(0.0) : null,
            $row->string('glycerol', 'triglyceride'), $koh?->string('basis') ?? 'physical constant', $koh?->string('sure') ?? 'high',
        );
    }

    public function isInert(): bool
    {
        return $this->koh->likely <= 0.0;
    }
}

<?php

declare(strict_types=1);

namespace Nebbia\Core\Reading\Label\Contents;

use Nebbia\Core\Data\Row;

/** One row of core/data/bottle-contents.yaml: by what a bottle is known, and what it then is. */
final readonly class ContentsRow
{
    /**
     * @param  list<string>  $also  patterns of which each must fit somewhere on the label
     * @param  list<string>  $warns  bottle.finding.…
     */
    private function __construct(
        public string $id,
        public string $ingredient,
        public string $use,
        public array $warns,
        /** It is that, whatever soap or detergent is in it besides. */
        public bool $decides,
        /** It is that beside a detergent too, where most of it is. */
        public bool $isMostly,
        /** What it is sold as, not what is in it. */
        public bool $isProduct,
        public bool $isDetergent,
        /** Whether a strength on a label is one in the pantry's sense. */
        public bool $isMeasured,
        public string $any,
        public array $also,
        public ?string $without,
        /** Fits a sentence that gives the strength of it. */
        public ?string $told,
        /** From this strength on, in the ingredient's own percent, `strongWarns` is said too. */
        public ?float $strongFrom,
        public ?string $strongWarns,
    ) {}

    public static function fromRow(Row $row): self
    {
        $over = $row->has('over') ? $row->row('over') : null;

        return new self(
            $row->string('id'),
            $row->string('ingredient'),
            $row->string('use'),
            $row->has('warns') ? $row->strings('warns') : [],
            $row->bool('decides'),
            $row->bool('mostly'),
            $row->bool('product'),
            $row->bool('detergent'),
            ! $row->bool('no_strength'),
            Words::pattern($row->strings('any')),
            $row->has('also') ? array_map(Words::pattern(...), $row->stringLists('also')) : [],
            $row->has('without') ? Words::pattern($row->strings('without')) : null,
            $row->has('told') ? Words::pattern($row->strings('told')) : null,
            $over?->float('strength'),
            $over?->string('warns'),
        );
    }

    /** Whether what must stand on the label besides does, and what may not does not. */
    public function suits(string $label): bool
    {
        foreach ($this->also as $pattern) {
            if (preg_match($pattern, $label) !== 1) {
                return false;
            }
        }

        return $this->without === null || preg_match($this->without, $label) !== 1;
    }
}

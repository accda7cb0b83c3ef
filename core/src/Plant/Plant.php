<?php

declare(strict_types=1);

namespace Nebbia\Core\Plant;

use Nebbia\Core\Knowledge\Row;

/**
 * A kind of plant, and how it stands sprays.
 */
final readonly class Plant
{
    /**
     * @param  list<string>  $sensitiveTo  lists of sensitive plants it stands in outright
     * @param  array<string, string>  $notedFor  lists that name some of its kind, or a part of it: list => which
     */
    private function __construct(
        public string $id,
        public string $name,
        public string $botanical,
        public string $family,
        public SensitivityGroup $usualGroup,
        public array $sensitiveTo,
        public array $notedFor,
        public string $basis,
        public string $sure,
    ) {}

    public static function fromRow(Row $row): self
    {
        return new self(
            $row->string('id'),
            $row->string('name'),
            $row->string('botanical'),
            $row->string('family'),
            SensitivityGroup::from($row->string('group')),
            $row->strings('sensitive_to'),
            $row->stringMap('noted_for'),
            $row->string('basis'),
            $row->string('sure'),
        );
    }

    /** In which group it stands for substances that are listed so. */
    public function groupFor(?string $list): SensitivityGroup
    {
        return $list !== null && in_array($list, $this->sensitiveTo, true) ? SensitivityGroup::Sensitive : $this->usualGroup;
    }
}

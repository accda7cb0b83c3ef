<?php

declare(strict_types=1);

namespace Nebbia\Core\Plant;

use Nebbia\Core\Data\Row;

/**
 * A kind of plant, and how it stands sprays. What its own row leaves out it has from its family, and else from its habit.
 */
final readonly class Plant
{
    /**
     * @param  string  $habit  how it grows: vegetable, houseplant ...
     * @param  string|null  $eaten  what is harvested: leaf, fruit, root, seed, flower, stem; null where nothing is
     * @param  list<string>  $sensitiveTo  lists of sensitive plants it stands in outright
     * @param  array<string, string>  $notedFor  lists that name some of its kind, or a part of it: list => which
     * @param  bool  $nightBreathing  its pores open after dusk (CAM)
     */
    private function __construct(
        public string $id,
        public string $name,
        public string $botanical,
        public string $family,
        public string $habit,
        public ?string $eaten,
        public LeafSurface $surface,
        public SensitivityGroup $usualGroup,
        public array $sensitiveTo,
        public array $notedFor,
        public bool $nightBreathing,
        public string $basis,
        public string $sure,
        /** A kind of kinds, or a kin of what is known: what is not known of it counts as sensitive. */
        public bool $isGeneric = false,
        /** Woody, and without a leaf while it is dormant. */
        public bool $isBareInWinter = false,
    ) {}

    /** @param  list<Row>  $above  its family's row where there is one, then its habit's */
    public static function fromRow(Row $row, array $above): self
    {
        $all = [$row, ...$above];
        $from = static function (string $key) use ($all): ?Row {
            foreach ($all as $one) {
                if ($one->has($key)) {
                    return $one;
                }
            }

            return null;
        };
        // The ground of what it says on sprays, which is where that is said.
        $ground = $row->has('basis') ? $row : ($from('sensitive_to') ?? $from('noted_for') ?? $from('basis') ?? $row);

        return new self(
            $row->string('id'),
            $row->string('name'),
            $row->bool('generic') ? '' : $row->string('botanical'),
            $row->string('family', $row->bool('generic') ? '' : null),
            $row->string('habit'),
            $row->has('eaten') ? $row->string('eaten') : null,
            ($from('surface') ?? $row)->oneOf('surface', LeafSurface::class),
            ($from('group') ?? $row)->oneOf('group', SensitivityGroup::class),
            ($from('sensitive_to') ?? $row)->strings('sensitive_to'),
            ($from('noted_for') ?? $row)->stringMap('noted_for'),
            ($from('night_breathing') ?? $row)->bool('night_breathing'),
            $ground->string('basis'),
            $ground->string('sure'),
            $row->bool('generic'),
            ($from('bare_in_winter') ?? $row)->bool('bare_in_winter'),
        );
    }

    /** The same by the name that somebody gives it. */
    public function called(string $name): self
    {
        return $this->changed($name, $this->usualGroup, $this->isGeneric);
    }

    /** Something near it, of which only the kin is known: it counts as sensitive. */
    public function kinCalled(string $name): self
    {
        return $this->changed($name, SensitivityGroup::Sensitive, true);
    }

    private function changed(string $name, SensitivityGroup $group, bool $isGeneric): self
    {
        return new self(
            $this->id,
            $name,
            $this->botanical,
            $this->family,
            $this->habit,
            $this->eaten,
            $this->surface,
            $group,
            $this->sensitiveTo,
            $this->notedFor,
            $this->nightBreathing,
            $this->basis,
            $this->sure,
            $isGeneric,
            $this->isBareInWinter,
        );
    }

    /** In which group it stands for substances that are listed so. */
    public function groupFor(?string $list): SensitivityGroup
    {
        return $list !== null && in_array($list, $this->sensitiveTo, true) ? SensitivityGroup::Sensitive : $this->usualGroup;
    }

    public function hatesLime(): bool
    {
        return in_array('lime-hating', $this->sensitiveTo, true);
    }
}

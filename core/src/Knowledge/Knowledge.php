<?php

declare(strict_types=1);

namespace Nebbia\Core\Knowledge;

use Nebbia\Core\Compatibility\Pairs;
use Nebbia\Core\Diagnosis\Likelihoods;
use Nebbia\Core\Diagnosis\Sign;
use Nebbia\Core\Ingredient\Content;
use Nebbia\Core\Ingredient\Ingredient;
use Nebbia\Core\Making\Kinds;
use Nebbia\Core\Measure\Interval;
use Nebbia\Core\Measure\KitchenSet;
use Nebbia\Core\Measure\Units;
use Nebbia\Core\Measure\UnitSystem;
use Nebbia\Core\Plant\Modifier;
use Nebbia\Core\Plant\Plant;
use Nebbia\Core\Remedy\Remedy;
use Nebbia\Core\Substance\Substance;
use Nebbia\Core\Tactic\Tactic;
use Nebbia\Core\Target\Target;
use Nebbia\Core\Tolerance\Limits;
use Nebbia\Core\Tolerance\Thresholds;

/**
 * What the computation knows, by id. Things are made when first asked for and shared from then on.
 */
final class Knowledge
{
    private ?Units $units = null;

    private ?Thresholds $thresholds = null;

    private ?Limits $limits = null;

    private ?Kinds $kinds = null;

    private ?Pairs $pairs = null;

    /** @var list<Modifier>|null */
    private ?array $modifiers = null;

    /** @var array<string, KitchenSet> */
    private array $kitchens = [];

    /** @var array<string, array<string, Row>> file => id => row */
    private array $indexed = [];

    /** @var array<string, Names> */
    private array $names = [];

    /** @var array<string, Substance> */
    private array $substances = [];

    /** @var array<string, Ingredient> */
    private array $ingredients = [];

    /** @var array<string, Plant> */
    private array $plants = [];

    /** @var array<string, Target> */
    private array $targets = [];

    /** @var array<string, Sign> */
    private array $signs = [];

    private ?Likelihoods $likelihoods = null;

    /** @var array<string, Tactic>|null */
    private ?array $tactics = null;

    /** @var array<string, Remedy>|null */
    private ?array $remedies = null;

    /** @var array<string, Interval> */
    private array $drops = [];

    private function __construct(private readonly Row $data) {}

    /** @param  array<string, mixed>  $data file name => its contents */
    public static function of(array $data): self
    {
        return new self(Row::of($data, 'core/data'));
    }

    public function units(): Units
    {
        return $this->units ??= Units::fromRow($this->data->row('units'));
    }

    public function kitchen(UnitSystem $system): KitchenSet
    {
        return $this->kitchens[$system->value] ??= KitchenSet::of($this->units(), $system);
    }

    public function thresholds(): Thresholds
    {
        return $this->thresholds ??= Thresholds::onLeaves($this);
    }

    public function pairs(): Pairs
    {
        return $this->pairs ??= new Pairs($this);
    }

    public function kinds(): Kinds
    {
        return $this->kinds ??= Kinds::from($this);
    }

    public function limits(): Limits
    {
        return $this->limits ??= new Limits($this);
    }

    /** mL of one drop of what drips so: watery, oily or thick. */
    public function drop(string $kind): Interval
    {
        return $this->drops[$kind] ??= $this->data->row('drops')->row($kind)->interval();
    }

    public function substance(string $id): Substance
    {
        return $this->substances[$id] ??= Substance::fromRow($this->row('substances', $id));
    }

    /** @throws UnknownName if there is no such ingredient by any name */
    public function ingredient(string $name): Ingredient
    {
        if (isset($this->ingredients[$name])) {
            return $this->ingredients[$name];
        }
        $id = $this->find('ingredients', $name) ?? throw UnknownName::ingredient($name, $this->names('ingredients')->nearest($name));
        $row = $this->row('ingredients', $id);
        $substance = $row->has('carries') ? $this->substance($row->row('carries')->string('substance')) : null;
        // Of a preparation, what else is in it: grams in 100 mL at its usual strength.
        $others = array_map(fn (Row $one): Content => Content::of($this->substance($one->string('substance')), $one->interval()->times(0.01)), array_values($row->rows('with')));

        return $this->ingredients[$id] ??= Ingredient::fromRow($row, $substance, $others);
    }

    /** @throws UnknownName if there is no such plant by any name */
    public function plant(string $name): Plant
    {
        $id = $this->find('plants', $name) ?? throw UnknownName::plant($name, $this->names('plants')->nearest($name));

        return $this->plants[$id] ??= $this->makePlant($this->row('plants', $id));
    }

    /** @throws UnknownName if there is no such sign */
    public function sign(string $id): Sign
    {
        return $this->signs[$id] ??= isset($this->index('signs')[$id])
            ? Sign::fromRow($this->row('signs', $id))
            : throw UnknownName::sign($id, $this->names('signs')->nearestId($id));
    }

    public function likelihoods(): Likelihoods
    {
        return $this->likelihoods ??= Likelihoods::from($this);
    }

    /** @return array<string, Tactic> by id */
    public function tactics(): array
    {
        return $this->tactics ??= array_map(Tactic::fromRow(...), $this->index('tactics'));
    }

    /** @return array<string, Remedy> by id */
    public function remedies(): array
    {
        return $this->remedies ??= array_map(Remedy::fromRow(...), $this->index('remedies'));
    }

    /** @return list<Modifier> */
    public function modifiers(): array
    {
        return $this->modifiers ??= array_values(array_map(Modifier::fromRow(...), $this->rows('modifiers', 'rows')));
    }

    /** @throws UnknownName if there is no such target by any name */
    public function target(string $name): Target
    {
        $id = $this->find('targets', $name) ?? throw UnknownName::target($name, $this->names('targets')->nearest($name));

        return $this->targets[$id] ??= Target::fromRow($this->row('targets', $id));
    }

    /** The id of a target by any of its names, or null. */
    public function knownTarget(string $name): ?string
    {
        return $this->find('targets', $name);
    }

    /** @return list<string> ids of a file's rows, in its order */
    public function ids(string $file): array
    {
        return array_keys($this->index($file));
    }

    /** @return array<string, Row> rows of a table that is a plain list, or the named part of a file */
    public function rows(string $file, ?string $part = null): array
    {
        return $part === null ? $this->data->rows($file) : $this->data->row($file)->rows($part);
    }

    public function section(string $file, string $part): Row
    {
        return $this->data->row($file)->row($part);
    }

    public function file(string $file): Row
    {
        return $this->data->row($file);
    }

    /** Ids by every name that people use, of a file whose rows have names. */
    public function namesOf(string $file): Names
    {
        return $this->names($file);
    }

    /** @return array<string, string> */
    public function sentences(string $language): array
    {
        return $this->data->stringMap("messages.$language");
    }

    /** By id, which is what programs give, or else by any name; the list of all names is made only for the latter. */
    private function find(string $file, string $name): ?string
    {
        return isset($this->index($file)[$name]) ? $name : $this->names($file)->find($name);
    }

    private function makePlant(Row $row): Plant
    {
        $above = [$this->row('plant-habits', $row->string('habit'))];
        $family = $this->index('plant-families')[$row->string('family')] ?? null;

        return Plant::fromRow($row, $family === null ? $above : [$family, ...$above]);
    }

    private function names(string $file): Names
    {
        return $this->names[$file] ??= Names::of(array_values($this->index($file)));
    }

    private function row(string $file, string $id): Row
    {
        return $this->index($file)[$id] ?? throw BrokenData::lacks($id, $file);
    }

    /** @return array<string, Row> */
    private function index(string $file): array
    {
        if (! isset($this->indexed[$file])) {
            $this->indexed[$file] = [];
            foreach ($this->data->rows($file) as $row) {
                $this->indexed[$file][$row->string('id')] = $row;
            }
        }

        return $this->indexed[$file];
    }
}

<?php

declare(strict_types=1);

namespace Nebbia\Core\Nebbia;

use LogicException;
use Nebbia\Core\Data\BrokenData;
use Nebbia\Core\Data\Sentence\Catalogue;
use Nebbia\Core\Data\Table;
use Nebbia\Core\Instructions\Steps\StepPlanner;
use Nebbia\Core\Judgement\Judge;
use Nebbia\Core\Pest\Decision\Decider;
use ReflectionClass;
use ReflectionMethod;
use ReflectionNamedType;
use ReflectionParameter;

/**
 * The only place that knows all of core: builds each part, once, from what it asks for and from its own tables.
 *
 * A part says in its constructor, or in a static `from`, what it needs: another part by its class, or a table of core/data by the
 * name of the parameter (`Table $bottleNames` is bottle-names.yaml). What has a default is left at it.
 */
final class Nebbia
{
    /** Parts that are made of a list of rules, each built in turn. */
    private const LISTS = [Judge::class => Judge::RULES, StepPlanner::class => StepPlanner::RULES, Decider::class => Decider::RULES];

    /** @var array<string, Table> */
    private array $tables = [];

    /** @var array<string, object> */
    private array $made = [];

    /** @param  array<string, mixed>  $data  file name => its contents */
    private function __construct(private readonly array $data, private readonly string $language) {}

    /** @param  array<string, mixed>  $data  file name => its contents; sentences under `messages.<language>` */
    public static function of(array $data, string $language = 'en'): self
    {
        return new self($data, $language);
    }

    /**
     * @template T of object
     *
     * @param  class-string<T>  $part
     * @return T the same each time
     *
     * @throws LogicException if it cannot be built
     */
    public function get(string $part): object
    {
        $made = $this->made[$part] ??= $part === Catalogue::class ? $this->catalogue() : $this->build($part);

        return $made instanceof $part ? $made : throw new LogicException("$part is not what was built for it.");
    }

    /** @throws BrokenData if there is no such file */
    public function table(string $name): Table
    {
        return $this->tables[$name] ??= Table::of($name, $this->data[$name] ?? throw BrokenData::lacks($name, 'core/data'));
    }

    /** @param  class-string  $part */
    private function build(string $part): object
    {
        $class = new ReflectionClass($part);
        $maker = $class->getConstructor();
        if ($maker !== null && ! $maker->isPublic()) {
            $maker = $class->hasMethod('from') ? $class->getMethod('from') : throw new LogicException("$part is made by others.");
        }
        $needed = $maker === null ? [] : $this->needed($maker, $part);
        $made = $maker === null || $maker->isConstructor() ? $class->newInstanceArgs($needed) : $maker->invokeArgs(null, $needed);

        return is_object($made) ? $made : throw new LogicException("$part::from gives nothing.");
    }

    /**
     * @param  class-string  $part
     * @return list<mixed>
     */
    private function needed(ReflectionMethod $maker, string $part): array
    {
        $needed = [];
        foreach ($maker->getParameters() as $parameter) {
            if ($parameter->isDefaultValueAvailable()) {
                break;
            }
            $needed[] =
                $parameter->getName() === 'rules' ? array_map($this->get(...), self::LISTS[$part] ?? []) : $this->one($parameter, $part);
        }

        return $needed;
    }

    private function one(ReflectionParameter $parameter, string $part): object
    {
        $type = $parameter->getType();
        $name = $type instanceof ReflectionNamedType ? $type->getName() : '';
        if ($name === Table::class) {
            return $this->table(strtolower((string) preg_replace('/[A-Z]/', '-$0', $parameter->getName())));
        }

        return class_exists($name)
            ? $this->get($name)
            : throw new LogicException("$part wants a {$parameter->getName()} that nobody builds.");
    }

    private function catalogue(): Catalogue
    {
        $sentences = [];
        foreach (
            is_array($this->data["messages.$this->language"] ?? null) ? $this->data["messages.$this->language"] : [] as $key => $sentence
        ) {
            $sentences[(string) $key] = is_scalar($sentence) ? (string) $sentence : '';
        }

        return Catalogue::of($this->language, $sentences);
    }
}

<?php

declare(strict_types=1);

namespace Nebbia\Core\Measure\Tool;

use Nebbia\Core\Measure\UnitSystem;

/** All that the gardener measures with, how near is near enough, and whose words the tools are spoken of in. */
final readonly class Kit
{
    /** A twentieth: finer than bottles are alike, coarser than any spoon. */
    public const USUAL_WITHIN = 0.05;

    /** @param  list<Tool>  $tools */
    private function __construct(
        public array $tools,
        public float $within,
        public UnitSystem $system,
    ) {}

    /**
     * @param  list<Tool>  $tools
     * @param  float  $within  the error that is accepted, as a part of the dose
     */
    public static function of(array $tools, float $within = self::USUAL_WITHIN, UnitSystem $system = UnitSystem::Metric): self
    {
        return new self($tools, $within, $system);
    }

    public function isEmpty(): bool
    {
        return $this->tools === [];
    }

    /** @return list<Tool> of that kind, the largest first */
    public function all(ToolKind $kind): array
    {
        $tools = array_values(array_filter($this->tools, static fn (Tool $tool): bool => $tool->kind === $kind));
        usort($tools, static fn (Tool $a, Tool $b): int => $b->size <=> $a->size);

        return $tools;
    }
}

<?php

declare(strict_types=1);

namespace Nebbia\Core\Judgement;

use Nebbia\Core\Formulation\Mix;
use Nebbia\Core\Plant\Plant;
use Nebbia\Core\Plant\SensitivityGroup;
use Nebbia\Core\Plant\Stage;

/** What is judged: a mix, the plant it is for, and all that is known beside. */
final readonly class Situation
{
    private function __construct(
        public Mix $mix,
        public ?Plant $plant,
        public Circumstances $circumstances,
    ) {}

    public static function of(Mix $mix, ?Plant $plant = null, Stage|Circumstances|null $circumstances = null): self
    {
        return new self($mix, $plant, $circumstances instanceof Circumstances ? $circumstances : new Circumstances($circumstances));
    }

    /** The same situation once the mix has its findings. */
    public function with(Mix $mix): self
    {
        return new self($mix, $this->plant, $this->circumstances);
    }

    /** Without a plant the mix is held against an ordinary one. */
    public function groupFor(?string $list): SensitivityGroup
    {
        return $this->plant?->groupFor($list) ?? SensitivityGroup::Ordinary;
    }

    public function plantName(): string
    {
        return $this->plant->name ?? 'an ordinary plant';
    }
}

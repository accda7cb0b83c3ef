<?php

declare(strict_types=1);

namespace Nebbia\Core\Judgement;

use Nebbia\Core\Chemistry\Aftermath;
use Nebbia\Core\Data\Sentence\Message;
use Nebbia\Core\Mixing\Mix;
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
        /** What the mix becomes; null where nothing in it reacts, or before that was worked out. */
        public ?Aftermath $aftermath = null,
    ) {}

    public static function of(Mix $mix, ?Plant $plant = null, Stage|Circumstances|null $circumstances = null): self
    {
        return new self($mix, $plant, $circumstances instanceof Circumstances ? $circumstances : new Circumstances($circumstances));
    }

    /** The same, once it is known what the mix becomes. */
    public function after(?Aftermath $aftermath): self
    {
        return new self($this->mix, $this->plant, $this->circumstances, $aftermath);
    }

    /** Without a plant the mix is held against an ordinary one. */
    public function groupFor(?string $list): SensitivityGroup
    {
        return $this->plant?->groupFor($list) ?? SensitivityGroup::Ordinary;
    }

    /** Wood without a green leaf; without a plant what is dormant is taken to be that. */
    public function isBareWood(): bool
    {
        return $this->circumstances->stage === Stage::Dormant && ($this->plant->isBareInWinter ?? true);
    }

    /** Said of it; without a plant an ordinary one is meant. */
    public function plantName(): string|Message
    {
        return $this->plant->name ?? Message::of('plant.ordinary');
    }
}

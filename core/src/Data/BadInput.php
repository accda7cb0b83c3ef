<?php

declare(strict_types=1);

namespace Nebbia\Core\Data;

use InvalidArgumentException;
use Nebbia\Core\Data\Sentence\Message;

/**
 * Something the gardener gave cannot be used. It knows which field it was, what is wrong and how to mend it.
 *
 * Each kind of failure is a subclass with factories that write the message.
 */
abstract class BadInput extends InvalidArgumentException
{
    private string $field = '';

    final protected function __construct(public readonly Message $said)
    {
        parent::__construct($said->key);
    }

    /** Dotted path of the field, as in `ingredients.0.amount`; empty where it is not known yet. */
    public function field(): string
    {
        return $this->field;
    }

    /** Names the field, unless a deeper place has named it already. */
    public function at(string $field): static
    {
        if ($this->field === '') {
            $this->field = $field;
        }

        return $this;
    }

    /** The field by the name that whoever gave it knows it by: an option of a command, say. */
    public function renamed(string $field): static
    {
        $this->field = $field;

        return $this;
    }

    /** Puts the field below another: `base.amount` under `recipe` is `recipe.base.amount`. */
    public function under(string $parent): static
    {
        $this->field = $this->field === '' ? $parent : "$parent.$this->field";

        return $this;
    }
}

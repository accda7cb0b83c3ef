<?php

declare(strict_types=1);

namespace Nebbia\Core\Reading\Label\Contents;

use Nebbia\Core\Data\Sentence\Message;
use Nebbia\Core\Reading\Label\Fold;
use Nebbia\Core\Reading\Label\Part;
use Nebbia\Core\Reading\Label\PartClass;
use Nebbia\Core\Substance\Ingredient;

/** What a bottle is, as the pantry would have it. */
final readonly class Contents
{
    private const CLASSES = [
        'alcohol' => PartClass::Solvent,
        'acid' => PartClass::Acid,
        'peroxide' => PartClass::Oxidiser,
        'oil' => PartClass::Oil,
        'salt' => PartClass::Salt,
        'extract' => PartClass::Plant,
    ];

    /** @param  list<string>  $warns  bottle.finding.…, of what it is */
    private function __construct(
        public Ingredient $ingredient,
        /** As a bottle in the pantry says it; null where the label does not, or where it says nothing of what acts. */
        public ?string $strength,
        /** What it is good for here. */
        public Message $use,
        public array $warns,
        /** Sold as something that washes with synthetic surfactants: words of the label that say so. */
        public ?string $soldAs,
        /** The piece of the label that tells it. */
        private string $told,
    ) {}

    /** @param  list<string>  $warns */
    public static function of(
        Ingredient $ingredient,
        ?string $strength,
        string $use,
        array $warns,
        string $told = '',
        ?string $soldAs = null,
    ): self {
        return new self($ingredient, $strength, Message::of("bottle.use.$use"), $warns, $soldAs, Fold::name($told));
    }

    /**
     * A part that no list of names knows is known by what the bottle is.
     *
     * @param  list<Part>  $parts
     * @return list<Part>
     */
    public function names(array $parts): array
    {
        return array_map(
            fn (Part $part): Part => $part->class === PartClass::Unknown && str_contains($this->told, Fold::name($part->text))
                ? $part->taken($this->ingredient->name, self::CLASSES[$this->ingredient->group] ?? PartClass::Active)
                : $part,
            $parts,
        );
    }
}

<?php

declare(strict_types=1);

namespace Nebbia\Core\Reading\Label;

use Nebbia\Core\Data\Sentence\Message;

/** What a part of a bottle's contents is. */
enum PartClass: string
{
    case Soap = 'soap';
    /** A synthetic surfactant. */
    case Detergent = 'detergent';
    /** A surfactant of a kind that the label does not say. */
    case Surfactant = 'surfactant';
    case Solvent = 'solvent';
    case Acid = 'acid';
    case Alkali = 'alkali';
    case Oxidiser = 'oxidiser';
    case Biocide = 'biocide';
    case Perfume = 'perfume';
    case Dye = 'dye';
    case Salt = 'salt';
    case Thickener = 'thickener';
    /** Softens water, cloth or skin. */
    case Softener = 'softener';
    case Oil = 'oil';
    case Water = 'water';
    case Plant = 'plant';
    case Additive = 'additive';
    case Unknown = 'unknown';
    /** What the bottle is bought for, where that is none of the above. */
    case Active = 'active';
    /** What it is sold as. */
    case Product = 'product';
    /** Said not to be in it. */
    case Absent = 'absent';
    /** What the maker tells one to do. */
    case Advice = 'advice';

    /** Whether it is something in the bottle. */
    public function isInIt(): bool
    {
        return ! in_array($this, [self::Product, self::Absent, self::Advice], true);
    }

    public function name(): Message
    {
        return Message::of("bottle.class.$this->value.name");
    }

    /** What it means for leaves, bees, soil or pond. */
    public function meansFor(string $whom): Message
    {
        return Message::of("bottle.class.$this->value.$whom");
    }
}

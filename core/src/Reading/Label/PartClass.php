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

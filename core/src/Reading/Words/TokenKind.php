<?php

declare(strict_types=1);

namespace Nebbia\Core\Reading\Words;

/** What a stretch of a paragraph is taken for. */
enum TokenKind
{
    case Amount;
    /** "per litre": one of a volume, as a rate. */
    case Rate;
    case Percent;
    case Ratio;
    /** "10 volumes", "140 proof". */
    case Strength;
    case Number;
    case Ingredient;
    case Water;
    /** Soap or alcohol, without saying which. */
    case Unnamed;
    case Target;
    /** A plant that is spoken of, and does not go in. */
    case Plant;
    case Use;
    case Repeat;
    /** "Every 5 to 7 days": its middle. */
    case RepeatRange;
    case Times;
    /** "10 minutes", "overnight". */
    case Duration;
    case Final;
    case Part;
    case Half;
    case Container;
    /** "2 tbsp each of": an amount of all that are named. */
    case Each;
    /** "this mix": what was made before. */
    case Stock;
    case Stirred;
    case Not;
    case Of;
    case Per;
    case In;
    case And;
    case Stop;
    case Comma;
    case Mark;
    case Word;
}

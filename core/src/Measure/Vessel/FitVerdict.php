<?php

declare(strict_types=1);

namespace Nebbia\Core\Measure\Vessel;

enum FitVerdict: string
{
    case Fits = 'fits';
    /** It goes in, but takes the air that the pump and the foam need. */
    case TakesTheAir = 'takes-the-air';
    case Overflows = 'overflows';
    /** So little that the sprayer draws air. */
    case TooLittle = 'too-little';
}

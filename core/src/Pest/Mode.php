<?php

declare(strict_types=1);

namespace Nebbia\Core\Pest;

/** How a family of sprays acts. */
enum Mode: string
{
    case Contact = 'contact';
    case Smothering = 'smothering';
    case Desiccating = 'desiccating';
    case Oxidising = 'oxidising';
    case Alkaline = 'alkaline';
    case Repellent = 'repellent';
    case InducingResistance = 'inducing-resistance';
    case Eaten = 'eaten';
}

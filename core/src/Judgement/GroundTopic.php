<?php

declare(strict_types=1);

namespace Nebbia\Core\Judgement;

/** Where a rule stands on the page that says why. */
enum GroundTopic: string
{
    case Leaves = 'leaves';
    case Conditions = 'conditions';
    case Hours = 'hours';
    case Pairs = 'pairs';
    case Bottle = 'bottle';
    case People = 'people';
    case Soil = 'soil';
    case Claims = 'claims';
    case Makings = 'makings';
    case Measures = 'measures';
}

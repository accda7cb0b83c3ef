<?php

declare(strict_types=1);

namespace Nebbia\Core\Measure;

/** What a unit measures, and so what it may stand for. */
enum UnitKind: string
{
    /** Factor in mL. */
    case Volume = 'volume';
    /** Factor in g. */
    case Mass = 'mass';
    /** Whole things: cloves, heads, tablets. What one weighs is said by the ingredient. */
    case Count = 'count';
    /** A rough mass that the ingredient decides: a handful. */
    case Piece = 'piece';
    /** One part to n parts of base as poured: the number is parts per part of base. */
    case PerBase = 'per-base';
    /** One part in n of the finished spray: the number is parts per part of the whole. */
    case PerFinal = 'per-final';
    /** Wanted final strength of the ingredient's main substance; the number is g/mL, or mL/mL for by-volume. */
    case Strength = 'strength';
}

<?php

declare(strict_types=1);

namespace Nebbia\Core\Pest;

/** What a family of sprays is worth against one target. */
final readonly class Pairing
{
    /**
     * @param  bool  $asPrevention  it must be there before; else it acts on what is there
     * @param  list<string>  $stages  which it reaches where that is less than all
     */
    public function __construct(public Evidence $evidence, public bool $asPrevention, public array $stages) {}
}

<?php

declare(strict_types=1);

namespace Nebbia\Core\Judgement;

/** What plant and sprayer had before. */
final readonly class History
{
    /**
     * @param  array<string, float>  $daysSince  substance => days since the plant last had it
     * @param  int  $inARow  how often it has been sprayed with soap or oil since the last rinse, rain or two weeks of rest
     * @param  int  $thisSeason  how often it has been sprayed this year
     * @param  list<string>  $held  substances that the sprayer held last
     * @param  bool|null  $rinsed  the sprayer has been rinsed since; null where nobody says
     * @param  bool  $washed  rain or a rinse has gone over the plant since
     */
    public function __construct(
        public array $daysSince = [],
        public int $inARow = 0,
        public int $thisSeason = 0,
        public array $held = [],
        public ?bool $rinsed = null,
        public bool $washed = false,
    ) {}
}

<?php

declare(strict_types=1);

namespace Nebbia\Core\Instructions\Rescue;

use Nebbia\Core\Mixing\Mix;

/** What has really gone into a vessel so far. */
final readonly class RescueContent
{
    /** @param  array<int, float>  $lines  position of a line => mL poured, or g of what is not */
    private function __construct(
        public float $baseMl,
        public array $lines,
    ) {}

    /**
     * @param  float  $baseMl  mL of the base that are in
     * @param  list<int>  $in  lines that went in as planned
     * @param  array<int, float>  $really  lines of which something else went in: mL poured, or g of what is not
     *
     * @throws RescueException naming `in`, `line`, `put` or `base`
     */
    public static function of(Mix $mix, float $baseMl, array $in, array $really = []): self
    {
        $lines = [];
        foreach ($in as $line) {
            $lines[$line] = self::planned($mix, $line);
        }
        foreach ($really as $line => $amount) {
            self::planned($mix, $line);
            $lines[$line] = $amount > 0.0 ? $amount : throw RescueException::notPositive('put');
        }
        if ($baseMl < 0.0) {
            throw RescueException::notPositive('base');
        }
        if ($baseMl <= 0.0 && $lines === []) {
            throw RescueException::nothingIn();
        }

        return new self($baseMl, $lines);
    }

    /** mL poured, or g of what is not, of a line as it was worked out. */
    public static function planned(Mix $mix, int $line): float
    {
        $worked = $mix->lines[$line] ?? throw RescueException::noSuchLine('line');

        return ($worked->line->isPoured() ? $worked->volumeMl : $worked->massG) ?? 0.0;
    }

    public function volumeMl(Mix $mix): float
    {
        $volume = $this->baseMl;
        foreach ($this->lines as $line => $amount) {
            $volume += $mix->lines[$line]->line->isPoured() ? $amount : 0.0;
        }

        return $volume;
    }
}

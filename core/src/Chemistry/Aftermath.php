<?php

declare(strict_types=1);

namespace Nebbia\Core\Chemistry;

use Nebbia\Core\Data\Interval;
use Nebbia\Core\Data\Sentence\Message;

/** What is in the bottle once everything has reacted. */
final readonly class Aftermath
{
    private const SOAPS = ['potassium-soap', 'sodium-soap'];

    /**
     * @param  array<string, Interval>  $before  substance => g per 100 mL as added, of those that chemistry follows
     * @param  array<string, Interval>  $left  the same, when it is over
     * @param  list<Made>  $made
     * @param  Interval|null  $ph  null where it cannot be told
     */
    private function __construct(
        public array $before,
        public array $left,
        public array $made,
        public ?Interval $ph,
        /** pH of the closed bottle, with the gas still in it; null where it is not told or no gas is set free. */
        public ?float $phFresh,
        /** meq/L of hydroxide that would bring it to pH 7; 0 where it is not acid. */
        public float $acidity,
        /** mol/L of carbon dioxide set free. */
        public float $carbonDioxide,
        /** mol/L of oxygen, were all peroxide to break down. */
        public float $oxygen,
        /** Why no pH is given. */
        public ?Message $whyNoPh,
        /** g per 100 mL of soap that the hardness of the water takes. */
        public Interval $soapToWater,
        /** pH of all but what nothing is known of, where that is why none is given. */
        public ?float $phOfTheRest = null,
    ) {}

    /**
     * @param  array<string, Interval>  $before
     * @param  array<string, Interval>  $left
     * @param  list<Made>  $made
     */
    public static function of(
        array $before, array $left, array $made, ?Interval $ph, ?float $phFresh, float $acidity, float $carbonDioxide, float $oxygen,
        ?Message $whyNoPh, Interval $soapToWater, ?float $phOfTheRest = null,
    ): self {
        return new self(
            $before, $left, $made, $ph, $phFresh, $acidity, $carbonDioxide, $oxygen, $whyNoPh, $soapToWater, $phOfTheRest,
        );
    }

    /** Part of a substance that is gone, 0 to 1, by the likely amounts. */
    public function lost(string $substance): float
    {
        $before = $this->before[$substance]->likely ?? 0.0;

        return $before > 0.0 ? 1.0 - ($this->left[$substance]->likely ?? $before) / $before : 0.0;
    }

    /** The same without what the hardness of the water takes, which is seldom known. */
    public function lostToOthers(string $substance): float
    {
        $before = $this->before[$substance]->likely ?? 0.0;
        $toWater = in_array($substance, self::SOAPS, true) ? $this->soapToWater->likely : 0.0;

        return $before > 0.0 ? max(0.0, $this->lost($substance) - $toWater / $before) : 0.0;
    }

    public function changesAnything(): bool
    {
        return $this->made !== [];
    }
}

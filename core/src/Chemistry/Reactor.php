<?php

declare(strict_types=1);

namespace Nebbia\Core\Chemistry;

use Nebbia\Core\Data\Interval;
use Nebbia\Core\Data\Sentence\Message;
use Nebbia\Core\Mixing\Mix;
use Nebbia\Core\Substance\OwnIngredients;

/** Works out what a mix has become: what is left, what was made, and how acid it is. */
final readonly class Reactor
{
    public const CARBON_DIOXIDE = 44.0095;

    private const FATTY_ACID = 282.46;

    private const SOAP = 320.55;

    private const CARBONATE = 105.988;

    /** g of potassium hydroxide that a gram of an ordinary oil takes (sunflower, olive and the like 0.18 to 0.20). */
    private const SAPONIFICATION = 0.19;

    public const POTASSIUM_HYDROXIDE = 56.1056;

    /** g/mol of the sodium salt of an acid, for one proton of it. */
    private const SALTS = ['acetic-acid' => 82.034, 'citric-acid' => 86.02, 'acetylsalicylic-acid' => 202.14];

    private PhFinder $ph;

    public function __construct(private Reagents $reagents)
    {
        $this->ph = new PhFinder($this->reagents);
    }

    /** Null where nothing in it reacts, nor makes it acid or alkaline. */
    public function react(Mix $mix, Water $water): ?Aftermath
    {
        $before = [];
        foreach ($mix->strengths as $strength) {
            $id = $strength->substance->id;
            if (isset($this->reagents->all[$id]) && $strength->percentWv->likely > 0.0) {
                $before[$id] = $strength->percentWv;
            }
        }
        if ($before === []) {
            return null;
        }
        $share =
            $mix->recipe->liquid->group === 'water' && $mix->finalVolume->likely > 0.0
                ? min(1.0, $mix->baseMl / $mix->finalVolume->likely)
                : 0.0;
        $milk = $mix->strengthOf('milk')->percentVv->likely ?? 0.0;
        $calcium = $water->hardness->times($this->reagents->limeSoap)->times($share / Water::MG_PER_MMOL / 1000.0);
        $milkSoap = $this->reagents->milkSoap->times($milk / 100.0 / self::SOAP);
        $likely = $this->run($before, fn (Interval $one): float => $one->likely, $calcium->likely, $milkSoap->likely);
        $left = $this->left($before, $likely, $calcium, $milkSoap);
        $oxygen = 0.0;
        if (isset($before['hydrogen-peroxide'])) {
            $oxygen = $this->reagents->all['hydrogen-peroxide']->molar($before['hydrogen-peroxide']->likely) / 2.0;
            $left = $this->breakPeroxide($mix, $left);
        }
        $alkalinity = $water->alkalinity->times($share / Water::MG_PER_MEQ / 1000.0);
        $unknown = $this->unknown($mix);
        $found = $unknown === null ? $this->ph->find($before, $alkalinity, $calcium, $milkSoap) : null;
        // What nothing is known of makes nothing milder: the rest is judged by itself.
        $rest = $unknown !== null && $this->unknown($mix, OwnIngredients::SUBSTANCE) === null
            ? $this->ph->find($before, $alkalinity, $calcium, $milkSoap)
            : null;

        return Aftermath::of(
            $before,
            $left,
            [...$this->made($likely, $left, $before), ...$this->slowSoap($mix, $likely)],
            $found?->ph,
            $found?->fresh,
            ($found ?? $rest)->acidity ?? 0.0,
            $likely->carbonDioxide,
            $oxygen,
            $unknown,
            $this->soapToWater($before, $calcium),
            $rest?->ph->likely,
        );
    }

    /**
     * @param  array<string, Interval>  $before
     * @param  callable(Interval, string): float  $end  which end of each amount to take
     */
    private function run(array $before, callable $end, float $calcium, float $milkSoap): Reaction
    {
        $amounts = [];
        foreach ($before as $id => $percent) {
            $amounts[$id] = $this->reagents->all[$id]->molar($end($percent, $id));
        }

        return Reaction::of($amounts, $this->reagents, $calcium, $milkSoap);
    }

    /**
     * The least is left where there was least of it and most of all else, and the other way round.
     *
     * @param  array<string, Interval>  $before
     * @return array<string, Interval> g per 100 mL
     */
    private function left(array $before, Reaction $likely, Interval $calcium, Interval $milkSoap): array
    {
        $left = [];
        foreach ($likely->left as $id => $molar) {
            $reagent = $this->reagents->all[$id];
            $middle = $reagent->percent($molar);
            if (($before[$id]->likely ?? 0.0) === $middle && $calcium->high === 0.0) {
                $left[$id] = $before[$id];

                continue;
            }
            $least = $this->run(
                $before,
                static fn (Interval $one, string $of): float => $of === $id ? $one->low : $one->high,
                $calcium->high,
                $milkSoap->high,
            );
            $most = $this->run(
                $before,
                static fn (Interval $one, string $of): float => $of === $id ? $one->high : $one->low,
                $calcium->low,
                $milkSoap->low,
            );
            $left[$id] = Interval::of(
                min($middle, $reagent->percent($least->left[$id] ?? 0.0)),
                $middle,
                max($middle, $reagent->percent($most->left[$id] ?? 0.0)),
            );
        }

        return $left;
    }

    /**
     * @param  array<string, Interval>  $left
     * @return array<string, Interval>
     */
    private function breakPeroxide(Mix $mix, array $left): array
    {
        foreach ($this->reagents->breaksPeroxide as $substance) {
            if (($mix->strengthOf($substance)->percentWv->likely ?? 0.0) > 0.0) {
                $left['hydrogen-peroxide'] = Interval::of(0.0, 0.0, $left['hydrogen-peroxide']->high);
            }
        }

        return $left;
    }

    /** @param  string|null  $but  substance that is passed over */
    private function unknown(Mix $mix, ?string $but = null): ?Message
    {
        foreach ($mix->strengths as $strength) {
            $id = $strength->substance->id;
            if ($id !== $but && $strength->percentWv->likely > 0.0 && in_array($id, $this->reagents->unknownPh, true)) {
                return Message::of('ph.unknown', ['name' => $strength->substance->name]);
            }
        }

        return null;
    }

    /**
     * Lye and oil become soap, but in cold thin water only in days: no more than this, and none to count on.
     *
     * @return list<Made>
     */
    private function slowSoap(Mix $mix, Reaction $reaction): array
    {
        $hydroxide = ($reaction->left['sodium-hydroxide'] ?? 0.0) + ($reaction->left['potassium-hydroxide'] ?? 0.0);
        $oil =
            10.0 *
            (($mix->strengthOf('vegetable-oil')->percentWv->likely ?? 0.0) + ($mix->strengthOf('neem-oil')->percentWv->likely ?? 0.0));
        $extent = min($hydroxide, ($oil * self::SAPONIFICATION) / self::POTASSIUM_HYDROXIDE);

        return $extent > 0.0 ? [Made::of('slow-soap', $extent * self::SOAP, false)] : [];
    }

    /**
     * @param  array<string, Interval>  $before
     * @return Interval g per 100 mL
     */
    private function soapToWater(array $before, Interval $calcium): Interval
    {
        $soap = ($before['potassium-soap'] ?? Interval::zero())->plus($before['sodium-soap'] ?? Interval::zero());
        $could = $calcium->times((2.0 * self::SOAP) / 10.0);

        return Interval::of(min($soap->low, $could->low), min($soap->likely, $could->likely), min($soap->high, $could->high));
    }

    /**
     * @param  array<string, Interval>  $left
     * @param  array<string, Interval>  $before
     * @return list<Made>
     */
    private function made(Reaction $reaction, array $left, array $before): array
    {
        $made = [];
        foreach ($reaction->salts as $acid => $extent) {
            $made[] = Made::of("salt-of-$acid", $extent * (self::SALTS[$acid] ?? 0.0));
        }
        if ($reaction->carbonDioxide > 0.0) {
            $made[] = Made::of('carbon-dioxide', $reaction->carbonDioxide * self::CARBON_DIOXIDE);
        }
        if ($reaction->curds > 0.0) {
            $made[] = Made::of('curds', $reaction->curds * self::FATTY_ACID);
        }
        if ($reaction->limeSoap > 0.0) {
            $made[] = Made::of('lime-soap', $reaction->limeSoap * self::SOAP);
        }
        if ($reaction->carbonateMade > 0.0) {
            $made[] = Made::of('carbonate', $reaction->carbonateMade * self::CARBONATE);
        }
        if (isset($left['hydrogen-peroxide']) && $left['hydrogen-peroxide']->likely < $before['hydrogen-peroxide']->likely) {
            // Half the mass of peroxide is oxygen that can come off (31.998 / 2 / 34.0147).
            $made[] = Made::of('oxygen', 10.0 * $before['hydrogen-peroxide']->likely * 0.47035, false);
        }

        return $made;
    }
}

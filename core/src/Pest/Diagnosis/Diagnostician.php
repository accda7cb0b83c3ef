<?php

declare(strict_types=1);

namespace Nebbia\Core\Pest\Diagnosis;

/**
 * From signs to causes by Bayes' rule, each sign taken by itself given the cause:
 * P(cause | answers) ∝ P(cause | circumstances) · Π P(answer | cause).
 */
final readonly class Diagnostician
{
    public function __construct(private Likelihoods $likelihoods, private Signs $signs) {}

    public function diagnose(Answers $answers, DiagnosisCircumstances $circumstances): Diagnosis
    {
        $prior = $this->likelihoods->prior($circumstances);
        $posterior = $this->posterior($prior, $answers);
        $clues = $this->clues($prior, $answers);
        $ranked = [];
        foreach ($this->likelihoods->causes as $n => $cause) {
            $ranked[] = new RankedCause($cause, $posterior[$n], $clues[$n]);
        }
        usort($ranked, static fn (RankedCause $a, RankedCause $b): int => $b->probability <=> $a->probability);

        $shown = array_map(fn (string $sign): array => $this->likelihoods->shows[$sign] ?? [], array_keys(array_filter($answers->seen)));

        return new Diagnosis(
            $ranked,
            $this->nextLook($posterior, $answers),
            $this->likelihoods->settledFrom,
            $answers,
            array_merge(...$shown),
        );
    }

    /**
     * How much each sign that is not answered yet is expected to tell, in bits: the entropy now less the entropy to be
     * expected after the answer (Lindley 1956).
     *
     * @return array<string, float> sign => bits, in the order of the data
     */
    public function gains(Answers $answers, DiagnosisCircumstances $circumstances): array
    {
        return $this->gainsFrom($this->posterior($this->likelihoods->prior($circumstances), $answers), $answers);
    }

    /**
     * How likely each sign is to be met on a plant before anything is seen, by what is known here alone.
     *
     * @return array<string, float> sign => chance, the likeliest first
     */
    public function expected(DiagnosisCircumstances $circumstances): array
    {
        $prior = array_slice($this->likelihoods->prior($circumstances), 0, -1);
        $expected = [];
        foreach ($this->likelihoods->present as $sign => $chances) {
            $expected[$sign] = 0.0;
            foreach ($prior as $n => $p) {
                $expected[$sign] += $p * $chances[$n];
            }
        }
        arsort($expected);

        return $expected;
    }

    /** Whether so small a chance makes a sign one of the rarer, which need not stand in the way of the others. */
    public function isRare(float $chance): bool
    {
        return $chance < $this->likelihoods->rarerBelow;
    }

    /**
     * @param  list<float>  $prior
     * @return list<float> by cause, sum 1
     */
    private function posterior(array $prior, Answers $answers): array
    {
        $posterior = $prior;
        foreach ($answers->seen as $sign => $there) {
            foreach ($this->likelihoods->present[$sign] as $n => $chance) {
                $posterior[$n] *= $there ? $chance : 1.0 - $chance;
            }
        }
        $sum = array_sum($posterior);

        return array_values(array_map(static fn (float $p): float => $p / $sum, $posterior));
    }

    /**
     * What each answer does to the odds of each cause: log2 of P(answer | cause) over P(answer | the other causes), these as
     * likely as all the other answers leave them. Above zero it speaks for the cause, and can then not have lowered it.
     *
     * @param  list<float>  $prior
     * @return list<list<Clue>> by cause, the weightiest first
     */
    private function clues(array $prior, Answers $answers): array
    {
        $clues = array_map(static fn (): array => [], $prior);
        foreach ($answers->seen as $sign => $there) {
            $without = $this->posterior($prior, $answers->without($sign));
            $chances = array_map(static fn (float $chance): float => $there ? $chance : 1.0 - $chance, $this->likelihoods->present[$sign]);
            $seen = $this->signs->of($sign);
            // Summed over the others, from either side, and not as 1 less its own: a sure cause leaves too few digits for that.
            $products = array_map(static fn (float $p, float $chance): float => $p * $chance, $without, $chances);
            [$others, $weights] = [self::sumsOfOthers($products), self::sumsOfOthers($without)];
            foreach ($chances as $cause => $own) {
                $clues[$cause][] = new Clue($seen, $there, log(($own * $weights[$cause]) / $others[$cause], 2));
            }
        }
        foreach ($clues as &$own) {
            usort($own, static fn (Clue $a, Clue $b): int => abs($b->bits) <=> abs($a->bits));
        }

        return $clues;
    }

    /**
     * @param  list<float>  $terms
     * @return list<float> for each the sum of all others
     */
    private static function sumsOfOthers(array $terms): array
    {
        $sums = [];
        $before = 0.0;
        foreach ($terms as $term) {
            $sums[] = $before;
            $before += $term;
        }
        $after = 0.0;
        for ($n = count($terms) - 1; $n >= 0; $n--) {
            $sums[$n] += $after;
            $after += $terms[$n];
        }

        return array_values($sums);
    }

    /** @param  list<float>  $posterior */
    private function nextLook(array $posterior, Answers $answers): ?NextLook
    {
        $gains = $this->gainsFrom($posterior, $answers);
        if ($gains === []) {
            return null;
        }
        $best = max($gains);

        return new NextLook($this->signs->of((string) array_search($best, $gains, true)), $best);
    }

    /**
     * @param  list<float>  $posterior
     * @return array<string, float>
     */
    private function gainsFrom(array $posterior, Answers $answers): array
    {
        $now = self::entropy($posterior);
        $gains = [];
        foreach ($this->likelihoods->present as $sign => $chances) {
            if (isset($answers->seen[$sign]) || in_array($sign, $answers->skipped, true)) {
                continue;
            }
            // With q(c) = P(c)·P(yes|c) not yet brought to one, P(yes)·H(after yes) = −Σ q log q + P(yes) log P(yes).
            $yes = $no = $expected = 0.0;
            foreach ($chances as $n => $chance) {
                $there = $posterior[$n] * $chance;
                $not = $posterior[$n] - $there;
                $yes += $there;
                $no += $not;
                $expected -= (($there > 0.0 ? $there * log($there) : 0.0) + ($not > 0.0 ? $not * log($not) : 0.0)) / M_LN2;
            }
            $expected += ($yes > 0.0 ? $yes * log($yes, 2) : 0.0) + ($no > 0.0 ? $no * log($no, 2) : 0.0);
            $gains[$sign] = max(0.0, $now - $expected);
        }

        return $gains;
    }

    /** @param  list<float>  $probabilities */
    private static function entropy(array $probabilities): float
    {
        $bits = 0.0;
        foreach ($probabilities as $p) {
            $bits -= $p > 0.0 ? $p * log($p, 2) : 0.0;
        }

        return $bits;
    }
}

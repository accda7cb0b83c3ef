<?php

declare(strict_types=1);

namespace Nebbia\Core\Diagnosis;

use Nebbia\Core\Knowledge\Knowledge;
use Nebbia\Core\Target\Likeliness;

/**
 * The numbers behind the coarse words: how likely each sign is for each cause, and each cause before anything is seen.
 *
 * The last cause is always NONE: none of these.
 */
final readonly class Likelihoods
{
    public const NONE = 'none-of-these';

    /**
     * @param  list<string>  $causes  target ids, and NONE at the end
     * @param  array<string, list<float>>  $present  sign => chance that it is seen, by cause, 0 to 1
     */
    private function __construct(
        public array $causes,
        public array $present,
        public float $settledFrom,
        private Knowledge $knowledge,
    ) {}

    public static function from(Knowledge $knowledge): self
    {
        $causes = [];
        foreach ($knowledge->ids('targets') as $id) {
            if ($knowledge->target($id)->likeliness !== null) {
                $causes[] = $id;
            }
        }
        $numbers = $knowledge->section('diagnosis', 'likelihood');
        $present = [];
        foreach ($knowledge->ids('signs') as $id) {
            $sign = $knowledge->sign($id);
            $row = array_map(static fn (string $cause): float => $numbers->float($sign->words[$cause] ?? 'never'), $causes);
            $row[] = $numbers->float($sign->unexplained);
            $present[$id] = $row;
        }
        $causes[] = self::NONE;

        return new self($causes, $present, $knowledge->section('diagnosis', 'settled')->float('probability'), $knowledge);
    }

    /**
     * How likely each cause is under these circumstances before anything is seen: products of the weights of diagnosis.yaml,
     * brought to one together with the share that none of these explains.
     *
     * @return list<float> by cause, sum 1
     */
    public function prior(Circumstances $circumstances): array
    {
        $weights = [];
        foreach (array_slice($this->causes, 0, -1) as $cause) {
            $likeliness = $this->knowledge->target($cause)->likeliness;
            $weights[] = $likeliness === null ? 0.0 : $this->weight($likeliness, $circumstances);
        }
        $share = $this->knowledge->section('diagnosis', 'unexplained')->float('share');
        $sum = array_sum($weights);

        return [...array_map(static fn (float $weight): float => (1.0 - $share) * $weight / $sum, $weights), $share];
    }

    private function weight(Likeliness $likeliness, Circumstances $circumstances): float
    {
        $factor = fn (string $part, string $word): float => $this->knowledge->section('diagnosis', $part)->float($word);
        $weight = $factor('commonness', $likeliness->common);
        if ($circumstances->plant !== null) {
            $weight *= $factor('host', $likeliness->hostWord($circumstances->plant));
        }
        if ($circumstances->indoors !== null) {
            $weight *= $factor('place', $circumstances->indoors ? $likeliness->indoors : $likeliness->outdoors);
        }
        // Behind glass it is never winter.
        if ($circumstances->season !== null && $circumstances->indoors !== true && $likeliness->seasons !== []) {
            $weight *= $factor('season', in_array($circumstances->season->value, $likeliness->seasons, true) ? 'in' : 'out');
        }
        foreach ($circumstances->weather as $weather) {
            if (in_array($weather->value, $likeliness->moreIn, true)) {
                $weight *= $factor('weather', 'more');
            } elseif (in_array($weather->value, $likeliness->lessIn, true)) {
                $weight *= $factor('weather', 'less');
            }
        }

        return $weight;
    }
}

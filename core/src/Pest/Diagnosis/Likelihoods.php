<?php

declare(strict_types=1);

namespace Nebbia\Core\Pest\Diagnosis;

use Nebbia\Core\Data\Table;
use Nebbia\Core\Target\Likeliness;
use Nebbia\Core\Target\Targets;

/**
 * The numbers behind the coarse words: how likely each sign is for each cause, and each cause before anything is seen.
 *
 * The last cause is always NONE: none of these.
 */
final readonly class Likelihoods
{
    public const NONE = 'none-of-these';

    /** @var list<string> target ids, and NONE at the end */
    public array $causes;

    /** @var array<string, list<float>> sign => chance that it is seen, by cause, 0 to 1 */
    public array $present;

    /** @var array<string, list<string>> sign => causes that are seen in it */
    public array $shows;

    public float $settledFrom;

    /** Chance below which a sign is one of the rarer. */
    public float $rarerBelow;

    public function __construct(private Table $diagnosis, private Targets $targets, Signs $signs)
    {
        $causes = [];
        foreach ($targets->ids() as $id) {
            if ($targets->named($id)->likeliness !== null) {
                $causes[] = $id;
            }
        }
        $numbers = $diagnosis->part('likelihood');
        $present = [];
        $shows = [];
        foreach ($signs->ids() as $id) {
            $sign = $signs->of($id);
            $row = array_map(static fn (string $cause): float => $numbers->float($sign->words[$cause] ?? 'never'), $causes);
            $row[] = $numbers->float($sign->unexplained);
            $present[$id] = $row;
            $shows[$id] = $sign->shows;
        }
        $this->causes = [...$causes, self::NONE];
        $this->present = $present;
        $this->shows = $shows;
        $this->rarerBelow = $diagnosis->part('rarer')->float('chance');
        $this->settledFrom = $diagnosis->part('settled')->float('probability');
    }

    /**
     * How likely each cause is under these circumstances before anything is seen: products of the weights of diagnosis.yaml,
     * brought to one together with the share that none of these explains.
     *
     * @return list<float> by cause, sum 1
     */
    public function prior(DiagnosisCircumstances $circumstances): array
    {
        $weights = [];
        foreach (array_slice($this->causes, 0, -1) as $cause) {
            $likeliness = $this->targets->named($cause)->likeliness;
            $weights[] = $likeliness === null ? 0.0 : $this->weight($likeliness, $circumstances);
        }
        $share = $this->diagnosis->part('unexplained')->float('share');
        $sum = array_sum($weights);

        return [...array_map(static fn (float $weight): float => (1.0 - $share) * $weight / $sum, $weights), $share];
    }

    private function weight(Likeliness $likeliness, DiagnosisCircumstances $circumstances): float
    {
        $factor = fn (string $part, string $word): float => $this->diagnosis->part($part)->float($word);
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

<?php

declare(strict_types=1);

namespace Nebbia\Core\Compatibility;

use Nebbia\Core\Formulation\FinalStrength;
use Nebbia\Core\Judgement\Finding;
use Nebbia\Core\Judgement\Rule;
use Nebbia\Core\Judgement\Severity;
use Nebbia\Core\Judgement\Situation;
use Nebbia\Core\Knowledge\Knowledge;

/** Proposes a jar test where nobody here knows whether two things bear each other: classes of compatible.yaml are known to. */
final readonly class JarTestRule implements Rule
{
    private Pairs $pairs;

    /** @var list<array{list<string>, list<string>}> */
    private array $known;

    public function __construct(Knowledge $knowledge)
    {
        $this->pairs = $knowledge->pairs();
        $known = [];
        foreach ($knowledge->rows('compatible') as $row) {
            $known[] = [$row->strings('a'), $row->strings('b')];
        }
        $this->known = $known;
    }

    public function judge(Situation $situation): iterable
    {
        $inside = array_values(array_filter($situation->mix->strengths, static fn (FinalStrength $one): bool => $one->percentWv->likely > 0.0));
        foreach ($inside as $n => $one) {
            foreach (array_slice($inside, $n + 1) as $other) {
                if (! $this->isKnown($one->substance->id, $other->substance->id)) {
                    yield Finding::of('jar-test', Severity::Notice, 'jar-test', [
                        'a' => $one->substance->name,
                        'b' => $other->substance->name,
                    ], 'practice', 'medium', [$one->substance->id, $other->substance->id]);

                    return;
                }
            }
        }
    }

    private function isKnown(string $one, string $other): bool
    {
        foreach ($this->pairs->all as $pair) {
            if ($pair->joins($one, $other)) {
                return true;
            }
        }
        foreach ($this->known as [$a, $b]) {
            if ((in_array($one, $a, true) && in_array($other, $b, true)) || (in_array($other, $a, true) && in_array($one, $b, true))) {
                return true;
            }
        }

        return false;
    }
}

<?php

declare(strict_types=1);

namespace Nebbia\Core\Judgement\Compatibility;

use Nebbia\Core\Data\Finding;
use Nebbia\Core\Data\Severity;
use Nebbia\Core\Data\Table;
use Nebbia\Core\Judgement\GroundTopic;
use Nebbia\Core\Judgement\Rule;
use Nebbia\Core\Judgement\RuleGround;
use Nebbia\Core\Judgement\Situation;
use Nebbia\Core\Mixing\FinalStrength;

/** Proposes a jar test where nobody here knows whether two things bear each other: classes of compatible.yaml are known to. */
final readonly class JarTestRule implements Rule
{
    private const ANYTHING = '*';

    /** @var array<string, array<string, true>> what each substance is known to bear or not to bear */
    private array $known;

    /** @var array<string, true> of which something is known with everything */
    private array $withAll;

    public function __construct(Table $compatible, Pairs $pairs)
    {
        $known = $withAll = [];
        $both = array_map(static fn (Pair $pair): array => [$pair->a, $pair->b], $pairs->all);
        foreach ($compatible->rows() as $row) {
            $both[] = [$row->strings('a'), $row->strings('b')];
        }
        foreach ($both as [$ones, $others]) {
            foreach ($ones as $one) {
                foreach ($others as $other) {
                    $known[$one][$other] = $known[$other][$one] = true;
                    if ($other === self::ANYTHING) {
                        $withAll[$one] = true;
                    }
                }
            }
        }
        $this->known = $known;
        $this->withAll = $withAll;
    }

    public function grounds(): array
    {
        return [RuleGround::plain('jar-test', GroundTopic::Pairs, 'practice', 'medium')];
    }

    public function sentences(): array
    {
        return ['jar-test'];
    }

    public function judge(Situation $situation): iterable
    {
        $inside = array_values(
            array_filter(
                $situation->mix->strengths,
                static fn (FinalStrength $one): bool => $one->percentWv->likely > 0.0 && ! $one->substance->isHarsh,
            ),
        );
        foreach ($inside as $n => $one) {
            foreach (array_slice($inside, $n + 1) as $other) {
                if (! $this->isKnown($one->substance->id, $other->substance->id)) {
                    yield Finding::of(
                        'jar-test',
                        Severity::Notice,
                        'jar-test',
                        [
                            'a' => $one->substance->name,
                            'b' => $other->substance->name,
                        ],
                        'practice',
                        'medium',
                        [$one->substance->id, $other->substance->id],
                    );

                    return;
                }
            }
        }
    }

    private function isKnown(string $one, string $other): bool
    {
        return isset($this->known[$one][$other]) || isset($this->withAll[$one]) || isset($this->withAll[$other]);
    }
}

<?php

declare(strict_types=1);

namespace Nebbia\Core\Judgement\Chemistry;

use Nebbia\Core\Data\Finding;
use Nebbia\Core\Data\Row;
use Nebbia\Core\Data\Severity;
use Nebbia\Core\Data\Table;
use Nebbia\Core\Judgement\GroundTopic;
use Nebbia\Core\Judgement\Rule;
use Nebbia\Core\Judgement\RuleGround;
use Nebbia\Core\Judgement\Situation;
use Nebbia\Core\Mixing\Recipe\UseOfSpray;
use Nebbia\Core\Substance\Substances;

/**
 * The pH of what leaves and roots get: above 10.3 careful, above 11 stop; soap by itself up to 10.5 counts as soap. Below 4 careful and
 * below 3 stop, but only where there is acid enough to matter.
 */
final readonly class PhRule implements Rule
{
    private const SOAPS = ['potassium-soap', 'sodium-soap'];

    private Row $limits;

    /** @var list<string> substances that make a mix caustic, the strongest first */
    private array $caustic;

    public function __construct(Table $chemistry, private Substances $substances)
    {
        $this->limits = $chemistry->part('ph');
        $this->caustic = $chemistry->part('ph')->strings('caustic');
    }

    public function grounds(): array
    {
        $limits = $this->limits;

        return [
            RuleGround::plain('ph', GroundTopic::Bottle, $limits->string('basis'), $limits->string('sure'), [
                'careful' => $limits->float('careful_above'),
                'stop' => $limits->float('stop_above'),
                'soap' => $limits->float('soap_up_to'),
                'sour' => $limits->float('careful_below'),
                'acid' => $limits->float('stop_below'),
                'acidity' => $limits->float('acidity'),
            ]),
        ];
    }

    public function sentences(): array
    {
        return ['ph.caustic', 'ph.alkaline', 'ph.sour', 'ph.acid'];
    }

    public function judge(Situation $situation): iterable
    {
        $use = $situation->mix->recipe->use;
        $aftermath = $situation->aftermath;
        $measured = $situation->circumstances->measuredPh;
        $ph = $measured ?? $aftermath?->ph->likely ?? $aftermath?->phOfTheRest;
        if ($ph === null || ! ($use->wetsLeaves() || $use === UseOfSpray::Drench)) {
            return;
        }
        $soap = array_intersect(self::SOAPS, array_keys($aftermath->before ?? [])) !== [];
        // What was measured is acid enough by itself; how much stands behind it only the estimate can tell.
        $acidity = $aftermath->acidity ?? INF;
        $found = match (true) {
            $ph > $this->limits->float('stop_above') => [Severity::Stop, 'ph.caustic'],
            $soap && $ph <= $this->limits->float('soap_up_to') => null,
            $ph > $this->limits->float('careful_above') => [Severity::Caution, 'ph.alkaline'],
            $acidity <= $this->limits->float('acidity') => null,
            $ph < $this->limits->float('stop_below') => [Severity::Stop, 'ph.acid'],
            $ph < $this->limits->float('careful_below') => [Severity::Caution, 'ph.sour'],
            default => null,
        };
        if ($found !== null) {
            yield Finding::of(
                'ph',
                $found[0],
                $found[1],
                [
                    'ph' => $ph,
                    'plant' => $situation->plantName(),
                    'acidity' => is_finite($acidity) ? $acidity : 0.0,
                    'by' => $measured === null ? 'estimate' : 'measured',
                    ...$this->named($situation),
                ],
                $this->limits->string('basis'),
                $this->limits->string('sure'),
            )->from('ph');
        }
    }

    /** @return array{known: string, names: string} what makes it caustic, by name */
    private function named(Situation $situation): array
    {
        $in = array_values(
            array_filter(
                $this->caustic,
                static fn (string $id): bool => ($situation->mix->strengthOf($id)->percentWv->likely ?? 0.0) > 0.0,
            ),
        );

        return ['known' => $in === [] ? 'no' : 'yes', 'names' => $in === [] ? '' : $this->substances->names($in)];
    }
}

<?php

declare(strict_types=1);

namespace Nebbia\Core\Judgement\Compatibility;

use Nebbia\Core\Data\Finding;
use Nebbia\Core\Data\Row;
use Nebbia\Core\Data\Sentence\Message;
use Nebbia\Core\Data\Severity;
use Nebbia\Core\Data\Table;
use Nebbia\Core\Judgement\GroundTopic;
use Nebbia\Core\Judgement\Rule;
use Nebbia\Core\Judgement\RuleGround;
use Nebbia\Core\Judgement\Situation;
use Nebbia\Core\Mixing\FinalStrength;
use Nebbia\Core\Substance\Substances;

/** What the sprayer last held, and what it is made of. */
final readonly class SprayerRule implements Rule
{
    /** Kills leaves in traces, so that a sprayer for it is kept for it. */
    private const WEED_KILLERS = ['acetic-acid', 'sodium-chloride'];

    /** @var list<Row> */
    private array $materials;

    public function __construct(Table $materials, private Substances $substances, private Pairs $pairs)
    {
        $this->materials = array_values($materials->rows());
    }

    public function grounds(): array
    {
        return [
            ...array_map(
                fn (Row $row): RuleGround => RuleGround::of(
                    'material.'.$row->string('id'),
                    GroundTopic::Pairs,
                    Message::of('ground.material.title', [
                        'name' => $this->substances->names($row->strings('substances')),
                        'material' => implode(', ', $row->strings('words')),
                    ]),
                    Message::of('ground.both', [
                        'because' => Message::of('material.'.$row->string('id').'.because', ['material' => '']),
                        'instead' => Message::of('material.'.$row->string('id').'.instead'),
                    ]),
                    $row->string('basis'),
                    $row->string('sure'),
                ),
                $this->materials,
            ),
            RuleGround::plain('sprayer.weeds', GroundTopic::Pairs, 'practice', 'high'),
        ];
    }

    public function sentences(): array
    {
        return [
            'sprayer.dangerous',
            'sprayer.spoils',
            'sprayer.weeds',
            ...array_map(static fn (Row $row): string => 'material.'.$row->string('id'), $this->materials),
        ];
    }

    public function judge(Situation $situation): iterable
    {
        yield from $this->leftBehind($situation);
        yield from $this->madeOf($situation);
    }

    /** @return iterable<Finding> */
    private function leftBehind(Situation $situation): iterable
    {
        $history = $situation->circumstances->history;
        $inside = array_map(static fn (FinalStrength $one): string => $one->substance->id, $situation->mix->strengths);
        if ($history->held === [] || $history->rinsed === true) {
            return;
        }
        $found = $this->pairs->between($history->held, $inside);
        // Where nobody says, only what is dangerous is spoken of.
        $least = $history->rinsed === null ? Severity::Stop : Severity::Caution;
        if ($found !== null && $found[0]->severity->rank() >= $least->rank()) {
            [$pair, $held, $now] = $found;
            yield Finding::of(
                'sprayer',
                $pair->severity,
                $pair->severity === Severity::Stop ? 'sprayer.dangerous' : 'sprayer.spoils',
                [
                    'held' => $this->substances->of($held)->name,
                    'now' => $this->substances->of($now)->name,
                ],
                $pair->basis,
                $pair->sure,
                [$now],
            )->from("pair.$pair->id");

            return;
        }
        $killers = array_values(array_intersect($history->held, self::WEED_KILLERS));
        if ($killers !== [] && $situation->mix->recipe->use->wetsLeaves()) {
            yield Finding::of(
                'sprayer',
                Severity::Caution,
                'sprayer.weeds',
                ['held' => $this->substances->of($killers[0])->name],
                'practice',
                'high',
            );
        }
    }

    /** @return iterable<Finding> */
    private function madeOf(Situation $situation): iterable
    {
        $material = mb_strtolower($situation->circumstances->vessel->material ?? '');
        if ($material === '') {
            return;
        }
        foreach ($this->materials as $row) {
            foreach ($row->strings('substances') as $substance) {
                $strength = $situation->mix->strengthOf($substance);
                $word = $this->wordIn($material, $row->strings('words'));
                if ($strength !== null && $strength->percentWv->likely > 0.0 && $word !== null) {
                    yield Finding::of(
                        'sprayer',
                        $row->oneOf('severity', Severity::class),
                        'material.'.$row->string('id'),
                        [
                            'name' => $strength->substance->name,
                            'material' => $material,
                        ],
                        $row->string('basis'),
                        $row->string('sure'),
                        [$substance],
                    );

                    break;
                }
            }
        }
    }

    /** @param  list<string>  $words */
    private function wordIn(string $material, array $words): ?string
    {
        foreach ($words as $word) {
            if (preg_match('/\b'.preg_quote($word, '/').'/u', $material) === 1) {
                return $word;
            }
        }

        return null;
    }
}

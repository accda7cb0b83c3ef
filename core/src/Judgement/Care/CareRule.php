<?php

declare(strict_types=1);

namespace Nebbia\Core\Judgement\Care;

use Nebbia\Core\Data\Finding;
use Nebbia\Core\Data\Row;
use Nebbia\Core\Data\Sentence\Message;
use Nebbia\Core\Data\Severity;
use Nebbia\Core\Data\Table;
use Nebbia\Core\Judgement\GroundTopic;
use Nebbia\Core\Judgement\Rule;
use Nebbia\Core\Judgement\RuleGround;
use Nebbia\Core\Judgement\Situation;

/** What becomes a finding because of who lives in the garden: cats, dogs, a pond. */
final readonly class CareRule implements Rule
{
    /** @var list<Row> */
    private array $rows;

    public function __construct(private Table $care, private CareNotes $notes)
    {
        $this->rows = array_values(array_filter($care->rows(), static fn (Row $row): bool => $row->has('finding')));
    }

    public function grounds(): array
    {
        return [
            ...array_values(
                array_map(
                    static fn (Row $row): RuleGround => RuleGround::of(
                        'care.'.$row->string('id'),
                        GroundTopic::People,
                        Message::of('ground.care.'.$row->string('who')),
                        Message::of(
                            $row->bool('only_as_finding')
                                ? 'care.'.$row->string('id').'.because'
                                : 'care.'.$row->string('id').'.note',
                        ),
                        $row->string('basis'),
                        $row->string('sure'),
                    ),
                    $this->care->rows(),
                ),
            ),
            RuleGround::plain('law', GroundTopic::People, 'established guidance', 'medium'),
        ];
    }

    public function sentences(): array
    {
        return array_map(static fn (Row $row): string => 'care.'.$row->string('id'), $this->rows);
    }

    public function judge(Situation $situation): iterable
    {
        foreach ($this->rows as $row) {
            $when = $row->row('finding');
            $around = $when->strings('around');
            if (
                ($around !== [] && ! $situation->circumstances->hasAround($around)) ||
                ($when->bool('indoors') && ! $situation->circumstances->indoors)
            ) {
                continue;
            }
            $name = $this->notes->holds($row, $situation->mix);
            if ($name !== null) {
                yield Finding::of(
                    'care',
                    $when->oneOf('severity', Severity::class),
                    'care.'.$row->string('id'),
                    ['name' => $name],
                    $row->string('basis'),
                    $row->string('sure'),
                );
            }
        }
    }
}

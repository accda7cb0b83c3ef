<?php

declare(strict_types=1);

namespace Nebbia\Core\Judgement\Use;

use Nebbia\Core\Data\Finding;
use Nebbia\Core\Data\Row;
use Nebbia\Core\Data\Sentence\Message;
use Nebbia\Core\Data\Severity;
use Nebbia\Core\Data\Table;
use Nebbia\Core\Judgement\GroundTopic;
use Nebbia\Core\Judgement\Rule;
use Nebbia\Core\Judgement\RuleGround;
use Nebbia\Core\Judgement\Situation;

/** What a spray does to a waxy, hairy or thin leaf, a row of core/data/surfaces.yaml each. */
final readonly class SurfaceRule implements Rule
{
    /** @var array<string, list<Row>> by surface */
    private array $rows;

    public function __construct(private Table $surfaces)
    {
        $rows = [];
        foreach ($surfaces->rows() as $row) {
            $rows[$row->string('surface')][] = $row;
        }
        $this->rows = $rows;
    }

    public function grounds(): array
    {
        return array_values(
            array_map(
                static fn (Row $row): RuleGround => RuleGround::of(
                    'surface.'.$row->string('id'),
                    GroundTopic::Leaves,
                    Message::of('ground.surface.'.$row->string('id')),
                    Message::of('ground.both', [
                        'because' => Message::of('surface.'.$row->string('id').'.because', ['plant' => Message::of('ground.a-plant')]),
                        'instead' => Message::of('surface.'.$row->string('id').'.instead'),
                    ]),
                    $row->string('basis'),
                    $row->string('sure'),
                ),
                $this->surfaces->rows(),
            ),
        );
    }

    public function sentences(): array
    {
        return array_map(static fn (string $id): string => "surface.$id", $this->surfaces->ids());
    }

    public function judge(Situation $situation): iterable
    {
        $plant = $situation->plant;
        if ($plant === null || ! $situation->mix->recipe->use->wetsLeaves()) {
            return;
        }
        foreach ($this->rows[$plant->surface->value] ?? [] as $row) {
            foreach ($row->strings('substances') as $id) {
                $strength = $situation->mix->strengthOf($id);
                if ($strength !== null && $strength->percentWv->likely > 0.0) {
                    yield Finding::of(
                        'surface',
                        $row->oneOf('severity', Severity::class),
                        'surface.'.$row->string('id'),
                        [
                            'plant' => $plant->name,
                            'substance' => $strength->substance->name,
                        ],
                        $row->string('basis'),
                        $row->string('sure'),
                        [$id],
                    );

                    break;
                }
            }
        }
    }
}

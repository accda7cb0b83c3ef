<?php

declare(strict_types=1);

namespace Nebbia\Core\Judgement\Use;

use Nebbia\Core\Data\Finding;
use Nebbia\Core\Data\Row;
use Nebbia\Core\Data\Severity;
use Nebbia\Core\Data\Table;
use Nebbia\Core\Judgement\Rule;
use Nebbia\Core\Judgement\Situation;

/** What a spray does to a waxy, hairy or thin leaf, a row of core/data/surfaces.yaml each. */
final readonly class SurfaceRule implements Rule
{
    /** @var array<string, list<Row>> by surface */
    private array $rows;

    public function __construct(Table $surfaces)
    {
        $rows = [];
        foreach ($surfaces->rows() as $row) {
            $rows[$row->string('surface')][] = $row;
        }
        $this->rows = $rows;
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
                    yield Finding::of('surface', Severity::from($row->string('severity')), 'surface.'.$row->string('id'), [
                        'plant' => $plant->name, 'substance' => $strength->substance->name,
                    ], $row->string('basis'), $row->string('sure'), [$id]);

                    break;
                }
            }
        }
    }
}

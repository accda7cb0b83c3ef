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
use Nebbia\Core\Mixing\Mix;
use Nebbia\Core\Substance\Ingredients;
use Nebbia\Core\Substance\Substance;
use Nebbia\Core\Substance\Substances;

/** Dangers of a single thing in a mix, a row of core/data/dangers.yaml each. */
final readonly class DangerRule implements Rule
{
    /**
     * @var array<string, list<array{Row, list<string>, list<string>, list<string>}>> use => row, its ingredients, what takes the danger
     *     away, its substances
     */
    private array $rows;

    public function __construct(private Table $dangers, private Substances $substances, private Ingredients $ingredients)
    {
        $rows = [];
        foreach ($dangers->rows() as $row) {
            foreach ($row->strings('uses') as $use) {
                $rows[$use][] = [$row, $row->strings('ingredients'), $row->strings('unless_with'), $row->strings('substances')];
            }
        }
        $this->rows = $rows;
    }

    public function grounds(): array
    {
        return array_values(
            array_map(function (Row $row): RuleGround {
                $id = $row->string('id');
                $names = $this->substances->names($row->strings('substances'));
                foreach ($row->strings('ingredients') as $ingredient) {
                    $names .= ($names === '' ? '' : ', ').mb_strtolower($this->ingredients->named($ingredient)->name);
                }

                return RuleGround::of(
                    "danger.$id",
                    GroundTopic::People,
                    Message::of('ground.name', ['name' => $names]),
                    Message::of('ground.both', [
                        'because' => Message::of("danger.$id.because", ['name' => $names]),
                        'instead' => Message::of("danger.$id.instead", ['name' => $names]),
                    ]),
                    $row->string('basis'),
                    $row->string('sure'),
                    $row->strings('substances'),
                );
            }, $this->dangers->rows()),
        );
    }

    public function sentences(): array
    {
        return array_map(static fn (string $id): string => "danger.$id", $this->dangers->ids());
    }

    public function judge(Situation $situation): iterable
    {
        foreach ($this->rows[$situation->mix->recipe->use->value] ?? [] as [$row, $ingredients, $unlessWith, $substances]) {
            if ($row->bool('on_plants') && $situation->plant === null) {
                continue;
            }
            $found = $this->found($row, $ingredients, $unlessWith, $substances, $situation);
            if ($found !== null) {
                yield Finding::of(
                    'danger',
                    $row->oneOf('severity', Severity::class),
                    'danger.'.$row->string('id'),
                    [
                        'name' => $found[0],
                        'likely' => $found[1],
                    ],
                    $row->string('basis'),
                    $row->string('sure'),
                    $found[2],
                );
            }
        }
    }

    /**
     * @param  list<string>  $ingredients
     * @param  list<string>  $unlessWith
     * @param  list<string>  $substances
     * @return array{string, float, list<string>}|null its name, its strength, its id
     */
    private function found(Row $row, array $ingredients, array $unlessWith, array $substances, Situation $situation): ?array
    {
        $recipe = $situation->mix->recipe;
        foreach ($ingredients === [] ? [] : [$recipe->liquid, ...array_column($recipe->lines, 'ingredient')] as $ingredient) {
            if (in_array($ingredient->id, $ingredients, true)) {
                return [$ingredient->name, 0.0, []];
            }
        }
        foreach ($unlessWith as $other) {
            if ($situation->mix->strengthOf($other) !== null) {
                return null;
            }
        }
        foreach ($substances as $id) {
            $strength = $situation->mix->strengthOf($id);
            if ($strength !== null && $strength->percentWv->likely > 0.0 && $this->isOver($row, $strength)) {
                return [$this->called($strength->substance, $situation->mix), $strength->percentWv->likely, [$id]];
            }
        }

        return null;
    }

    /** Of what many things go by, the name of the thing. */
    private function called(Substance $substance, Mix $mix): string
    {
        foreach ($substance->isUmbrella ? [$mix->recipe->liquid, ...array_column($mix->recipe->lines, 'ingredient')] : [] as $ingredient) {
            if ($ingredient->substance?->id === $substance->id) {
                return mb_strtolower($ingredient->name);
            }
        }

        return $substance->name;
    }

    private function isOver(Row $row, FinalStrength $strength): bool
    {
        $limit = $row->has('over') ? $row->row('over') : ($row->has('from') ? $row->row('from') : null);
        if ($limit === null) {
            return true;
        }
        $amount = $strength->in($limit->string('unit'));
        $slack = $row->has('over') ? 1 + 1e-9 : 1 - 1e-9;

        return $amount !== null && $amount->likely > $limit->float('likely') * $slack;
    }
}

<?php

declare(strict_types=1);

namespace Nebbia\Core\Judgement\Words;

use Nebbia\Core\Data\Finding;
use Nebbia\Core\Data\Row;
use Nebbia\Core\Data\Sentence\Message;
use Nebbia\Core\Data\Severity;
use Nebbia\Core\Data\Table;
use Nebbia\Core\Judgement\GroundTopic;
use Nebbia\Core\Judgement\Rule;
use Nebbia\Core\Judgement\RuleGround;
use Nebbia\Core\Judgement\Situation;
use Nebbia\Core\Mixing\Mix;
use Nebbia\Core\Substance\Substances;
use Nebbia\Core\Target\Targets;

/** What people pass on and chemistry or trials do not bear out, said kindly; a row of core/data/claims.yaml each. */
final readonly class ClaimRule implements Rule
{
    /** @var list<array{Row, list<list<string>>, list<string>, list<string>, list<string>}> row, its lists, targets, kinds, uses */
    private array $rows;

    public function __construct(private Table $claims, private Targets $targets, private Substances $substances)
    {
        $rows = [];
        foreach ($claims->rows() as $row) {
            $rows[] = [
                $row,
                array_values($row->stringLists('all')),
                $row->strings('targets'),
                $row->strings('kinds'),
                $row->strings('uses'),
            ];
        }
        $this->rows = $rows;
    }

    public function grounds(): array
    {
        return array_values(
            array_map(
                static fn (Row $row): RuleGround => RuleGround::of(
                    'claim.'.$row->string('id'),
                    GroundTopic::Claims,
                    Message::of('ground.claim.'.$row->string('id')),
                    Message::of('ground.both', [
                        'because' => Message::of('ground.claim-why.'.$row->string('id')),
                        'instead' => Message::of('claim.'.$row->string('id').'.instead'),
                    ]),
                    $row->string('basis'),
                    $row->string('sure'),
                ),
                $this->claims->rows(),
            ),
        );
    }

    public function sentences(): array
    {
        return array_map(static fn (string $id): string => "claim.$id", $this->claims->ids());
    }

    public function judge(Situation $situation): iterable
    {
        $mix = $situation->mix;
        foreach ($this->rows as [$row, $all, $targets, $kinds, $uses]) {
            if (($uses !== [] && ! in_array($mix->recipe->use->value, $uses, true)) || ! $this->aimsAt($mix, $targets, $kinds)) {
                continue;
            }
            $found = $this->substances($mix, $all);
            if ($found !== null) {
                yield Finding::of(
                    'claim',
                    $row->oneOf('severity', Severity::class),
                    'claim.'.$row->string('id'),
                    $this->params($situation, $found),
                    $row->string('basis'),
                    $row->string('sure'),
                    $found,
                );
            }
        }
    }

    /**
     * @param  list<string>  $targets
     * @param  list<string>  $kinds
     */
    private function aimsAt(Mix $mix, array $targets, array $kinds): bool
    {
        if ($targets === [] && $kinds === []) {
            return true;
        }
        foreach ($mix->recipe->targets as $named) {
            $id = $this->targets->idOf($named);
            if ($id !== null && (in_array($id, $targets, true) || in_array($this->targets->named($id)->kind->value, $kinds, true))) {
                return true;
            }
        }

        return false;
    }

    /**
     * @param  list<list<string>>  $all
     * @return list<string>|null one of each list, or null where one is missing
     */
    private function substances(Mix $mix, array $all): ?array
    {
        $found = [];
        foreach ($all as $any) {
            $one = null;
            foreach ($any as $id) {
                if ($one === null && ($mix->strengthOf($id)->percentWv->likely ?? 0.0) > 0.0) {
                    $one = $id;
                }
            }
            if ($one === null) {
                return null;
            }
            $found[] = $one;
        }

        return $found;
    }

    /**
     * @param  list<string>  $found
     * @return array<string, string|float|Message>
     */
    private function params(Situation $situation, array $found): array
    {
        $params = ['plant' => $situation->plantName()];
        foreach ($found as $n => $id) {
            $letter = chr(97 + $n);
            $before = $situation->mix->strengthOf($id)->percentWv->likely ?? 0.0;
            $params[$letter] = $this->substances->of($id)->name;
            $params["{$letter}_before"] = $before;
            $params["{$letter}_left"] = $situation->aftermath->left[$id]->likely ?? $before;
        }

        return $params;
    }
}

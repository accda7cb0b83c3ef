<?php

declare(strict_types=1);

namespace Nebbia\Core\Nebbia;

use Nebbia\Core\Data\BrokenData;
use Nebbia\Core\Data\Names;
use Nebbia\Core\Instructions\Steps\StepPlanner;
use Nebbia\Core\Judgement\RuleGrounds;
use Nebbia\Core\Making\Soap\SoapMaker;
use Nebbia\Core\Mixing\Need\NeedEstimator;
use Nebbia\Core\Pest\Decision\Decider;
use Nebbia\Core\Pest\Diagnosis\Likelihoods;
use Nebbia\Core\Pest\Diagnosis\Signs;
use Nebbia\Core\Pest\Remedies;
use Nebbia\Core\Pest\Tactics;
use Nebbia\Core\Plant\Modifiers;
use Nebbia\Core\Plant\Plants;
use Nebbia\Core\Plant\Thresholds;
use Nebbia\Core\Reading\Label\LabelReader;
use Nebbia\Core\Shelf\Kinds;
use Nebbia\Core\Substance\Ingredients;
use Nebbia\Core\Substance\Substances;
use Nebbia\Core\Target\Targets;

/**
 * Looks the data over when it is compiled: each id and each name means one thing in its table, in every language; and a rule that
 * is a row has its sentences and says what it rests on. A mistake is refused then, not when the rule first fires.
 */
final readonly class DataCheck
{
    /** Sentences that each row of a table must have, `*` standing for its id. */
    private const SENTENCES = [
        'pairs' => ['pair.*.what', 'pair.*.because', 'pair.*.instead'],
        'dangers' => ['danger.*.what', 'danger.*.because', 'danger.*.instead'],
        'claims' => ['claim.*.what', 'claim.*.because', 'claim.*.instead', 'ground.claim.*', 'ground.claim-why.*'],
        'food.never' => ['food.*.what', 'food.*.because', 'food.*.instead'],
        'hazards' => ['hazard.*'],
        'materials' => ['material.*.what', 'material.*.because', 'material.*.instead'],
        'modifiers.rows' => ['modifier.*', 'ground.modifier.*'],
        'spacing.pairs' => ['spacing.*.what', 'spacing.*.because', 'spacing.*.instead'],
        'surfaces' => ['surface.*.what', 'surface.*.because', 'surface.*.instead', 'ground.surface.*'],
        'shelf' => ['shelf.*.what', 'shelf.*.because', 'shelf.*.instead'],
        'windows.rows' => ['ground.window.*'],
        'preparations.kinds' => ['making.kind.*', 'making.note.*'],
        'remedies' => ['remedy.*.name', 'remedy.*.how', 'remedy.*.limits'],
        'tactics' => ['tactic.*.name', 'tactic.*.do', 'tactic.*.watch'],
        'signs' => ['sign.*.name', 'sign.*.look', 'sign.*.unlike'],
        'targets' => ['target.*.does', 'target.*.look', 'target.*.favours'],
    ];

    /** Tables of rules, which say on what they rest. */
    private const GROUNDED = [
        'pairs',
        'dangers',
        'claims',
        'food.never',
        'hazards',
        'materials',
        'modifiers.rows',
        'spacing.pairs',
        'surfaces',
        'windows.rows',
    ];

    /** What a row is also called. */
    private const NAMES = ['name', 'botanical', 'also', 'abroad', 'names'];

    /** @param  array<string, string>  $sentences  of one language */
    public function __construct(private array $sentences) {}

    /**
     * @param  array<string, mixed>  $data  file name => its contents
     *
     * @throws BrokenData naming the table, the row and the mend
     */
    public function check(array $data): void
    {
        foreach ($data as $file => $contents) {
            foreach (
                is_array($contents) && ! array_is_list($contents) ? ['' => $contents] + $contents : ['' => $contents] as $part => $rows
            ) {
                $table = $part === '' ? $file : "$file.$part";
                if (is_array($rows) && array_is_list($rows) && is_array($rows[0] ?? null) && isset($rows[0]['id'])) {
                    $this->table($table, $rows);
                }
            }
        }
    }

    /** @param  list<mixed>  $rows */
    private function table(string $table, array $rows): void
    {
        $ids = [];
        $names = [];
        foreach ($rows as $n => $row) {
            $id = is_array($row) && is_string($row['id'] ?? null) ? $row['id'] : throw BrokenData::lacks('id', "$table.$n");
            if (isset($ids[$id])) {
                throw BrokenData::twice($table, $id);
            }
            $ids[$id] = true;
            foreach (self::namesOf($row) as $name) {
                if (isset($names[$name]) && $names[$name] !== $id) {
                    throw BrokenData::ambiguous($table, $name, $names[$name], $id);
                }
                $names[$name] = $id;
            }
            foreach (self::SENTENCES[$table] ?? [] as $pattern) {
                $key = str_replace('*', $id, $pattern);
                if (! isset($this->sentences[$key])) {
                    throw BrokenData::silent($table, $id, $key);
                }
            }
            if (in_array($table, self::GROUNDED, true) && ! isset($row['basis'])) {
                throw BrokenData::groundless($table, $id);
            }
        }
    }

    /**
     * @param  array<array-key, mixed>  $row
     * @return list<string> folded, each once
     */
    private static function namesOf(array $row): array
    {
        $names = [is_string($row['id']) ? $row['id'] : ''];
        foreach (self::NAMES as $field) {
            foreach (is_array($row[$field] ?? null) ? $row[$field] : [$row[$field] ?? ''] as $name) {
                $names[] = is_scalar($name) ? (string) $name : '';
            }
        }

        $folded = array_filter(array_map(Names::fold(...), $names), static fn (string $name): bool => $name !== '');

        return array_values(array_unique($folded));
    }

    /**
     * Builds every part that is made of rows, so that a word or a name in one of them that means nothing is met now.
     *
     * @throws BrokenData naming the file, the row and the mend
     */
    public static function parts(Nebbia $nebbia): void
    {
        foreach ([Plants::class, Ingredients::class, Targets::class] as $named) {
            array_map($nebbia->get($named)->named(...), $nebbia->get($named)->ids());
        }
        foreach ([Substances::class, Signs::class] as $made) {
            array_map($nebbia->get($made)->of(...), $nebbia->get($made)->ids());
        }
        foreach (
            [
                Kinds::class,
                Tactics::class,
                Remedies::class,
                Modifiers::class,
                LabelReader::class,
                NeedEstimator::class,
                SoapMaker::class,
                Likelihoods::class,
                StepPlanner::class,
                Decider::class,
            ] as $part
        ) {
            $nebbia->get($part);
        }
        foreach ($nebbia->get(Substances::class)->ids() as $substance) {
            $nebbia->get(Thresholds::class)->of($substance);
        }
        $nebbia->get(RuleGrounds::class)->check();
    }
}

<?php

declare(strict_types=1);

namespace Nebbia\Core\Judgement;

use Nebbia\Core\Data\BrokenData;
use Nebbia\Core\Data\Sentence\Catalogue;

/** All that findings can rest on, as each rule brings it. */
final readonly class RuleGrounds
{
    public function __construct(private Judge $judge, private Catalogue $catalogue) {}

    /** @return list<RuleGround> by topic */
    public function all(): array
    {
        $grounds = array_merge(...array_map(static fn (Rule $rule): array => $rule->grounds(), $this->judge->rules));
        $order = array_flip(array_column(GroundTopic::cases(), 'value'));
        // Stable: within a topic as the rules are listed.
        usort($grounds, static fn (RuleGround $a, RuleGround $b): int => $order[$a->topic->value] <=> $order[$b->topic->value]);

        return $grounds;
    }

    /** @throws BrokenData if a rule lacks a ground or a sentence, or two grounds share an id */
    public function check(): void
    {
        $ids = [];
        foreach ($this->judge->rules as $rule) {
            $name = substr((string) strrchr($rule::class, '\\'), 1);
            if ($rule->grounds() === [] || $rule->sentences() === []) {
                throw BrokenData::ruleLacks($name, $rule->grounds() === [] ? 'ground' : 'sentences');
            }
            foreach ($rule->sentences() as $head) {
                foreach (['what', 'because', 'instead'] as $part) {
                    if (! $this->catalogue->has("$head.$part")) {
                        throw BrokenData::silent($name, $head, "$head.$part");
                    }
                }
            }
            foreach ($rule->grounds() as $ground) {
                if (isset($ids[$ground->id])) {
                    throw BrokenData::twice('the grounds', $ground->id);
                }
                $ids[$ground->id] = true;
                if (! $this->catalogue->has($ground->title->key) || ! $this->catalogue->has($ground->text->key)) {
                    throw BrokenData::silent(
                        $name,
                        $ground->id,
                        $this->catalogue->has($ground->title->key) ? $ground->text->key : $ground->title->key,
                    );
                }
            }
        }
    }
}

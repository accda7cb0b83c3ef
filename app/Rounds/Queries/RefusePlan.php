<?php

declare(strict_types=1);

namespace App\Rounds\Queries;

use App\Bench\Queries\JudgeMix;
use App\Models\Garden;
use App\Models\Planting;
use App\Models\Recipe;
use App\Models\Sprayer;
use App\Rounds\CourseInCore;
use Carbon\CarbonImmutable;
use Illuminate\Support\Collection;
use Illuminate\Validation\ValidationException;
use Nebbia\Core\Data\BadInput;
use Nebbia\Core\Data\Finding;
use Nebbia\Core\Data\Sentence\Catalogue;
use Nebbia\Core\Mixing\Recipe\Repeat;
use Nebbia\Core\Mixing\Recipe\UseOfSpray;
use Nebbia\Core\Pest\Aim;
use Nebbia\Core\Pest\Remedies;
use Nebbia\Core\Pest\Remedy;
use Nebbia\Core\Planning\Course\CourseJudge;
use Nebbia\Core\Planning\Course\Purpose;
use Nebbia\Core\Planning\Round\RhythmJudge;
use Nebbia\Core\Target\Target;
use Nebbia\Core\Target\Targets;

/** No round is planned of what the bench would stop, nor against what no spray helps: it is said why, and what to do instead. */
final readonly class RefusePlan
{
    /** What a mix does to what it is aimed at, where that is nothing. */
    private const IN_VAIN = ['weak', 'tried', 'nothing'];

    public function __construct(
        private JudgeMix $judge,
        private CourseJudge $courses,
        private Targets $targets,
        private CourseInCore $inCore,
        private RhythmJudge $rhythm,
        private FindNeighbours $neighbours,
        private Remedies $remedies,
        private Catalogue $catalogue,
    ) {}

    /**
     * @param  non-empty-list<Recipe>  $recipes  one, or two that take turns
     * @param  Collection<int, Planting>  $plantings
     * @param  string|null  $target  id
     * @return list<string> why those do nothing that are too weak, or are known for nothing against it; said, and refused to nobody
     *
     * @throws ValidationException naming recipe_id, other_recipe_id or target
     * @throws BadInput if a recipe cannot be read
     */
    public function __invoke(
        Garden $garden,
        array $recipes,
        Collection $plantings,
        ?string $target,
        ?float $volumeMl,
        ?Sprayer $sprayer,
        CarbonImmutable $startsOn,
        Purpose $purpose = Purpose::Outbreak,
    ): array {
        $against = $target === null ? null : $this->targets->named($target);
        if ($against !== null && ! $this->courses->helps($against)) {
            throw $this->refused('target', CourseJudge::noSprayHelps($against));
        }
        $mixes = $this->inCore->mixes($garden, array_map(static fn (Recipe $one): array => $one->body, $recipes), $volumeMl);
        if ($against !== null && $this->courses->leavesNothing($against, $purpose, $mixes)) {
            throw $this->refused('purpose', CourseJudge::nothingProtects($against, $mixes));
        }
        $useless = [];
        foreach ($recipes as $n => $recipe) {
            $field = $n === 0 ? 'recipe_id' : 'other_recipe_id';
            if ($recipe->use === UseOfSpray::Disinfect->value) {
                throw $this->refused($field, CourseJudge::noCourse($recipe->name));
            }
            foreach ($this->judge->each($garden, $recipe->body, $plantings, $volumeMl, $sprayer, $startsOn) as $judged) {
                $stop = $judged->lastingStops()[0] ?? null;
                if ($stop !== null) {
                    throw $this->refused($field, $stop);
                }
                $leading = $judged->leading();
                $useless[$n] ??= $leading === null ? null : $this->words($leading);
            }
            $aim = $against === null || ! $this->isHelped($against) ? null : Aim::of($mixes[$n], $against, $this->remedies);
            $useless[$n] ??= in_array($aim?->word, self::IN_VAIN, true) ? $this->catalogue->say($aim->said) : null;
        }

        return array_values(array_filter($useless, is_string(...)));
    }

    /**
     * What does not go together in rounds set by hand is said once; whoever wants it all the same says so.
     *
     * @param  non-empty-list<Recipe>  $recipes  one, or two that take turns
     * @param  Collection<int, Planting>  $plantings
     * @param  string|null  $target  id
     * @param  list<string>  $useless  what is said of those that do nothing
     *
     * @throws ValidationException naming all_the_same
     * @throws BadInput if a recipe cannot be read
     */
    public function byHand(
        Garden $garden,
        array $recipes,
        Collection $plantings,
        ?string $target,
        float $volumeMl,
        Repeat $repeat,
        CarbonImmutable $startsOn,
        array $useless = [],
    ): void {
        $mixes = $this->inCore->mixes($garden, array_map(static fn (Recipe $one): array => $one->body, $recipes), $volumeMl);
        $others = $this->neighbours->among($garden, $this->neighbours->courses($garden), null, $plantings, null, $mixes);
        $found = $this->rhythm->of(
            $mixes,
            $this->inCore->plantings($garden, $plantings, $startsOn->toDateString()),
            $target === null ? null : $this->targets->named($target),
            $repeat->everyDays,
            $repeat->times ?? 1,
        );
        $sameDay = $this->rhythm->onSameDay($repeat->from($startsOn), $others);
        $found = [...$useless, ...array_map($this->words(...), $sameDay === null ? $found : [$sameDay, ...$found])];
        if ($found !== []) {
            throw ValidationException::withMessages(['all_the_same' => implode("\n", $found)]);
        }
    }

    /** Whether anything is known to help against it: of what nothing is known of, no mix is known to be useless. */
    private function isHelped(Target $target): bool
    {
        return array_filter($this->remedies->all, static fn (Remedy $one): bool => $one->helps($target->id)) !== [];
    }

    private function refused(string $field, Finding $finding): ValidationException
    {
        return ValidationException::withMessages([$field => $this->words($finding)]);
    }

    private function words(Finding $finding): string
    {
        $said = $finding->toArray($this->catalogue);

        return trim("{$said['what']} {$said['because']} {$said['instead']}");
    }
}

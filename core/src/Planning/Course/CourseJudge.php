<?php

declare(strict_types=1);

namespace Nebbia\Core\Planning\Course;

use Nebbia\Core\Data\Finding;
use Nebbia\Core\Data\Severity;
use Nebbia\Core\Judgement\Circumstances;
use Nebbia\Core\Judgement\Judge;
use Nebbia\Core\Judgement\Situation;
use Nebbia\Core\Mixing\Mix;
use Nebbia\Core\Mixing\Recipe\UseOfSpray;
use Nebbia\Core\Pest\Evidence;
use Nebbia\Core\Pest\Remedies;
use Nebbia\Core\Pest\Remedy;
use Nebbia\Core\Pest\Tactic;
use Nebbia\Core\Pest\Tactics;
use Nebbia\Core\Target\Target;

/**
 * What there is to say of a course before a round of it is planned: every remedy on every planting, whether a spray helps at all against
 * what it is for, and what does.
 */
final readonly class CourseJudge
{
    public function __construct(private Judge $judge, private Remedies $remedies, private Tactics $tactics) {}

    /** @return list<Finding> the gravest first, each once; what is fine is not said */
    public function judge(Course $course): array
    {
        $findings = [];
        foreach ($course->mixes as $mix) {
            if ($mix->recipe->use === UseOfSpray::Disinfect) {
                $findings[] = self::noCourse($mix->recipe->name);
            }
            foreach ($course->plantings === [] ? [null] : $course->plantings as $planting) {
                $now = new Circumstances(
                    stage: $planting?->stage,
                    states: $planting?->inFlower === true ? ['in-flower'] : [],
                    indoors: $planting->indoors ?? false,
                    nevers: $planting->nevers ?? [],
                );
                foreach ($this->judge->judge(Situation::of($mix, $planting?->plant, $now))->findings as $finding) {
                    if ($finding->severity !== Severity::Fine) {
                        $findings[] = $finding;
                    }
                }
            }
        }
        if (! $this->helps($course->target)) {
            $findings[] = self::noSprayHelps($course->target);
        }

        if ($this->leavesNothing($course->target, $course->purpose, $course->mixes)) {
            $findings[] = self::nothingProtects($course->target, $course->mixes);
        }

        return self::each($findings);
    }

    /** Whether a course is no way to go about it: none of its rounds would do anything. */
    public function isInVain(Course $course): bool
    {
        return ! $this->helps($course->target) || $this->leavesNothing($course->target, $course->purpose, $course->mixes);
    }

    /**
     * Whether it is to keep away what is not there, with what is gone once it is dry.
     *
     * @param  list<Mix>  $mixes
     */
    public function leavesNothing(Target $target, Purpose $purpose, array $mixes): bool
    {
        if ($purpose !== Purpose::Prevention) {
            return false;
        }
        foreach ($mixes as $mix) {
            $made = array_filter($this->remedies->all, static fn (Remedy $one): bool => $one->isMadeBy($mix));
            $keeps = array_filter(
                $made,
                static fn (Remedy $one): bool => ! $one->leavesNothing || ($one->pairings[$target->id]->asPrevention ?? false),
            );
            if ($made === [] || $keeps !== []) {
                return false;
            }
        }

        return $mixes !== [];
    }

    /** @param  list<Mix>  $mixes */
    public static function nothingProtects(Target $target, array $mixes): Finding
    {
        return Finding::of(
            'course',
            Severity::Caution,
            'course.leaves-nothing',
            ['name' => $target->name, 'recipe' => $mixes[0]->recipe->name],
            'established guidance',
            'medium',
        );
    }

    public static function noCourse(string $recipe): Finding
    {
        return Finding::of('course', Severity::Stop, 'course.no-course', ['name' => $recipe], 'definition', 'high');
    }

    public static function noSprayHelps(Target $target): Finding
    {
        return Finding::of(
            'course',
            Severity::Caution,
            'course.no-spray-helps',
            ['name' => $target->name],
            'established guidance',
            'medium',
        );
    }

    /**
     * Whether a spray may help against it. What nothing alive causes is helped by none but what feeds it; of a living thing for which no
     * remedy is known, that a spray is useless is not known either.
     */
    public function helps(Target $target): bool
    {
        foreach ($this->remedies->all as $remedy) {
            $pairing = $remedy->pairings[$target->id] ?? null;
            if ($pairing !== null && $pairing->evidence !== Evidence::None) {
                return true;
            }
        }

        return ! $target->isLookAlike() || $target->isFed;
    }

    /** @return list<Tactic> what helps that is no spray, the best founded first */
    public function tactics(Course $course): array
    {
        $found = array_filter(
            $this->tactics->all,
            static fn (Tactic $tactic): bool => isset($tactic->for[$course->target->id]) && $tactic->fits($course->isIndoors()),
        );
        $rank = static fn (Tactic $tactic): int => (int) array_search($tactic->for[$course->target->id], Evidence::cases(), true);
        usort($found, static fn (Tactic $a, Tactic $b): int => $rank($a) <=> $rank($b));

        return $found;
    }

    /**
     * @param  list<Finding>  $findings
     * @return list<Finding>
     */
    private static function each(array $findings): array
    {
        $each = [];
        foreach ($findings as $finding) {
            $each[serialize([$finding->rule, $finding->severity, $finding->what, $finding->because])] ??= $finding;
        }
        usort($each, static fn (Finding $a, Finding $b): int => $b->severity->rank() <=> $a->severity->rank());

        return $each;
    }
}

<?php

declare(strict_types=1);

namespace App\Scouting\Queries;

use App\Bench\Resources\FindingResource;
use App\Scouting\Resources\CauseResource;
use App\Scouting\Resources\ClueResource;
use App\Scouting\Resources\DiagnosisResource;
use App\Scouting\Resources\NextLookResource;
use Nebbia\Core\Data\Finding;
use Nebbia\Core\Data\Sentence\Catalogue;
use Nebbia\Core\Data\Sentence\Message;
use Nebbia\Core\Pest\Diagnosis\Answers;
use Nebbia\Core\Pest\Diagnosis\Clue;
use Nebbia\Core\Pest\Diagnosis\Diagnosis;
use Nebbia\Core\Pest\Diagnosis\DiagnosisCircumstances;
use Nebbia\Core\Pest\Diagnosis\Diagnostician;
use Nebbia\Core\Pest\Diagnosis\RankedCause;
use Nebbia\Core\Target\Targets;

/** Signs to causes, in words for the screen. */
final readonly class DiagnosePlanting
{
    /** How many causes are shown; the rest is said in sum. */
    private const SHOWN = 5;

    private const LEAST = 0.01;

    public function __construct(private Targets $targets, private Diagnostician $diagnostician, private Catalogue $catalogue) {}

    public function __invoke(Answers $answers, DiagnosisCircumstances $circumstances): DiagnosisResource
    {
        $diagnosis = $this->diagnostician->diagnose($answers, $circumstances);
        $expected = $this->diagnostician->expected($circumstances);
        $rarer = array_filter($expected, $this->diagnostician->isRare(...));
        $shown = array_values(
            array_filter(
                array_slice($diagnosis->causes, 0, self::SHOWN),
                static fn (RankedCause $cause): bool => $cause->probability >= self::LEAST,
            ),
        );

        return new DiagnosisResource(
            array_map($this->cause(...), $shown),
            1.0 - array_sum(array_map(static fn (RankedCause $cause): float => $cause->probability, $shown)),
            $diagnosis->isSettled(),
            $diagnosis->standing()->value,
            $this->next($diagnosis),
            array_map(
                fn (Finding $finding): FindingResource => FindingResource::of($finding, $this->catalogue),
                $diagnosis->findings($this->targets),
            ),
            array_keys(array_diff_key($expected, $rarer)),
            array_keys($rarer),
        );
    }

    private function cause(RankedCause $cause): CauseResource
    {
        $target = $cause->isNone() ? null : $this->targets->named($cause->cause);

        return new CauseResource(
            $cause->cause,
            $target->name ?? $this->catalogue->say(Message::of('cause.none-of-these')),
            $target?->kind->value ?? 'none',
            $cause->probability,
            $target === null ? '' : $this->catalogue->say(Message::of("target.$target->id.does")),
            array_map(
                fn (Clue $clue): ClueResource => new ClueResource(
                    $clue->sign->id,
                    $this->catalogue->sentence($clue->sign->name()),
                    $clue->there,
                    $clue->word(),
                ),
                $cause->clues,
            ),
        );
    }

    private function next(Diagnosis $diagnosis): ?NextLookResource
    {
        $next = $diagnosis->nextLook;
        if ($next === null) {
            return null;
        }
        $say = $this->catalogue->say(...);

        return new NextLookResource(
            $next->sign->id,
            $this->catalogue->sentence($next->sign->name()),
            $next->sign->place,
            $say($next->sign->where()),
            $say($next->sign->when()),
            $say($next->sign->look()),
            $say($next->sign->unlike()),
            $next->gainBits,
        );
    }
}

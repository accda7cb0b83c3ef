<?php

declare(strict_types=1);

namespace App\Bench\Queries;

use App\Bench\TypedCircumstances;
use App\Models\Garden;
use App\Models\Planting;
use App\Models\Sprayer;
use App\Pantry\Household;
use Brick\Math\BigRational;
use Carbon\CarbonImmutable;
use Nebbia\Core\Data\BadInput;
use Nebbia\Core\Judgement\Judge;
use Nebbia\Core\Judgement\JudgedMix;
use Nebbia\Core\Judgement\Situation;
use Nebbia\Core\Measure\AmountParser;
use Nebbia\Core\Mixing\Mix;
use Nebbia\Core\Mixing\Mixer;
use Nebbia\Core\Mixing\Recipe\Recipe;
use Nebbia\Core\Mixing\Recipe\RecipeLine;

/** A mix as the household makes it, judged for a planting in the circumstances that are known of it. */
final readonly class JudgeMix
{
    public function __construct(
        private Mixer $mixer,
        private Judge $judge,
        private AmountParser $amounts,
        private Household $household,
        private KnowCircumstances $circumstances,
    ) {}

    /**
     * One fill of the sprayer, judged, and how many fills there are.
     *
     * @param  float  $factor  by which all that is added is made stronger
     * @return array{JudgedMix, int}
     *
     * @throws BadInput naming `recipe.…` or `volume`
     */
    public function fills(
        Garden $garden,
        mixed $body,
        ?Sprayer $sprayer,
        ?Planting $planting,
        ?string $volume,
        TypedCircumstances $now,
        float $factor,
    ): array {
        [$target, $fills] = $this->share($garden, $sprayer, $volume);

        return [$this->judged($garden, $this->mix($garden, $body, $target, $factor), $planting, $sprayer, $now), $fills];
    }

    /**
     * The same for all plantings of a course: held against the one that bears it least.
     *
     * @param  iterable<Planting>  $plantings
     * @param  array<string, mixed>  $body
     * @param  CarbonImmutable|null  $at  when it is sprayed; now if left out
     *
     * @throws BadInput
     */
    public function forAll(
        Garden $garden,
        array $body,
        iterable $plantings,
        float $volumeMl,
        ?Sprayer $sprayer,
        ?CarbonImmutable $at,
    ): JudgedMix {
        $judged = $this->each($garden, $body, $plantings, $volumeMl, $sprayer, $at);

        return JudgedMix::gravest($judged) ?? $judged[0];
    }

    /**
     * The same for each planting by itself; for none in particular where there is none.
     *
     * @param  iterable<Planting>  $plantings
     * @param  array<string, mixed>  $body
     * @return non-empty-list<JudgedMix>
     *
     * @throws BadInput
     */
    public function each(
        Garden $garden,
        array $body,
        iterable $plantings,
        ?float $volumeMl,
        ?Sprayer $sprayer,
        ?CarbonImmutable $at,
    ): array {
        $mix = $this->mix($garden, $body, $volumeMl);
        $judged = [];
        foreach ($plantings as $planting) {
            $judged[] = $this->judged($garden, $mix, $planting, $sprayer, at: $at);
        }

        return $judged === [] ? [$this->judged($garden, $mix, null, $sprayer, at: $at)] : $judged;
    }

    /**
     * One fill of the sprayer, judged.
     *
     * @throws BadInput
     */
    public function oneFill(Garden $garden, mixed $body, ?Sprayer $sprayer, ?Planting $planting, ?string $volume): JudgedMix
    {
        return $this->judged($garden, $this->mix($garden, $body, $this->share($garden, $sprayer, $volume)[0]), $planting, $sprayer);
    }

    /** @return array{float|null, int} mL of one fill, and how many there are */
    private function share(Garden $garden, ?Sprayer $sprayer, ?string $volume): array
    {
        $target = $this->target($garden, $sprayer, $volume);
        $usable = $sprayer?->vessel()->usableMl();
        $fills = $target === null || $usable === null ? 1 : max(1, (int) ceil($target / $usable - 1e-6));

        return [$target === null ? null : $target / $fills, $fills];
    }

    /** @throws BadInput */
    public function judgedMix(Garden $garden, mixed $body, ?Sprayer $sprayer, ?Planting $planting, ?string $volume): JudgedMix
    {
        return $this->judged($garden, $this->mix($garden, $body, $this->target($garden, $sprayer, $volume)), $planting, $sprayer);
    }

    /** mL that are wanted: as typed, or what the sprayer holds, or null for as much as the recipe makes. */
    private function target(Garden $garden, ?Sprayer $sprayer, ?string $volume): ?float
    {
        return $volume === null || trim($volume) === ''
            ? $sprayer?->vessel()->usableMl()
            : self::under('volume', fn () => $this->amounts->parseVolume($volume, $garden->units)->inBase()->likely);
    }

    private function mix(Garden $garden, mixed $body, ?float $targetMl, float $factor = 1.0): Mix
    {
        return self::under('recipe', function () use ($garden, $body, $targetMl, $factor): Mix {
            $recipe = $this->household->reader($garden)->read($body);

            return $this->mixer
                ->with($this->household->own($garden))
                ->mix($factor === 1.0 ? $recipe : $this->times($recipe, $factor), $targetMl, $garden->units);
        });
    }

    private function times(Recipe $recipe, float $factor): Recipe
    {
        $k = BigRational::of(sprintf('%.4F', $factor));

        return $recipe->withLines(array_map(static fn (RecipeLine $line): RecipeLine => $line->strengthenedBy($k), $recipe->lines));
    }

    /** @return array<string, mixed> nebbia.recipe/1 with all that is added so much stronger */
    public function strengthened(Garden $garden, mixed $body, float $factor): array
    {
        return $this->times($this->household->reader($garden)->read($body), $factor)->toArray();
    }

    private function judged(
        Garden $garden,
        Mix $mix,
        ?Planting $planting,
        ?Sprayer $sprayer,
        TypedCircumstances $now = new TypedCircumstances(),
        ?CarbonImmutable $at = null,
    ): JudgedMix {
        return $this->judge->judge(
            Situation::of(
                $mix,
                $planting === null ? null : $planting->met(),
                ($this->circumstances)($garden, $planting, $sprayer, $now, $mix->finalVolume->likely, $at, $mix),
            ),
        );
    }

    /**
     * @template T
     *
     * @param  callable(): T  $work
     * @return T
     */
    private static function under(string $field, callable $work): mixed
    {
        try {
            return $work();
        } catch (BadInput $e) {
            throw $e->under($field);
        }
    }
}

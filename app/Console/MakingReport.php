<?php

declare(strict_types=1);

namespace App\Console;

use App\Core\Say;
use Nebbia\Core\Data\Finding;
use Nebbia\Core\Data\Interval;
use Nebbia\Core\Data\Sentence\Catalogue;
use Nebbia\Core\Data\Sentence\Message;
use Nebbia\Core\Instructions\Steps\MixingStep;
use Nebbia\Core\Instructions\Steps\MixingTask;
use Nebbia\Core\Making\Kitchenware;
use Nebbia\Core\Making\MakingSteps;
use Nebbia\Core\Making\Preparation;
use Nebbia\Core\Measure\UnitSystem;
use Nebbia\Core\Mixing\Hazard\Hazards;
use Nebbia\Core\Mixing\MixLine;
use Nebbia\Core\Shelf\Length;
use Nebbia\Core\Substance\Content;

/** Writes a preparation down: as nebbia.stock/1, or as a page to read. */
final readonly class MakingReport
{
    public const FORMAT = 'nebbia.stock/1';

    public function __construct(private Catalogue $catalogue, private Hazards $hazards, private Kitchenware $kitchen) {}

    /**
     * @param  list<Finding>  $findings
     * @return array<string, mixed> nebbia.stock/1
     */
    public function toArray(Preparation $preparation, array $findings): array
    {
        $kind = $preparation->making->kind;

        return [
            'format' => self::FORMAT,
            'kind' => $kind->id,
            'ingredient' => $preparation->ingredient->id,
            'yield_ml' => $preparation->yield?->toArray(),
            'lost_ml' => $preparation->lost()?->toArray(),
            'contents' => array_map(
                static fn (Content $content): array => [
                    'substance' => $content->substance->id,
                    'g_per_litre' => $content->grams->times(1000.0)->toArray(),
                    'percent_vv' => $content->substance->shownByVolume ? $content->millilitres?->times(100.0)->toArray() : null,
                ],
                $preparation->contents,
            ),
            'plants_g_per_litre' => array_map(static fn (Interval $one): array => $one->times(1000.0)->toArray(), $preparation->plants),
            'lines' => array_map(static fn (MixLine $line): array => $line->toArray(), $preparation->pot->lines ?? []),
            'lead_hours' => $kind->hours->toArray(),
            'keeps_hours' => array_map(static fn (Interval $one): array => $one->toArray(), $kind->keeps),
            'usual_dilution' => $kind->into,
            'findings' => array_map(fn (Finding $one): array => $one->toArray($this->catalogue), $findings),
            'steps' => array_map(
                fn (MixingStep $step): array => [
                    'what' => $this->catalogue->sentence($step->what),
                    'how' => $step->how === null ? null : $this->catalogue->sentence($step->how),
                    'cautions' => array_map($this->catalogue->sentence(...), $step->cautions),
                    'minutes' => $step->timer?->minutes->toArray(),
                ],
                $this->steps($preparation),
            ),
        ];
    }

    /** @param  list<Finding>  $findings */
    public function json(Preparation $preparation, array $findings): string
    {
        return json_encode(
            $this->toArray($preparation, $findings),
            JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_PRESERVE_ZERO_FRACTION | JSON_PRETTY_PRINT,
        );
    }

    /** @param  list<Finding>  $findings */
    public function text(Preparation $preparation, array $findings): string
    {
        $kind = $preparation->making->kind;
        $text = $preparation->making->name."\n\n".implode('', array_map($this->finding(...), $findings));
        $text .=
            $preparation->yield === null
                ? Say::it('console.no-yield')."\n"
                : Say::it('console.gives', [
                    'likely' => sprintf('%.0f', $preparation->yield->likely),
                    'low' => sprintf('%.0f', $preparation->yield->low),
                    'high' => sprintf('%.0f', $preparation->yield->high),
                ])."\n";
        foreach ($preparation->contents as $content) {
            $grams = $content->grams->times(1000.0);
            $text .= sprintf("  %-28s %.4g g/L (%.4g to %.4g)\n", $content->substance->name, $grams->likely, $grams->low, $grams->high);
        }
        $text .= $kind->hours->likely > 0.0 ? "\nTakes ".$this->catalogue->say(Length::of($kind->hours->likely)).".\n" : "\n";
        foreach ($kind->keeps as $place => $hours) {
            $text .= sprintf("  %-8s %s\n", $place, Say::it('console.keeps', ['long' => Length::of($hours->likely)]));
        }
        $text .= "\n";
        foreach ($this->steps($preparation) as $n => $step) {
            $text .= sprintf("  %d. %s\n", $n + 1, $this->catalogue->sentence($step->what));
            foreach ($step->cautions as $caution) {
                $text .= '     ! '.$this->catalogue->sentence($caution)."\n";
            }
        }

        return $text.
            implode(
                '',
                array_map(
                    fn (string $spoil): string => '  '.$this->catalogue->say(Message::of("making.spoil.$spoil"))."\n",
                    $kind->spoils,
                ),
            );
    }

    private function finding(Finding $finding): string
    {
        $said = $finding->toArray($this->catalogue);

        return "  [{$said['severity']}] {$said['what']}\n      {$said['because']}\n      {$said['instead']}\n\n";
    }

    /** @return list<MixingStep> */
    private function steps(Preparation $preparation): array
    {
        $work = $preparation->pot === null ? null : MixingTask::of($preparation->pot, null, UnitSystem::Metric, $this->hazards);

        return (new MakingSteps())->of($preparation, $work, UnitSystem::Metric, null, $this->kitchen->of($preparation));
    }
}

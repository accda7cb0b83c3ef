<?php

declare(strict_types=1);

namespace App\Console;

use App\Core\Say;
use Nebbia\Core\Chemistry\Made;
use Nebbia\Core\Data\Finding;
use Nebbia\Core\Data\Interval;
use Nebbia\Core\Data\Sentence\Catalogue;
use Nebbia\Core\Data\Severity;
use Nebbia\Core\Judgement\JudgedMix;
use Nebbia\Core\Measure\Kitchen\KitchenFraction;

/** Writes a mix down: as nebbia.mix/1, or as a page to read. */
final readonly class MixReport
{
    public const FORMAT = 'nebbia.mix/1';

    public function __construct(private Catalogue $catalogue) {}

    /** @return array<string, mixed> nebbia.mix/1 */
    public function toArray(JudgedMix $judged): array
    {
        $mix = $judged->mix;

        return [
            'format' => self::FORMAT,
            'scale' => $mix->scale,
            'final_volume_ml' => $mix->finalVolume->toArray(),
            'base_ml' => $mix->baseMl,
            'lines' => array_map(static fn ($line): array => $line->toArray(), $mix->lines),
            'strengths' => array_map(static fn ($strength): array => $strength->toArray(), $mix->strengths),
            'after' => $this->after($judged),
            'ph' => $judged->aftermath?->ph?->toArray(),
            'ph_closed' => $judged->aftermath?->phFresh,
            'made' => array_map(
                fn (Made $made): array => [
                    'what' => $made->id,
                    'name' => $this->catalogue->say($made->name()),
                    'g_per_l' => $made->gramsPerLitre,
                    'at_most' => ! $made->isLikely,
                ],
                $judged->aftermath->made ?? [],
            ),
            'steps' => array_map(
                fn ($step): array => [
                    'line' => $step->line,
                    'how' => $this->catalogue->say($step->how),
                ],
                $mix->steps,
            ),
            'findings' => array_map(fn (Finding $finding): array => $finding->toArray($this->catalogue), $judged->findings),
        ];
    }

    /**
     * @return list<array{substance: string, percent_wv: array{low: float, likely: float, high: float}}> what is left of each once it has
     *     reacted
     */
    private function after(JudgedMix $judged): array
    {
        $after = [];
        foreach ($judged->mix->strengths as $strength) {
            $left = $judged->aftermath->left[$strength->substance->id] ?? $strength->percentWv;
            $after[$strength->substance->id] = ['substance' => $strength->substance->id, 'percent_wv' => $left->toArray()];
        }
        foreach ($judged->aftermath->left ?? [] as $id => $left) {
            $after[$id] ??= ['substance' => $id, 'percent_wv' => $left->toArray()];
        }

        return array_values($after);
    }

    public function json(JudgedMix $judged): string
    {
        return json_encode(
            $this->toArray($judged),
            JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_PRESERVE_ZERO_FRACTION | JSON_PRETTY_PRINT,
        );
    }

    public function text(JudgedMix $judged): string
    {
        $mix = $judged->mix;
        $n = KitchenFraction::figures(...);
        $title = $mix->recipe->name === '' ? Say::it('console.recipe') : $mix->recipe->name;
        $text = "$title\n\nMakes ".$this->span($mix->finalVolume)." mL.\n\n";
        $text .= sprintf("  %-28s %10s mL\n", $mix->recipe->liquid->name, $n($mix->baseMl));
        foreach ($mix->lines as $line) {
            $amount = $line->volumeMl !== null ? $n($line->volumeMl).' mL' : '';
            $amount .= $line->line->isPoured() || $line->massG === null ? '' : ($amount === '' ? '' : ' = ').$n($line->massG).' g';
            $measure = $line->measure === null ? '' : sprintf('   %s (%+.1f %%)', $line->measure->text, $line->measure->errorPercent);
            $text .= sprintf("  %-28s %13s%s\n", $line->line->ingredient->name, $amount, $measure);
        }
        $text .= "\nStrength\n";
        foreach ($mix->strengths as $strength) {
            $byVolume = $strength->substance->shownByVolume ? $strength->percentVv : null;
            $text .= sprintf(
                "  %-28s %s %s\n",
                $strength->substance->name,
                $this->span($byVolume ?? $strength->percentWv),
                $byVolume === null ? '% w/v' : '% v/v',
            );
        }
        $text .= $this->bottle($judged);
        $text .= "\nOrder\n";
        foreach ($mix->steps as $n => $step) {
            $name = $step->line === null ? $mix->recipe->liquid->name : $mix->recipe->lines[$step->line]->ingredient->name;
            $text .= sprintf("  %d. %s: %s\n", $n + 1, $name, $this->catalogue->say($step->how));
        }
        $text .= "\nFindings\n";
        foreach ($judged->findings as $finding) {
            $text .= $this->finding($finding);
        }

        return $text;
    }

    /** What has become of it, where anything has. */
    private function bottle(JudgedMix $judged): string
    {
        $aftermath = $judged->aftermath;
        if ($aftermath === null || ($aftermath->ph === null && $aftermath->made === [])) {
            return '';
        }
        $n = KitchenFraction::figures(...);
        $text = "\n".Say::it('console.after-mixing')."\n";
        foreach ($aftermath->made as $made) {
            $text .= sprintf(
                "  %-46s %s g/L%s\n",
                ucfirst($this->catalogue->say($made->name())),
                $n($made->gramsPerLitre),
                $made->isLikely ? '' : ' '.Say::it('console.at-most'),
            );
        }

        return $text.
            ($aftermath->ph === null
                ? ''
                : '  '.
                    Say::it('console.ph', [
                        'likely' => number_format($aftermath->ph->likely, 1),
                        'low' => number_format($aftermath->ph->low, 1),
                        'high' => number_format($aftermath->ph->high, 1),
                    ]).
                    "\n");
    }

    private function finding(Finding $finding): string
    {
        $said = $finding->toArray($this->catalogue);
        $text = sprintf("  [%s] %s\n", $said['severity'], $said['what']);
        if ($finding->severity === Severity::Fine) {
            return $text;
        }

        return $text.sprintf("      %s\n      %s (%s, sure: %s)\n", $said['because'], $said['instead'], $said['basis'], $said['sure']);
    }

    private function span(Interval $interval): string
    {
        $n = KitchenFraction::figures(...);

        return $interval->isExact()
            ? $n($interval->likely)
            : $n($interval->likely).' ('.$n($interval->low).' to '.$n($interval->high).')';
    }
}

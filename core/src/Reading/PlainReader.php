<?php

declare(strict_types=1);

namespace Nebbia\Core\Reading;

use Nebbia\Core\Measure\Digits;
use Nebbia\Core\Measure\UnitSystem;
use Nebbia\Core\Mixing\Recipe\RecipeReader;
use Nebbia\Core\Mixing\Recipe\Repeat;
use Nebbia\Core\Reading\Draft\Draft;
use Nebbia\Core\Reading\Steps\StepFinder;
use Nebbia\Core\Reading\Steps\TwoSteps;
use Nebbia\Core\Reading\Words\Lexicon;

/**
 * Reads a recipe in plain words. Each thing that is understood names the phrase it rests on; whatever is missing is null, whatever could
 * be otherwise is doubted.
 */
final readonly class PlainReader
{
    private const MOST = 5000;

    public function __construct(
        private Lexicon $lexicon,
        private StretchReader $stretches,
        private StepFinder $steps,
        private TwoSteps $twoSteps,
    ) {}

    /**
     * @param  UnitSystem|null  $system  whose spoons are meant; if left out the text's own words decide, else they are US
     *
     * @throws ReadingException if there is nothing to read, too much, or it is no text
     */
    public function read(string $text, ?UnitSystem $system = null): ReadRecipe
    {
        if (! mb_check_encoding($text, 'UTF-8')) {
            throw ReadingException::notText();
        }
        if (trim($text) === '') {
            throw ReadingException::empty();
        }
        if (mb_strlen($text) > self::MOST) {
            throw ReadingException::tooLong(self::MOST);
        }
        $text = Digits::western($text);
        $system ??= $this->speaksMetric($text) ? UnitSystem::Metric : UnitSystem::Us;
        $tokens = $this->stretches->tokens($text);
        $second = $this->steps->find($text, $tokens);
        $read = $second === null ? null : $this->twoSteps->read($text, $tokens, $second, $system);
        if ($read !== null) {
            return ReadRecipe::of(
                $this->head($read->making->draft, $read->making->doubter->use(), true, $system)
                    + ['base' => $read->base, 'preparations' => $read->preparations, 'ingredients' => $read->lines]
                    + $this->tail($read->making->draft),
                $read->understood,
                $read->doubts,
                $read->left,
            );
        }
        $one = $this->stretches->read($tokens, $text, $system);

        return ReadRecipe::of(
            $this->head($one->draft, $one->doubter->use(), $one->lines !== [], $system)
                + ['base' => $one->baseBody(), 'ingredients' => $one->lineBodies()]
                + $this->tail($one->draft),
            $one->understood(),
            $one->doubter->doubts($one->base, $one->lines),
            $one->doubter->left($one->tokens),
        );
    }

    /** @return array<string, mixed> */
    private function head(Draft $draft, ?string $use, bool $hasLines, UnitSystem $system): array
    {
        return [
            'format' => RecipeReader::FORMAT,
            'name' => '',
            // Taken and doubted, like an unnamed soap: most of what is mixed is sprayed on leaves.
            'use' => $use ?? ($hasLines ? $draft->usualUse() : null),
            'units' => $system->value,
        ];
    }

    /** @return array<string, mixed> */
    private function tail(Draft $draft): array
    {
        $tail = [];
        if ($draft->repeat !== null) {
            $tail['repeat'] = [
                'every_days' => Repeat::every((float) $draft->repeat->value, null)->days(),
                'times' => $draft->rounds ?? ($draft->times === null ? null : (int) $draft->times->value),
            ];
        }

        return $tail
            + ($draft->targets === [] ? [] : ['targets' => array_keys($draft->targets)])
            + ($draft->plants === [] ? [] : ['plants' => array_keys($draft->plants)]);
    }

    private function speaksMetric(string $text): bool
    {
        $words = implode('|', array_map(static fn (string $word): string => preg_quote($word, '/'), $this->lexicon->metricWords()));

        return preg_match("/(?<![\\p{L}])(?:$words)(?![\\p{L}])/iu", $text) === 1;
    }
}

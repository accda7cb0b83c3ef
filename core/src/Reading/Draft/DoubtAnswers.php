<?php

declare(strict_types=1);

namespace Nebbia\Core\Reading\Draft;

use Brick\Math\BigRational;
use Nebbia\Core\Data\Interval;
use Nebbia\Core\Data\Sentence\Message;
use Nebbia\Core\Measure\Amount;
use Nebbia\Core\Measure\UnitKind;
use Nebbia\Core\Measure\UnitSystem;
use Nebbia\Core\Mixing\Recipe\UseOfSpray;
use Nebbia\Core\Reading\Answer;
use Nebbia\Core\Reading\Words\Token;
use Nebbia\Core\Substance\Ingredient;
use Nebbia\Core\Substance\Ingredients;

/** What a gardener may mean by what is doubted, in words that leave no doubt. */
final readonly class DoubtAnswers
{
    private const SOAPS = ['liquid-castile-soap', 'potash-soap', 'bar-soap', 'dish-detergent'];

    private const ALCOHOLS = ['isopropyl-alcohol', 'ethyl-alcohol'];

    /** Words that the reader takes for each use. */
    private const USES = [
        'foliar' => 'Spray.',
        'drench' => 'Drench.',
        'weed' => 'Weed killer.',
        'wipe' => 'Wipe.',
        'dip' => 'Dip.',
        'disinfect' => 'Disinfect.',
    ];

    public function __construct(private Ingredients $ingredients) {}

    /** @return list<Answer> */
    public function which(Ingredient $taken): array
    {
        $ids = $taken->group === 'alcohol' ? self::ALCOHOLS : self::SOAPS;

        return array_map(fn (string $id): Answer => Answer::instead(mb_strtolower($this->ingredients->named($id)->name)), $ids);
    }

    /** @return list<Answer> */
    public function spoon(Token $amount): array
    {
        $number = trim((string) preg_replace('/\s*tbsp$/u', '', $amount->value));

        $dessert = $number === '1' ? 'dessertspoon' : 'dessertspoons';

        return array_map(static fn (string $spoon): Answer => Answer::instead("$number $spoon"), ['tsp', 'tbsp', $dessert]);
    }

    /**
     * Level, or as high as it gets.
     *
     * @return list<Answer>
     */
    public function heaped(Token $amount, Peek $peek): array
    {
        $level = $peek->amount($amount->value);

        return $level === null
            ? []
            : [
                Answer::instead(
                    $peek->people($amount->value),
                    Message::of('reading.answer.level', ['amount' => $peek->people($amount->value)]),
                ),
                Answer::instead(
                    $peek->said($level->scaledBy(BigRational::of(2))),
                    Message::of('reading.answer.high', ['amount' => $peek->said($level->scaledBy(BigRational::of(2)))]),
                ),
            ];
    }

    /**
     * A squeeze, a glug, a cap: little, usual, much.
     *
     * @return list<Answer>
     */
    public function rough(Amount $amount): array
    {
        if ($amount->unit->kind !== UnitKind::Volume) {
            return [];
        }
        $base = $amount->inBase();

        return self::each([self::measured($base->low, 'mL'), self::measured($base->likely, 'mL'), self::measured($base->high, 'mL')]);
    }

    /** @return list<Answer> */
    public function strength(Token $name, Ingredient $ingredient): array
    {
        $usual = $ingredient->usual;

        return array_map(
            static fn (string $percent): Answer => Answer::named($percent, "$name->text ($percent)"),
            self::distinct([self::measured($usual->low, '%'), self::measured($usual->likely, '%'), self::measured($usual->high, '%')]),
        );
    }

    /**
     * So many parts of the bottle, or as many as give so much of what is in it.
     *
     * @return list<Answer>
     */
    public function percentOf(Token $share, float $percent, Interval $usual): array
    {
        $pure = $usual->likely > 0.0 && $percent > 0.0 ? ((100.0 / $percent) * $usual->likely) / 100.0 : 0.0;
        $answers = [Answer::instead($share->value, Message::of('reading.answer.of-bottle', ['share' => $share->value]))];
        if ($pure > 1.0) {
            $parts = self::measured($pure, '');
            $answers[] = Answer::instead("1 in $parts", Message::of('reading.answer.of-pure', ['share' => "1 in $parts"]));
        }

        return $answers;
    }

    /** @return list<Answer> */
    public function uses(): array
    {
        $answers = [];
        foreach (self::USES as $use => $words) {
            $answers[] = Answer::behind($words, Message::of('reading.use.'.UseOfSpray::from($use)->value));
        }

        return $answers;
    }

    /** @return list<Answer> */
    public function volumes(UnitSystem $system): array
    {
        $volumes = $system === UnitSystem::Us ? ['1 quart', '1 gallon'] : ['1 L', '2 L', '5 L'];

        return array_map(
            static fn (string $volume): Answer => Answer::behind(
                "In $volume of water.",
                Message::of('reading.answer.plain', ['text' => $volume]),
            ),
            $volumes,
        );
    }

    /**
     * "1.000 ml": a thousand, or one.
     *
     * @return list<Answer>
     */
    public function thousands(Token $amount): array
    {
        return [
            Answer::instead((string) preg_replace('/(\d)\.(\d{3})/u', '$1$2', $amount->text)),
            Answer::instead((string) preg_replace('/(\d)\.(\d{3})/u', '$1', $amount->text)),
        ];
    }

    /** Two figures: what a hand can measure. */
    private static function measured(float $value, string $unit): string
    {
        $digits = $value <= 0.0 ? 0 : max(0, 1 - (int) floor(log10($value)));

        return trim(round($value, $digits)." $unit");
    }

    /**
     * @param  list<string>  $texts
     * @return list<Answer>
     */
    private static function each(array $texts): array
    {
        return array_map(Answer::instead(...), self::distinct($texts));
    }

    /**
     * @param  list<string>  $texts
     * @return list<string>
     */
    private static function distinct(array $texts): array
    {
        return array_values(array_unique($texts));
    }
}

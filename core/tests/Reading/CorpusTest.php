<?php

declare(strict_types=1);

use Nebbia\Core\Data\BadInput;
use Nebbia\Core\Data\Severity;
use Nebbia\Core\Measure\NumberParser;
use Nebbia\Core\Tests\Cases;
use Nebbia\Core\Tests\Chance;
use Nebbia\Core\Tests\Reading\Corpus;

// Paragraphs as gardeners write them. What is wrong and says so is not counted; of what is wrong and silent each counts as ten.

it('reads what gardeners write: 97 in a hundred right, and nothing wrong in silence', function (string $file): void {
    $cases = Corpus::cases($file);
    $wrong = [];
    $counted = 0;
    foreach ($cases as $case) {
        $faults = Corpus::faults($case);
        if ($faults !== []) {
            $wrong[] = str_replace("\n", ' / ', $case['t']).': '.implode('; ', $faults);
            $counted += Corpus::isSilent($case) ? 10 : 1;
        }
    }
    expect($counted)->toBeLessThanOrEqual(max(3, (int) floor(0.03 * count($cases))), implode("\n", $wrong));
})->with(['seen', 'unseen']);

it('is in three languages, a fifth Italian and a fifth Portuguese, a sixth of it in two steps', function (): void {
    $all = [...Corpus::cases('seen'), ...Corpus::cases('unseen')];
    $of = static fn (string $pattern): int => count(array_filter($all, static fn (array $case): bool => preg_match($pattern, $case['t']) === 1));
    expect(count($all))->toBeGreaterThanOrEqual(200)
        ->and($of("/\\b(?:acqua|sapone|litro d'|cucchia|spruzz|macerat|olio|candeggina)/iu"))->toBeGreaterThanOrEqual(35)
        ->and($of('/(?:água|óleo|sabão|colher|leite|fumo|urtigas|solução|vinagre branco|cinza|pulveriz)/iu'))->toBeGreaterThanOrEqual(33)
        ->and(count(array_filter($all, static fn (array $case): bool => in_array('two-steps', $case['d'] ?? [], true))))->toBeGreaterThanOrEqual(35);
});

it('leaves no number without a place or a doubt', function (string $file): void {
    foreach (Corpus::cases($file) as $case) {
        $read = Corpus::read($case['t']);
        $length = mb_strlen($case['t']);
        $spans = [...$read['understood'], ...array_filter($read['doubts'], static fn (array $doubt): bool => $length > $doubt['end'] - $doubt['start'])];
        preg_match_all('/\d+(?:[.,\/]\d+)?/u', $case['t'], $numbers, PREG_OFFSET_CAPTURE);
        foreach ($numbers[0] as [$number, $at]) {
            $start = mb_strlen(substr($case['t'], 0, $at));
            $covers = array_filter($spans, static fn (array $span): bool => $span['start'] <= $start && $span['end'] >= $start + mb_strlen($number));
            expect($covers)->not->toBe([], "$number in \"$case[t]\"");
        }
    }
})->with(['seen', 'unseen']);

it('is never milder for a thing that nobody knows', function (): void {
    $judge = Cases::judge();
    $worst = static function (string $text) use ($judge): ?int {
        try {
            $mix = Corpus::mix(Corpus::read($text));
        } catch (BadInput) {
            return null;
        }

        return max([0, ...array_map(static fn ($one): int => $one->severity->rank(), $judge->judge(Nebbia\Core\Judgement\Situation::of($mix))->findings)]);
    };
    $tried = 0;
    foreach (Corpus::cases('seen') as $case) {
        if (isset($case['s']) || str_contains($case['t'], "\n")) {
            continue;
        }
        $before = $worst($case['t']);
        $after = $worst(rtrim($case['t'], ' .').'. Add 5 g of wobblewort powder.');
        if ($before !== null && $after !== null) {
            $tried++;
            expect($after)->toBeGreaterThanOrEqual(max($before, Severity::Notice->rank()), $case['t']);
        }
    }
    expect($tried)->toBeGreaterThan(80);
});

it('reads numbers as people say them', function (string $said, string $is): void {
    expect((string) NumberParser::parse($said))->toBe($is);
})->with([
    ['two and a half', '5/2'], ['one and one half', '3/2'], ['a third of a', '1/3'], ['three-quarter', '3/4'], ['half a', '1/2'], ['a dozen', '12'], ['a couple of', '2'],
    ['1-1/2', '3/2'], ['2 1/4', '9/4'], ['due e mezzo', '5/2'], ['tre quarti di', '3/4'], ['un quarto di', '1/4'], ['una dozzina di', '12'], ['dois e meio', '5/2'],
    ['meia dúzia de', '6'], ['três quartos de', '3/4'], ['quinze', '15'], ['3 and a half', '7/2'],
]);

it('settles a doubt by any of the answers that it offers', function (string $file): void {
    $tried = 0;
    foreach (Corpus::cases($file) as $n => $case) {
        foreach ($n % 4 === 0 ? Corpus::read($case['t'])['doubts'] : [] as $doubt) {
            foreach ($doubt['answers'] ?? [] as $answer) {
                $text = $answer['append']
                    ? rtrim($case['t']).' '.$answer['text']
                    : mb_substr($case['t'], 0, $doubt['start']).$answer['text'].mb_substr($case['t'], $doubt['end']);
                $of = static fn (array $read): int => count(array_filter($read['doubts'], static fn (array $one): bool => $one['kind'] === $doubt['kind']));
                $after = Corpus::read($text);
                expect($of($after))->toBeLessThan($of(Corpus::read($case['t'])), "$doubt[kind]: \"$text\"")
                    ->and(count($after['ingredients']))->toBeGreaterThanOrEqual(count(Corpus::read($case['t'])['ingredients']), $text);
                $tried++;
            }
        }
    }
    expect($tried)->toBeGreaterThan(40);
})->with(['seen', 'unseen']);

/** @return array<string, array{string, string}> how each language says an amount of something, and water */
function wordings(): array
{
    return [
        'en' => [['{a} of {n}', '{n}: {a}', '{n}, {a}', '{a} {n}'], ['{v} of water', 'water: {v}', 'in {v} of water']],
        'it' => [['{a} di {n}', '{n}: {a}', '{a} {n}'], ["{v} d'acqua", 'acqua: {v}', 'in {v} di acqua']],
        'pt' => [['{a} de {n}', '{n}: {a}', '{a} {n}'], ['{v} de água', 'água: {v}', 'em {v} de água']],
    ];
}

it('reads back the recipe that it is a wording of', function (int $seed): void {
    $chance = new Chance($seed);
    $pick = static fn (array $of) => $of[$chance->whole(0, count($of) - 1)];
    // id => [liquid, its name in three languages]
    $things = [
        'neem-oil' => [true, 'neem oil', 'olio di neem', 'óleo de neem'], 'dish-detergent' => [true, 'dish soap', 'detersivo per piatti', 'detergente de louça'], 'potash-soap' => [true, 'soft soap', 'sapone molle', 'sabão de potássio'],
        'vegetable-oil' => [true, 'rapeseed oil', 'olio di colza', 'óleo de soja'], 'white-vinegar' => [true, 'white vinegar', 'aceto bianco', 'vinagre branco'], 'milk' => [true, 'milk', 'latte', 'leite'], 'isopropyl-alcohol' => [true, 'isopropyl alcohol', 'alcool isopropilico', 'álcool isopropílico'],
        'baking-soda' => [false, 'baking soda', 'bicarbonato di sodio', 'bicarbonato de sódio'], 'potassium-bicarbonate' => [false, 'potassium bicarbonate', 'bicarbonato di potassio', 'bicarbonato de potássio'], 'table-salt' => [false, 'salt', 'sale', 'sal'],
        'bar-soap' => [false, 'soap flakes', 'scaglie di sapone', 'sabão em barra'], 'garlic' => [false, 'garlic', 'aglio', 'alho'], 'wettable-sulfur' => [false, 'wettable sulfur', 'zolfo bagnabile', 'enxofre molhável'],
    ];
    $spoons = ['en' => ['tsp' => 'teaspoon', 'tbsp' => 'tablespoon'], 'it' => ['tsp' => 'cucchiaini', 'tbsp' => 'cucchiai'], 'pt' => ['tsp' => 'colheres de chá', 'tbsp' => 'colheres de sopa']];
    $language = ['en' => 1, 'it' => 2, 'pt' => 3];
    foreach (wordings() as $code => [$lines, $waters]) {
        for ($n = 0; $n < 60; $n++) {
            $base = $pick(['1 L', '2 L', '500 ml', '1,5 litri', '5 litros', '10 l']);
            $said = [str_replace('{v}', $base, $pick($waters))];
            $written = [];
            $chosen = array_keys($things);
            for ($count = $chance->whole(1, 3); $count > 0; $count--) {
                $id = array_splice($chosen, $chance->whole(0, count($chosen) - 1), 1)[0];
                [$isLiquid] = $things[$id];
                $number = $pick(['1', '2', '3', '5', '10', '20', '½', '1½']);
                $unit = $pick($isLiquid ? ['ml', 'tsp', 'tbsp'] : ['g', 'tsp', 'tbsp']);
                $amount = "$number ".($spoons[$code][$unit] ?? $unit);
                $said[] = str_replace(['{a}', '{n}'], [$amount, $things[$id][$language[$code]]], $pick($lines));
                $written[] = ['ingredient' => $id, 'amount' => "$number ".match (true) {
                    $code === 'en' || ! isset($spoons[$code][$unit]) => $unit,
                    default => "metric $unit",
                }];
            }
            usort($said, static fn (): int => $chance->whole(-1, 1));
            $text = ucfirst(implode($pick(['; ', '. ', "\n"]), $said)).'.';
            $read = Corpus::read($text);
            try {
                $is = Corpus::strengths(Corpus::mix($read));
            } catch (BadInput $e) {
                $this->fail("\"$text\": ".Cases::english()->say($e->said).json_encode($read['ingredients']));
            }
            $wanted = Corpus::strengths(Corpus::mix(['format' => 'nebbia.recipe/1', 'units' => $read['units'], 'base' => ['amount' => str_replace(['litri', 'litros', ','], ['L', 'L', '.'], $base), 'basis' => 'added', 'liquid' => 'water'], 'ingredients' => $written]));
            ksort($is);
            ksort($wanted);
            expect(array_keys($is))->toBe(array_keys($wanted), $text);
            foreach ($wanted as $substance => $percent) {
                expect($is[$substance])->toEqualWithDelta($percent, 1e-6 * $percent, "$substance in \"$text\"");
            }
        }
    }
})->with(range(1, 12));

<?php

declare(strict_types=1);

use Nebbia\Core\Data\BadInput;
use Nebbia\Core\Mixing\Recipe\RecipeReader;
use Nebbia\Core\Reading\PlainReader;
use Nebbia\Core\Tests\Cases;
use Nebbia\Core\Tests\Chance;

/** Paragraphs put together from what recipes are made of, and from nonsense. */
function anyParagraph(Chance $chance): string
{
    $pieces = [
        '1', '2-3', '½', 'half a', 'two', 'tsp', 'tablespoons', 'mL', 'litre', 'gallon', 'cups', '%', '3 %', '10 volumes', 'drops', 'of', 'in', 'to', 'per', 'and', 'with', 'water',
        'castile soap', 'soap', 'peroxide', 'neem oil', 'garlic', 'cloves', 'aspirin', '.', ',', ';', '(', ')', ':', '1:50', '1 in 20', 'part', 'parts', 'every 5 days', 'weekly', 'three times',
        'spray', 'drench', 'aphids', 'not', 'make up to', 'un cucchiaio', "d'acqua", 'colher de sopa', 'água', 'heaped', 'bottle', 'fairy', 'dust', '🧄', "\n", 'é', '999999999999', '0', '-', '/', "l'",
    ];
    $text = '';
    for ($length = $chance->whole(1, 9); $length > 0; $length--) {
        $text .= $pieces[$chance->whole(0, count($pieces) - 1)].($chance->whole(0, 9) === 0 ? '' : ' ');
    }

    return $text;
}

it('reads any paragraph without falling over, marks what stands there, and what mixes can be written and read again', function (int $seed): void {
    $chance = new Chance($seed);
    $catalogue = Cases::english();
    $plain = Cases::get(PlainReader::class);
    $recipes = Cases::get(RecipeReader::class);
    $whole = 0;
    for ($n = 0; $n < 5000; $n++) {
        $text = anyParagraph($chance);
        try {
            $read = $plain->read($text)->toArray($catalogue);
        } catch (BadInput $e) {
            if (trim($text) !== '' || $catalogue->say($e->said) === '') {
                $this->fail("\"$text\" was refused");
            }

            continue;
        }
        foreach (['understood', 'doubts', 'not_understood'] as $list) {
            foreach ($read[$list] as $span) {
                if (mb_substr($text, $span['start'], $span['end'] - $span['start']) !== $span['text']) {
                    $this->fail("\"$text\": $span[text] does not stand at $span[start]");
                }
            }
        }
        // No figure without a phrase it rests on.
        $amounts = array_filter([...array_column($read['ingredients'], 'amount'), $read['base']['amount']], static fn (mixed $amount): bool => $amount !== null);
        $marked = array_filter($read['understood'], static fn (array $span): bool => in_array($span['kind'], ['amount', 'base'], true));
        $counted = array_filter($read['understood'], static fn (array $span): bool => $span['kind'] === 'ingredient');
        if ($amounts !== [] && $marked === [] && $counted === [] && $read['doubts'] === []) {
            $this->fail("\"$text\": amounts out of nowhere");
        }
        try {
            $recipe = $recipes->read($read);
        } catch (BadInput $e) {
            // What is not whole is doubted; it is never handed on as if it were.
            if ($read['doubts'] === []) {
                $this->fail("\"$text\" cannot be mixed, and nothing was doubted: ".$catalogue->say($e->said));
            }

            continue;
        }
        $whole++;
        $again = $recipes->read($recipe->toArray());
        if ($again->toArray() !== $recipe->toArray()) {
            $this->fail("\"$text\" is another recipe when it is read again");
        }
    }
    expect($whole)->toBeGreaterThan(10);
})->with([5, 82, 4711, 20260502]);

// Whatever went in, it is water that tops it up, and what went in stays what it was.
it('tops up with water, and with nothing that went in', function (): void {
    $catalogue = Cases::english();
    $plain = Cases::get(PlainReader::class);
    $wrong = [];
    $tried = 0;
    $things = ['sunflower oil' => 'vegetable-oil', 'neem oil' => 'neem-oil', 'white vinegar' => 'white-vinegar', 'milk' => 'milk', 'rubbing alcohol 70%' => 'isopropyl-alcohol', 'castile soap' => 'liquid-castile-soap', 'hydrogen peroxide 3%' => 'hydrogen-peroxide', 'dish soap' => 'dish-detergent'];
    foreach ($things as $name => $id) {
        foreach (['150 ml', '1 cup', '20 ml', '500 ml', '2 tbsp'] as $much) {
            foreach (['1 tsp baking soda', '5 g salt', '5 ml clove oil', ''] as $other) {
                foreach (['top up to 5 L', 'make up to 5 L with water', 'then bring to 5 L', 'fill up to 5 L, spray every 7 days, 3 times', 'top up to 5 L and spray 4 times'] as $say) {
                    $text = implode(', ', array_filter(["$much $name", $other, $say]));
                    $recipe = $plain->read($text)->toArray($catalogue);
                    $line = array_values(array_filter($recipe['ingredients'], static fn (array $one): bool => $one['ingredient'] === $id))[0] ?? null;
                    $tried++;
                    if ($recipe['base']['liquid'] !== 'water' || $recipe['base']['amount'] !== '5 L' || $recipe['base']['basis'] !== 'final' || strtolower((string) ($line['amount'] ?? '')) !== strtolower($much)) {
                        $wrong[] = "$text: ".json_encode([$recipe['base'], $line['amount'] ?? null]);
                    }
                }
            }
        }
    }
    expect($wrong)->toBe([])->and($tried)->toBe(800);
});

it('takes no number of rounds for a thinning, and a thinning that is not said for none', function (string $text, mixed $amount): void {
    $lines = Cases::get(PlainReader::class)->read($text)->toArray(Cases::english())['ingredients'];
    expect($lines[0]['ingredient'])->toBe('garlic-extract')->and($lines[0]['amount'])->toBe($amount);
})->with([
    ['Steep 100 g garlic in 1 L overnight, strain, dilute with water and spray 3 times a week', null], ['Steep 100 g garlic in 1 L overnight, strain, dilute and spray three times', null],
    ['Macerare 100 g di aglio in 1 litro per una notte, filtrare, diluire e spruzzare 3 volte', null], ['Steep 100 g garlic in 1 L overnight, strain, dilute 10 times, spray 3 times', '1 in 10'],
    ['Steep 100 g garlic in 1 L overnight, strain, dilute with 10 times as much water, spray 3 times', '1:10'],
]);

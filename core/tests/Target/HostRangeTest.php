<?php

declare(strict_types=1);

use Nebbia\Core\Plant\Plants;
use Nebbia\Core\Tests\Cases;

it('a disease that keeps to its kin asks to treat no other kind', function (string $disease, string $from, string $to, bool $jumps): void {
    $plants = Cases::get(Plants::class);
    expect(Cases::target($disease)->range->jumps($plants->met($from), $plants->met($to)))->toBe($jumps);
})->with([
    // FACTS, P2.
    'cucurbits share their mildew' => ['powdery-mildew', 'cucumber', 'zucchini', true],
    'a rose has its own' => ['powdery-mildew', 'rose', 'cucumber', false],
    'roses share it' => ['powdery-mildew', 'rose', 'climbing rose', true],
    'an apple has its own, though it is kin to the rose' => ['powdery-mildew', 'rose', 'apple', false],
    'peas and beans' => ['powdery-mildew', 'pea', 'bean', true],
    'a vine has its own' => ['powdery-mildew', 'grapevine', 'courgette', false],
    'downy mildew of lettuce is no grape’s' => ['downy-mildew', 'lettuce', 'grapevine', false],
    'of cabbages is all cabbages’' => ['downy-mildew', 'kale', 'radish', true],
    'rust of leek is no rose’s' => ['rust', 'leek', 'rose', false],
    'black spot is the rose’s' => ['black-spot', 'rose', 'apple', false],
    'late blight goes from potato to tomato' => ['late-blight', 'potato', 'tomato', true],
    'and to no cucumber' => ['late-blight', 'potato', 'cucumber', false],
    'peach curl goes to the nectarine' => ['peach-leaf-curl', 'peach', 'nectarine', true],
    'grey mould goes anywhere' => ['grey-mould', 'strawberry', 'grapevine', true],
    'aphids go anywhere' => ['aphid', 'rose', 'bean', true],
    'of an unknown plant nobody can say' => ['rust', 'leek', 'mystery plant', true],
]);

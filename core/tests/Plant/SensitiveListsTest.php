<?php

declare(strict_types=1);

use Nebbia\Core\Plant\SensitivityGroup;
use Nebbia\Core\Tests\Cases;

/*
 * The printed lists of sensitive plants, typed again: who stands in them outright, who only in part, and some who do not.
 */
it('has in each list of sensitive plants whom the lists name', function (string $list, array $plants): void {
    foreach ($plants as $id) {
        expect(Cases::plant($id)->groupFor($list))->toBe(SensitivityGroup::Sensitive, "$id to $list");
    }
})->with([
    'soap' => ['soap', [
        'maidenhair-fern', 'boston-fern', 'nasturtium', 'sweet-pea', 'bleeding-heart', 'lantana', 'gardenia', 'poinsettia', 'crown-of-thorns', 'begonia',
        'fuchsia', 'impatiens', 'pelargonium', 'portulaca', 'dieffenbachia', 'schefflera', 'jade-plant', 'echeveria', 'hawthorn', 'japanese-maple', 'cherry', 'plum',
    ]],
    'oil' => ['oil', [
        'japanese-maple', 'walnut', 'juniper', 'blue-spruce', 'photinia', 'maidenhair-fern', 'boston-fern', 'moth-orchid', 'cattleya', 'fuchsia', 'impatiens',
        'hibiscus', 'carnation', 'jade-plant', 'echeveria',
    ]],
    'alkali on leaves' => ['alkali', ['maidenhair-fern', 'boston-fern', 'impatiens', 'begonia', 'african-violet', 'basil']],
    'lime at the roots' => ['lime-hating', [
        'blueberry', 'cranberry', 'rhododendron', 'camellia', 'pieris', 'heather', 'gardenia', 'magnolia', 'japanese-maple', 'venus-flytrap',
    ]],
    'vinegar' => ['vinegar', ['lettuce', 'basil', 'bean', 'broad-bean', 'cucumber', 'melon', 'pumpkin', 'zucchini', 'maidenhair-fern']],
    'salt' => ['salt', [
        'bean', 'broad-bean', 'strawberry', 'raspberry', 'blackberry', 'carrot', 'onion', 'pea', 'lettuce', 'lemon', 'orange', 'mandarin', 'avocado', 'cherry',
        'plum', 'peach', 'apricot', 'apple', 'currant', 'camellia', 'rhododendron', 'rose', 'japanese-maple',
    ]],
    'alcohol' => ['alcohol', ['african-violet', 'maidenhair-fern', 'calathea', 'coleus', 'impatiens', 'begonia', 'jade-plant', 'echeveria']],
    'peroxide' => ['peroxide', ['maidenhair-fern', 'african-violet', 'begonia', 'lettuce', 'basil', 'coleus', 'air-plant']],
    'sulfur' => ['sulfur', ['cucumber', 'zucchini', 'melon', 'pumpkin', 'apricot', 'gooseberry']],
    'salicylate' => ['salicylate', ['cucumber', 'zucchini', 'melon', 'bean', 'broad-bean']],
]);

it('notes whom the lists name only in part', function (string $plant, string $list, string $which): void {
    $known = Cases::plant($plant);
    expect($known->notedFor[$list] ?? '')->toContain($which)->and($known->groupFor($list))->not->toBe(SensitivityGroup::Sensitive);
})->with([
    ['chrysanthemum', 'soap', 'some'],
    ['tomato', 'soap', 'some cultivars'],
    ['cucumber', 'soap', 'some cultivars'],
    ['pea', 'soap', 'some cultivars'],
    ['lily', 'soap', 'Easter lily'],
    ['rhododendron', 'soap', 'new growth'],
    ['parlour-palm', 'soap', 'some palms'],
    ['juniper', 'soap', 'under stress'],
    ['rose', 'oil', 'petals and buds'],
    ['rhododendron', 'oil', 'some azaleas'],
    ['melon', 'oil', 'young plants'],
    ['strawberry', 'oil', 'bloom'],
    ['hydrangea', 'alkali', 'blue'],
    ['rose', 'alkali', 'some roses'],
    ['pumpkin', 'alkali', 'young plants'],
    ['cattleya', 'alcohol', 'petals'],
]);

it('lists nobody whom the lists do not name', function (string $list, array $plants): void {
    foreach ($plants as $id) {
        expect(Cases::plant($id)->groupFor($list))->not->toBe(SensitivityGroup::Sensitive, "$id to $list");
    }
})->with([
    ['soap', ['tomato', 'rose', 'cabbage', 'lemon', 'apple', 'moth-orchid', 'potato', 'dahlia']],
    ['oil', ['tomato', 'apple', 'lemon', 'grapevine', 'cabbage', 'rose', 'potato']],
    ['lime-hating', ['tomato', 'lavender', 'cabbage', 'rose', 'begonia', 'african-violet']],
    ['peroxide', ['tomato', 'rose', 'cabbage', 'jade-plant']],
    ['sulfur', ['rose', 'grapevine', 'apple', 'pea']],
]);

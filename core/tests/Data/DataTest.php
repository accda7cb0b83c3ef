<?php

declare(strict_types=1);

use Nebbia\Core\Data\Sentence\Message;
use Nebbia\Core\Tests\Cases;
use Opis\JsonSchema\Helper;
use Opis\JsonSchema\Validator;
use Symfony\Component\Yaml\Yaml;

const DATA = __DIR__.'/../../data';

/** @return array<string, mixed> */
function allData(): array
{
    $data = [];
    foreach (glob(DATA.'/*.yaml') ?: [] as $path) {
        $data[basename($path, '.yaml')] = Yaml::parseFile($path);
    }

    return $data;
}

it('has the shape that its schema says, each figure with its basis', function (): void {
    $error = (new Validator)->validate(Helper::toJSON(allData()), (string) file_get_contents(DATA.'/schema.json'))->error();
    while ($error !== null && $error->subErrors() !== []) {
        $error = $error->subErrors()[0];
    }
    expect($error === null ? '' : implode('.', $error->data()->fullPath()).': '.$error->message())->toBe('');
});

it('would notice a figure without its basis', function (): void {
    $data = allData();
    unset($data['drops']['oily']['basis']);
    expect((new Validator)->validate(Helper::toJSON($data), (string) file_get_contents(DATA.'/schema.json'))->isValid())->toBeFalse();
});

it('has every id that the formats promise', function (string $file, string $ids): void {
    expect(array_diff(explode(' ', $ids), Cases::table($file)->ids()))->toBe([]);
})->with([
    ['substances', 'potassium-soap sodium-soap detergent isopropanol ethanol hydrogen-peroxide sodium-bicarbonate potassium-bicarbonate acetic-acid sodium-chloride sodium-hydroxide potassium-hydroxide vegetable-oil neem-oil garlic capsicum onion milk acetylsalicylic-acid wood-ash nicotine sulfur magnesium-sulfate essential-oil hypochlorite ammonia sodium-carbonate calcium-hydroxide mineral-oil citric-acid sugar borax acetone copper lime-sulfur bacillus-thuringiensis insect-frass plant-ferment herbal-tincture fish-hydrolysate cinnamon'],
    ['ingredients', 'water liquid-castile-soap soap-concentrate potash-soap bar-soap dish-detergent laundry-detergent isopropyl-alcohol ethyl-alcohol hydrogen-peroxide baking-soda potassium-bicarbonate washing-soda white-vinegar grain-vinegar table-salt vegetable-oil neem-oil garlic hot-pepper chilli-powder ground-cayenne pepper-sauce onion cinnamon-powder milk aspirin-tablet wood-ash tobacco-leaf lye caustic-potash insect-frass plant-ferment herbal-tincture fish-hydrolysate epsom-salt wettable-sulfur bleach household-ammonia tea-tree-oil peppermint-oil mineral-oil lemon-juice citric-acid sugar borax acetone garden-lime lime-sulfur copper-fungicide bacillus-thuringiensis'],
    ['plants', 'broad-bean tomato zucchini cucumber lettuce cabbage rose grapevine lemon blueberry strawberry basil cherry moth-orchid african-violet jade-plant maidenhair-fern rubber-plant'],
    ['targets', 'aphid spider-mite whitefly mealybug soft-scale thrips fungus-gnat cabbage-white slug powdery-mildew early-blight black-spot downy-mildew'],
]);

it('names only substances, groups and lists that there are', function (): void {
    $data = allData();
    $substances = Cases::table('substances')->ids();
    $named = [];
    foreach ($data['ingredients'] as $row) {
        $named[] = $row['carries']['substance'] ?? $substances[0];
    }
    foreach (['leaves', 'roots', 'weeds', 'disinfecting'] as $part) {
        foreach ($data['tolerances'][$part] as $row) {
            $named = [...$named, ...$row['substances']];
        }
    }
    foreach ($data['pairs'] as $row) {
        $named = [...$named, ...$row['a'], ...array_diff($row['b'], ['*'])];
    }
    foreach ($data['dangers'] as $row) {
        $named = [...$named, ...$row['substances'] ?? []];
    }
    expect(array_values(array_diff(array_unique($named), $substances)))->toBe([]);
    $groups = array_column($data['order'], 'group');
    expect(array_values(array_diff(array_unique(array_column($data['ingredients'], 'group')), $groups)))->toBe([]);
});

it('names only targets, plants, signs, tactics and messages that there are', function (): void {
    $data = allData();
    $targets = array_column($data['targets'], 'id');
    $tokens = [...array_column($data['plants'], 'id'), ...array_column($data['plants'], 'family'), ...array_column($data['plants'], 'habit')];
    $named = $hosts = [];
    foreach ($data['signs'] as $sign) {
        $causes = [...$sign['nearly_always'] ?? [], ...$sign['often'] ?? [], ...$sign['sometimes'] ?? [], ...$sign['seldom'] ?? []];
        expect(array_unique($causes))->toHaveCount(count($causes), $sign['id'].' names a cause twice');
        $named = [...$named, ...$causes];
    }
    foreach ($data['targets'] as $target) {
        $hosts = [...$hosts, ...$target['hosts']['main'] ?? [], ...$target['hosts']['some'] ?? []];
    }
    foreach ([...$data['tactics'], ...$data['remedies']] as $row) {
        $named = [...$named, ...array_keys($row['for'])];
    }
    expect(array_values(array_diff($named, $targets)))->toBe([])
        ->and(array_values(array_diff($hosts, $tokens)))->toBe([])
        ->and(array_values(array_diff(array_column($data['plants'], 'habit'), array_column($data['plant-habits'], 'id'))))->toBe([]);
});

it('knows as much as was promised', function (): void {
    $data = allData();
    $kinds = array_count_values(array_column($data['targets'], 'kind'));
    expect(count($data['plants']))->toBeGreaterThanOrEqual(80)
        ->and($kinds['pest'] + $kinds['disease'] + $kinds['weed'])->toBeGreaterThanOrEqual(30)
        ->and(count($data['signs']))->toBeGreaterThanOrEqual(60)
        ->and(array_diff(['sun-scorch', 'spray-burn', 'drought', 'overwatering', 'nitrogen-lack', 'virus'], array_column(array_filter($data['targets'], fn (array $t): bool => $t['kind'] === 'look-alike'), 'id')))->toBe([]);
});

it('gives every pest and disease a sign that is usual for it, and something to do', function (): void {
    $data = allData();
    $usual = array_merge(...array_map(fn (array $sign): array => [...$sign['nearly_always'] ?? [], ...$sign['often'] ?? []], $data['signs']));
    $done = array_merge(...array_map(fn (array $row): array => array_keys($row['for']), $data['tactics']));
    foreach ($data['targets'] as $target) {
        // What is harmless needs nothing done.
        if ($target['kind'] !== 'look-alike') {
            expect($done)->toContain($target['id']);
        }
        if ($target['kind'] !== 'weed') {
            expect($usual)->toContain($target['id']);
        }
    }
});

it('is careful before it stops, and gentler to the sensitive', function (): void {
    foreach (allData()['tolerances']['leaves'] as $row) {
        foreach (['sensitive', 'ordinary', 'hardy'] as $group) {
            expect($row[$group][1] ?? INF)->toBeGreaterThanOrEqual($row[$group][0]);
        }
        expect($row['sensitive'][0])->toBeLessThanOrEqual($row['ordinary'][0])->and($row['ordinary'][0])->toBeLessThanOrEqual($row['hardy'][0]);
    }
});

it('has a sentence for everything the data can say', function (): void {
    $data = allData();
    $keys = array_column($data['order'], 'how');
    foreach (['pair' => $data['pairs'], 'danger' => $data['dangers']] as $kind => $rows) {
        foreach ($rows as $row) {
            $keys = [...$keys, "$kind.{$row['id']}.what", "$kind.{$row['id']}.because", "$kind.{$row['id']}.instead"];
        }
    }
    foreach ($data['signs'] as $row) {
        $keys = [...$keys, "sign.{$row['id']}.name", "sign.{$row['id']}.look", "sign.{$row['id']}.unlike", "place.{$row['place']}.name", "place.{$row['place']}.where", "place.{$row['place']}.when"];
    }
    foreach ($data['targets'] as $row) {
        $keys = [...$keys, "target.{$row['id']}.does", "target.{$row['id']}.look", "target.{$row['id']}.favours", ...array_map(fn (string $enemy): string => "enemy.$enemy", $row['enemies'] ?? [])];
        $keys = match ($row['kind']) {
            'pest' => [...$keys, "target.{$row['id']}.reached", "target.{$row['id']}.spared"],
            'look-alike' => [...$keys, "care.{$row['id']}"],
            default => $keys,
        };
        foreach ($row['cycle']['stages'] ?? [] as $stage) {
            $keys[] = "stage.{$stage['stage']}";
        }
    }
    foreach ($data['tactics'] as $row) {
        $keys = [...$keys, "tactic.{$row['id']}.name", "tactic.{$row['id']}.do", "tactic.{$row['id']}.watch"];
    }
    foreach ($data['remedies'] as $row) {
        $keys = [...$keys, "remedy.{$row['id']}.name", "remedy.{$row['id']}.how", "remedy.{$row['id']}.limits", "mode.{$row['mode']}"];
        foreach ($row['for'] as $pairing) {
            $keys = [...$keys, "evidence.{$pairing['evidence']}", ...array_map(fn (string $stage): string => "stage.$stage", $pairing['stages'] ?? [])];
        }
    }
    foreach ($data['modifiers']['rows'] as $row) {
        $keys[] = "modifier.{$row['id']}";
    }
    expect(array_values(array_diff($keys, array_keys(Cases::sentences()))))->toBe([]);
});

it('understands other common and botanical names', function (string $kind, string $name, string $id): void {
    $found = $kind === 'plant' ? Cases::plant($name)->id : Cases::target($name)->id;
    expect($found)->toBe($id);
})->with([
    ['plant', 'Fava bean', 'broad-bean'], ['plant', 'Vicia faba', 'broad-bean'], ['plant', 'courgette', 'zucchini'], ['plant', 'TOMATOES', 'tomato'],
    ['plant', 'Solanum lycopersicum', 'tomato'], ['plant', 'Phalaenopsis', 'moth-orchid'], ['plant', 'maidenhair_fern', 'maidenhair-fern'],
    ['target', 'greenfly', 'aphid'], ['target', 'Red spider mite', 'spider-mite'], ['target', 'powdery mildew', 'powdery-mildew'],
]);

it('suggests the nearest name', function (): void {
    expect(Cases::complaint(fn () => Cases::plant('tomatoe'))[1])->toContain('did you mean tomato?')
        ->and(Cases::complaint(fn () => Cases::plant('qqqqqqqqqqq'))[1])->toContain('choose one from the list');
});

it('suggests as people say it, for a slip of the finger only: another word is not taken for one known here', function (string $kind, string $typed, ?string $said): void {
    $message = Cases::complaint(fn () => match ($kind) {
        'plant' => Cases::plant($typed),
        'target' => Cases::target($typed),
        default => Cases::ingredient($typed),
    })[1];
    $said === null ? expect($message)->not->toContain('did you mean') : expect($message)->toContain($said);
})->with([
    ['plant', 'tomatoe', 'did you mean tomato?'], ['plant', 'brod bean', 'did you mean broad bean?'], ['plant', 'maidenhair ferm', 'did you mean maidenhair fern?'],
    ['ingredient', 'bakin soda', 'did you mean "Baking soda"?'], ['ingredient', 'hydrogen perokside', 'did you mean "Hydrogen peroxide"?'], ['target', 'powdry mildew', 'did you mean powdery mildew?'],
    ['plant', 'cheese plant', null], ['plant', 'kohlrabi', null], ['plant', 'my hedge', null], ['plant', 'hoya', null], ['ingredient', 'rum', null], ['target', 'cats', null],
]);

it('tells the maker of a broken sentence', function (): void {
    Cases::english()->say(Message::of('no.such.sentence'));
})->throws(Nebbia\Core\Data\Sentence\UnknownMessage::class);

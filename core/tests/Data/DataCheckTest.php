<?php

declare(strict_types=1);

use Nebbia\Core\Chemistry\Reactor;
use Nebbia\Core\Chemistry\Waters;
use Nebbia\Core\Data\BrokenData;
use Nebbia\Core\Data\Sentence\UnknownMessage;
use Nebbia\Core\Judgement\GroundTopic;
use Nebbia\Core\Judgement\Judge;
use Nebbia\Core\Judgement\Rule;
use Nebbia\Core\Judgement\RuleGround;
use Nebbia\Core\Judgement\RuleGrounds;
use Nebbia\Core\Judgement\Situation;
use Nebbia\Core\Nebbia\DataFolder;
use Nebbia\Core\Tests\Cases;

/** The data with one thing in it put wrong, read anew. */
function loadedWith(string $file, string $what, string $instead): void
{
    $from = dirname(__DIR__, 2).'/data';
    $to = sys_get_temp_dir().'/nebbia-data-'.getmypid();
    exec('rm -rf '.escapeshellarg($to).' && cp -r '.escapeshellarg($from).' '.escapeshellarg($to));
    $text = (string) file_get_contents("$to/$file");
    expect(str_contains($text, $what))->toBeTrue("$what is not in $file");
    file_put_contents("$to/$file", (string) preg_replace('/'.preg_quote($what, '/').'/', $instead, $text, 1));
    try {
        (new DataFolder($to))->load();
    } finally {
        exec('rm -rf '.escapeshellarg($to));
    }
}

it('refuses a mistake in the data when it is compiled, and names it', function (string $file, string $what, string $instead, string $says): void {
    expect(fn () => loadedWith($file, $what, $instead))->toThrow(BrokenData::class, $says);
})->with([
    'an id twice' => ['tactics.yaml', '- { id: wipe-leaves', '- { id: jet-of-water', "'jet-of-water'"],
    'a name for two things' => ['ingredients.yaml', 'also: [fresh garlic', 'also: [milk, fresh garlic', "'milk' is both"],
    'a name abroad for two things' => ['plants.yaml', 'also: [', 'also: [lettuce, ', "'lettuce' is both"],
    'a unit for two things' => ['units.yaml', 'names: [chilli,', 'names: [kilo, chilli,', "'kilo' is both"],
]);

it('names file, row, field and mend of a wrong row', function (string $file, string $what, string $instead, string ...$says): void {
    try {
        loadedWith($file, $what, $instead);
        $said = 'nothing';
    } catch (BrokenData $e) {
        $said = $e->getMessage();
    }
    expect($said)->toContain(...$says);
})->with([
    'a field misspelt' => ['plants.yaml', 'id: tomato,', 'id: tomato, surfce: waxy,', 'core/data/plants.yaml, tomato: there is no field surfce'],
    'a field forgotten' => ['plants.yaml', 'botanical: Solanum lycopersicum, ', '', "core/data/plants.yaml, tomato: 'botanical' is missing"],
    'a habit that is none' => ['plants.yaml', 'habit: vegetable', 'habit: vegetabel', "core/data/plants.yaml, broad-bean, habit: nothing is known as 'vegetabel'; is 'vegetable' meant?"],
    'a substance that is none' => ['ingredients.yaml', 'substance: potassium-soap', 'substance: potasium-soap', "liquid-castile-soap, carries, substance: nothing is known as 'potasium-soap'; is 'potassium-soap' meant?"],
    'a kind of target that is none' => ['targets.yaml', 'kind: pest', 'kind: pets', 'core/data/targets.yaml, aphid, kind: write one of pest, disease, weed, look-alike'],
    'a host that is none' => ['targets.yaml', 'main: [', 'main: [roze, ', "core/data/targets.yaml, aphid, hosts: nothing is known as 'roze'; is 'rose' meant?"],
    'a cause that is none' => ['signs.yaml', 'often: [', 'often: [gremlin, ', "often: nothing is known as 'gremlin'."],
    'a figure that is none' => ['tolerances.yaml', 'ordinary: [', 'ordinary: [much, ', 'core/data/tolerances.yaml, leaves', 'number'],
    'a ground that is none' => ['windows.yaml', 'basis: practice', 'basis: hearsay', 'core/data/windows.yaml, rows, peroxide, basis: write one of definition'],
    'a raw material that is none' => ['preparations.yaml', 'ingredient: garlic', 'ingredient: garlik', "raw, 0, ingredient: nothing is known as 'garlik'; is 'garlic' meant?"],
    'no YAML' => ['plants.yaml', '- { id: tomato', '- id: tomato', 'core/data/plants.yaml, line ', 'this is no YAML'],
    'a pair without its sentences' => ['pairs.yaml', 'id: bleach-acid', 'id: unheard-of', "core/data, pairs, unheard-of: there is no sentence 'pair.unheard-of.what'"],
    'a danger that rests on nothing' => ['dangers.yaml', ', basis: ', ', was: ', 'core/data/dangers.yaml, borax-on-leaves: it lacks basis'],
    'a rule without a sentence' => ['messages/en/judgement.yaml', 'use.weed.what', 'use.weed.whatever', "core/data, WeedSprayRule, use.weed: there is no sentence 'use.weed.what'"],
    'a rule without the words of its ground' => ['messages/en/grounds.yaml', 'use: { title:', 'use: { titel:', "there is no sentence 'ground.use.title'"],
]);

it('refuses a rule that brings neither ground nor sentence, when the set is put together', function (array $grounds, array $sentences, string $says): void {
    $rule = new class($grounds, $sentences) implements Rule
    {
        public function __construct(private array $its, private array $words) {}

        public function judge(Situation $situation): iterable
        {
            return [];
        }

        public function grounds(): array
        {
            return $this->its;
        }

        public function sentences(): array
        {
            return $this->words;
        }
    };
    $judge = new Judge([$rule], Cases::get(Reactor::class), Cases::get(Waters::class));
    expect(fn () => (new RuleGrounds($judge, Cases::english()))->check())->toThrow(BrokenData::class, $says);
})->with([
    [fn (): array => [], ['use.weed'], 'it brings no ground'],
    [fn (): array => [RuleGround::plain('use', GroundTopic::Leaves, 'practice', 'low')], [], 'it brings no sentences'],
    [fn (): array => [RuleGround::plain('use', GroundTopic::Leaves, 'practice', 'low')], ['never.said'], "'never.said.what'"],
    [fn (): array => [RuleGround::plain('unheard-of', GroundTopic::Leaves, 'practice', 'low')], ['use.weed'], "'ground.unheard-of.title'"],
]);

it('refuses a sentence that can never be said', function (): void {
    expect(fn () => loadedWith('messages/en/course.yaml', 'before round {next, number, ::.}', 'before round {next, plural, other {{next}}}'))->toThrow(UnknownMessage::class, 'course.bears.in-a-row');
});

<?php

// Mixes per second in core on one core: four lines (soap, alcohol, bicarbonate, a ratio), scaled, with strengths and findings.

declare(strict_types=1);

use Nebbia\Core\Instructions\Steps\MixingTask;
use Nebbia\Core\Instructions\Steps\StepPlanner;
use Nebbia\Core\Judgement\Circumstances as Everything;
use Nebbia\Core\Judgement\ClosedVessel;
use Nebbia\Core\Judgement\Compatibility\Spacing;
use Nebbia\Core\Judgement\Evidence\Observation;
use Nebbia\Core\Judgement\Evidence\OwnEvidence;
use Nebbia\Core\Judgement\History;
use Nebbia\Core\Judgement\Hour\SprayWindows;
use Nebbia\Core\Judgement\Judge;
use Nebbia\Core\Judgement\Situation;
use Nebbia\Core\Measure\Kitchen\Drops;
use Nebbia\Core\Measure\Tool\Kit;
use Nebbia\Core\Measure\Tool\Tool;
use Nebbia\Core\Measure\UnitSystem;
use Nebbia\Core\Mixing\Hazard\Hazards;
use Nebbia\Core\Mixing\Measuring\MixMeasurer;
use Nebbia\Core\Mixing\Mixer;
use Nebbia\Core\Mixing\Recipe\RecipeReader;
use Nebbia\Core\Nebbia\DataFolder;
use Nebbia\Core\Pest\Diagnosis\Answers;
use Nebbia\Core\Pest\Diagnosis\DiagnosisCircumstances;
use Nebbia\Core\Pest\Diagnosis\Diagnostician;
use Nebbia\Core\Pest\Diagnosis\RecentWeather;
use Nebbia\Core\Pest\Diagnosis\Season;
use Nebbia\Core\Pest\Diagnosis\Signs;
use Nebbia\Core\Planning\Course\CourseReader;
use Nebbia\Core\Planning\Hour\HarvestTime;
use Nebbia\Core\Planning\Round\Bearing;
use Nebbia\Core\Planning\Round\Planner;
use Nebbia\Core\Plant\Plants;
use Nebbia\Core\Plant\Stage;
use Nebbia\Core\Reading\Label\LabelReader;
use Nebbia\Core\Reading\PlainReader;
use Nebbia\Core\Weather\Hour;
use Nebbia\Core\Weather\StandIn;

require dirname(__DIR__).'/vendor/autoload.php';

const RUNS = 4000;
const TRIES = 5;

$nebbia = DataFolder::shipped()->load();
$reader = $nebbia->get(RecipeReader::class);
$mixer = $nebbia->get(Mixer::class);
$judge = $nebbia->get(Judge::class);
$plant = $nebbia->get(Plants::class)->named('tomato');
$body = [
    'format' => 'nebbia.recipe/1', 'name' => 'Bench', 'use' => 'foliar', 'units' => 'us',
    'base' => ['amount' => '1 L', 'basis' => 'added', 'liquid' => 'water'],
    'ingredients' => [
        ['ingredient' => 'liquid-castile-soap', 'amount' => '25 mL', 'strength' => '30 % w/v'],
        ['ingredient' => 'isopropyl-alcohol', 'amount' => '3 tbsp', 'strength' => '70 % v/v'],
        ['ingredient' => 'baking-soda', 'amount' => '1 tsp'],
        ['ingredient' => 'plant-ferment', 'amount' => '1:500'],
    ],
];
$recipe = $reader->read($body);

/** @param  callable(): mixed  $work */
function perSecond(callable $work, int $runs = RUNS): float
{
    $best = 0.0;
    for ($try = 0; $try < TRIES; $try++) {
        $start = hrtime(true);
        for ($run = 0; $run < $runs; $run++) {
            $work();
        }
        $best = max($best, $runs / ((hrtime(true) - $start) / 1e9));
    }

    return $best;
}

$diagnostician = $nebbia->get(Diagnostician::class);
$answers = Answers::of($nebbia->get(Signs::class), ['pale-stippling', 'sticky-film', 'stunted', 'spreads'], ['fine-webbing', 'ants-running']);
$circumstances = DiagnosisCircumstances::of($plant, false, Season::Summer, [RecentWeather::Hot]);

const PARAGRAPH = 'Dissolve 1 tbsp baking soda in a gallon of water, add 2 1/2 tablespoons of vegetable oil and a teaspoon of liquid castile soap. Spray roses against powdery mildew every 7 days.';
$plain = $nebbia->get(PlainReader::class);
$steps = $nebbia->get(StepPlanner::class);
$hazards = $nebbia->get(Hazards::class);
$measurer = new MixMeasurer($nebbia->get(Drops::class), Kit::of([
    Tool::spoon('a', 'tablespoon', 15.0), Tool::spoon('b', 'teaspoon', 5.0), Tool::spoon('c', '½ teaspoon', 2.5), Tool::spoon('d', '¼ teaspoon', 1.25),
    Tool::graduated('e', 'syringe', 10.0, 0.2), Tool::scale('f', 'scale', 5000.0, 1.0),
]));

// A full judgement: six things in it, the hour, a past, own looks.
$full = $mixer->mix($reader->read(['ingredients' => [...$body['ingredients'], ['ingredient' => 'white-vinegar', 'amount' => '10 mL', 'strength' => '5 %'], ['ingredient' => 'garlic', 'amount' => '20 g']]] + $body), 1700.0);
$everything = new Everything(
    stage: Stage::Young, states: ['in-flower'], hour: Hour::of(24.0, 60.0, 8.0, 20.0), vessel: ClosedVessel::of(300.0, 'plastic, brass lance'),
    history: new History(['potassium-soap' => 2.0, 'sulfur' => 9.0], 3, 5, ['acetic-acid'], false), evidence: new OwnEvidence([Observation::of(['potassium-soap' => 0.9], 2.0)]), around: ['cats', 'pond'],
);
const LABEL = 'Aqua, Sodium Laurth Sulfate, Cocamidopropyl Betaine, Sodium Chloride, Citric Acid, Parfum, Limonene, Methylisothiazolinone, Blurbium. 5-15 % anionic surfactants, <5 % soap';
$labels = $nebbia->get(LabelReader::class);

// Thirty courses over sixty days of hourly forecast, six sprayers between them; and ten, to see how it grows.
$courses = [];
$reading = $nebbia->get(CourseReader::class);
for ($n = 0; $n < 30; $n++) {
    $courses[] = $reading->read([
        'format' => 'nebbia.course/1', 'id' => "course $n", 'target' => ['aphid', 'whitefly', 'spider-mite', 'thrips', 'mealybug', 'soft-scale'][$n % 6], 'start' => sprintf('2026-05-%02d', 2 + $n % 9),
        'place' => ['lat' => 45.9, 'lon' => 9.3, 'time_zone' => 'Europe/Rome'], 'plantings' => [['id' => "p$n", 'plant' => 'rose']], 'sprayer' => 'sprayer '.$n % 6,
        'recipe' => ['ingredients' => [[['ingredient' => 'liquid-castile-soap', 'amount' => '25 mL'], ['ingredient' => 'vegetable-oil', 'amount' => '10 mL'], ['ingredient' => 'garlic-extract', 'amount' => '200 mL'], ['ingredient' => 'potassium-bicarbonate', 'amount' => '5 g']][$n % 4]]] + $body,
    ]);
}
// A new one each time: it remembers the hours that it has judged.
$planner = static fn (): Planner => new Planner($nebbia->get(SprayWindows::class), $nebbia->get(Spacing::class), $nebbia->get(HarvestTime::class), $nebbia->get(Bearing::class));
$from = 1777672800;
$sky = (new StandIn($courses[0]->place, 9))->foretold($from, $from, $from + 60 * 86400);
$bound = static function (array $courses) use ($planner, $sky): float {
    $plans = $planner()->plan($courses, $sky);

    return array_sum(array_map(static fn ($plan): float => $plan->score, $plans)) / array_sum(array_map(static fn ($plan): float => $plan->bound, $plans));
};

echo json_encode([
    'plan_30_ms' => 1000 / perSecond(fn () => $planner()->plan($courses, $sky), 3),
    'plan_10_ms' => 1000 / perSecond(fn () => $planner()->plan(array_slice($courses, 0, 10), $sky), 3),
    'plan_bound' => $bound($courses),
    'diagnosis_ms' => 1000 / perSecond(fn () => $diagnostician->diagnose($answers, $circumstances), 50),
    'mix' => perSecond(fn () => $judge->judge(Situation::of($mixer->mix($recipe, 1700.0), $plant))),
    'mix_alone' => perSecond(fn () => $mixer->mix($recipe, 1700.0)),
    'judgement_ms' => 1000 / perSecond(fn () => $judge->judge(Situation::of($full, $plant, $everything)), 1000),
    'label_ms' => 1000 / perSecond(fn () => $labels->read(LABEL), 200),
    'steps' => perSecond(fn () => $steps->plan(MixingTask::of($mixer->mix($recipe, 1700.0), null, UnitSystem::Metric, $hazards, $measurer)), 400),
    'paragraph_ms' => 1000 / perSecond(fn () => $plain->read(PARAGRAPH), 200),
    'read_and_mix' => perSecond(fn () => $judge->judge(Situation::of($mixer->mix($reader->read($body), 1700.0), $plant))),
]);

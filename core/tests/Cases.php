<?php

declare(strict_types=1);

namespace Nebbia\Core\Tests;

use Nebbia\Core\Data\BadInput;
use Nebbia\Core\Data\Finding;
use Nebbia\Core\Data\Sentence\Catalogue;
use Nebbia\Core\Data\Sentence\Pattern;
use Nebbia\Core\Data\Table;
use Nebbia\Core\Judgement\Circumstances;
use Nebbia\Core\Judgement\Judge;
use Nebbia\Core\Judgement\JudgedMix;
use Nebbia\Core\Judgement\Situation;
use Nebbia\Core\Measure\Amount;
use Nebbia\Core\Measure\AmountParser;
use Nebbia\Core\Measure\UnitSystem;
use Nebbia\Core\Mixing\Mix;
use Nebbia\Core\Mixing\Mixer;
use Nebbia\Core\Mixing\Recipe\Recipe;
use Nebbia\Core\Mixing\Recipe\RecipeReader;
use Nebbia\Core\Nebbia\DataFolder;
use Nebbia\Core\Nebbia\Nebbia;
use Nebbia\Core\Pest\Diagnosis\Sign;
use Nebbia\Core\Pest\Diagnosis\Signs;
use Nebbia\Core\Plant\Plant;
use Nebbia\Core\Plant\Plants;
use Nebbia\Core\Plant\Stage;
use Nebbia\Core\Substance\Ingredient;
use Nebbia\Core\Substance\Ingredients;
use Nebbia\Core\Substance\Substance;
use Nebbia\Core\Substance\Substances;
use Nebbia\Core\Target\Target;
use Nebbia\Core\Target\Targets;

/** Short ways to say what a test is about. */
final class Cases
{
    private static ?Nebbia $nebbia = null;

    public static function nebbia(): Nebbia
    {
        return self::$nebbia ??= Nebbia::of(self::compiled());
    }

    /** @return array<string, mixed> read once for all processes of a run, and anew when data or code have changed */
    private static function compiled(): array
    {
        $folder = DataFolder::shipped();
        $state = implode(' ', array_map(static fn (string $path): string => $path.filemtime($path), [...$folder->paths(), ...(glob(dirname(__DIR__).'/src/Nebbia/*.php') ?: [])]));
        $file = sys_get_temp_dir().'/nebbia-core-'.md5($state).'.php';
        if (! is_file($file)) {
            file_put_contents($file.getmypid(), '<?php return '.var_export($folder->read(), true).';');
            rename($file.getmypid(), $file);
        }

        return require $file;
    }

    /**
     * @template T of object
     *
     * @param  class-string<T>  $part
     * @return T
     */
    public static function get(string $part): object
    {
        return self::nebbia()->get($part);
    }

    public static function table(string $name): Table
    {
        return self::nebbia()->table($name);
    }

    public static function english(): Catalogue
    {
        return self::get(Catalogue::class);
    }

    /** @return array<string, string> key => sentence, as it is written */
    public static function sentences(): array
    {
        return array_map(static fn (Pattern $pattern): string => $pattern->text, self::english()->patterns());
    }

    public static function plant(string $name): Plant
    {
        return self::get(Plants::class)->named($name);
    }

    public static function ingredient(string $name): Ingredient
    {
        return self::get(Ingredients::class)->named($name);
    }

    public static function substance(string $id): Substance
    {
        return self::get(Substances::class)->of($id);
    }

    public static function target(string $name): Target
    {
        return self::get(Targets::class)->named($name);
    }

    public static function sign(string $id): Sign
    {
        return self::get(Signs::class)->of($id);
    }

    public static function amount(string $text, string $system = 'us'): Amount
    {
        return self::get(AmountParser::class)->parse($text, UnitSystem::from($system));
    }

    /**
     * @param  list<array{0: string, 1: string, 2?: string}>  $lines  ingredient, amount, strength
     * @return array<string, mixed> nebbia.recipe/1
     */
    public static function body(string $base, array $lines, string $basis = 'added', string $use = 'foliar', string $units = 'us', string $liquid = 'water', ?string $liquidStrength = null): array
    {
        return [
            'format' => 'nebbia.recipe/1', 'name' => 'A test', 'use' => $use, 'units' => $units,
            'base' => ['amount' => $base, 'basis' => $basis, 'liquid' => $liquid] + ($liquidStrength === null ? [] : ['strength' => $liquidStrength]),
            'ingredients' => array_map(
                static fn (array $line): array => ['ingredient' => $line[0], 'amount' => $line[1]] + (isset($line[2]) ? ['strength' => $line[2]] : []),
                $lines,
            ),
        ];
    }

    /** @param  array<string, mixed>  $body */
    public static function recipe(array $body): Recipe
    {
        return self::get(RecipeReader::class)->read($body);
    }

    /** @param  array<string, mixed>  $body */
    public static function mix(array $body, ?float $targetMl = null): Mix
    {
        return self::get(Mixer::class)->mix(self::recipe($body), $targetMl);
    }

    /** @param  array<string, mixed>  $body */
    public static function judged(array $body, ?string $plant = null, Stage|Circumstances|null $circumstances = null): JudgedMix
    {
        $situation = Situation::of(self::mix($body), $plant === null ? null : self::plant($plant), $circumstances);

        return self::judge()->judge($situation);
    }

    public static function judge(): Judge
    {
        return self::get(Judge::class);
    }

    /**
     * The severities a rule gives, by substance where it speaks of one.
     *
     * @return list<string>
     */
    public static function severities(JudgedMix $mix, string $rule, ?string $substance = null): array
    {
        $found = [];
        foreach ($mix->findings as $finding) {
            if ($finding->rule === $rule && ($substance === null || in_array($substance, $finding->substances, true))) {
                $found[] = $finding->severity->value;
            }
        }

        return $found;
    }

    public static function say(Finding $finding): string
    {
        return implode(' ', array_map(strval(...), array_filter($finding->toArray(self::english()), is_string(...))));
    }

    /**
     * The complaint about bad input: its field, and its sentence.
     *
     * @param  callable(): mixed  $work
     * @return array{string, string}
     */
    public static function complaint(callable $work): array
    {
        try {
            $work();
        } catch (BadInput $e) {
            return [$e->field(), self::english()->say($e->said)];
        }

        return ['', 'nothing was refused'];
    }
}

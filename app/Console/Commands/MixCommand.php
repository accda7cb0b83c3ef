<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Console\CircumstancesOptions;
use App\Console\MixReport;
use App\Console\PlainCommand;
use App\Console\RecipeFile;
use App\Console\SchemaCheck;
use App\Core\Say;
use App\Exceptions\BadFile;
use App\Time\Clock;
use Nebbia\Core\Data\BadInput;
use Nebbia\Core\Data\Severity;
use Nebbia\Core\Judgement\Judge;
use Nebbia\Core\Judgement\Situation;
use Nebbia\Core\Making\JarReader;
use Nebbia\Core\Measure\AmountParser;
use Nebbia\Core\Measure\TypedNumber;
use Nebbia\Core\Measure\UnitSystem;
use Nebbia\Core\Mixing\Mixer;
use Nebbia\Core\Mixing\Recipe\RecipeReader;
use Nebbia\Core\Plant\Plants;
use Nebbia\Core\Plant\Stage;
use Nebbia\Core\Shelf\Jars;

/** Works out a recipe file: nebbia.recipe/1 in, nebbia.mix/1 or a page of text out. */
final class MixCommand extends PlainCommand
{
    private const EXIT_STOP = 3;

    protected $signature = 'nebbia:mix
        {file : a recipe in the format nebbia.recipe/1, or - for standard input}
        {--into= : scale it to this vessel, as in "2 L"}
        {--fill= : how full the vessel is to be, above 0 up to 1}
        {--for= : the plant it is for}
        {--stage= : the stage of the plant}
        {--units= : whose spoons and cups are meant: us, metric, imperial or au}
        {--water= : what it is mixed with: tap (if left out), rain or distilled}
        {--hardness= : of the water, mg/L as calcium carbonate}
        {--alkalinity= : of the water, mg/L as calcium carbonate}
        {--state=* : how the plant is: drought, new, soft-growth, hardened, in-flower, sick, bud-swell}
        {--indoors : it stands indoors}
        {--temperature= : of the air in that hour, °C}
        {--humidity= : of the air, %}
        {--wind= : km/h}
        {--rain-in= : hours until it rains}
        {--part= : of the day: dawn, morning, midday, afternoon, dusk or night}
        {--ph= : of the finished mix, measured}
        {--sun-soon : the sun will be on it within two hours}
        {--bees : bees are at open flowers}
        {--strict : exit with 3 where a finding says stop}
        {--json : print nebbia.mix/1}';

    protected $description = 'Work out a recipe: amounts, strengths, mixing order and findings';

    public function handle(
        AmountParser $amounts,
        Plants $plants,
        RecipeReader $reader,
        Mixer $mixer,
        Judge $judge,
        RecipeFile $files,
        SchemaCheck $schema,
        MixReport $report,
        CircumstancesOptions $options,
        JarReader $jars,
    ): int {
        $units = $this->units();
        $plant = $this->text('for');
        $plant = $plant === null ? null : $this->named('for', fn () => $plants->met($plant));
        $stage = $this->stage();
        $circumstances = $options->read($this, $stage);
        $fill = $this->fill();
        $data = $files->read((string) $this->argument('file'));
        $shelf =
            is_array($data) && isset($data['preparations']) ? $jars->read($data['preparations'], app(Clock::class)->now()) : new Jars();
        $recipe = $reader->with($shelf)->read($data, $units);
        $schema->check($data, 'nebbia.recipe-1');
        $target = $this->into($amounts, $recipe->units);
        $mix = $judge->judge(Situation::of($mixer->mix($recipe, $target === null ? null : $target * $fill), $plant, $circumstances));
        $this->option('json') ? $this->give($report->json($mix)."\n") : $this->say($report->text($mix));

        return $this->option('strict') && $mix->worst() === Severity::Stop ? self::EXIT_STOP : self::SUCCESS;
    }

    private function units(): ?UnitSystem
    {
        $units = $this->text('units');

        return $units === null
            ? null
            : UnitSystem::tryFrom($units) ??
                    throw BadFile::option('units', Say::it('option.one-of', ['list' => implode(', ', UnitSystem::ids())]));
    }

    private function stage(): ?Stage
    {
        $stage = $this->text('stage');

        return $stage === null
            ? null
            : Stage::tryFrom($stage) ?? throw BadFile::option('stage', Say::it('option.one-of', ['list' => implode(', ', Stage::ids())]));
    }

    private function fill(): float
    {
        $fill = $this->text('fill');
        if ($fill === null) {
            return 1.0;
        }
        if ($this->text('into') === null) {
            throw BadFile::option('fill', Say::it('option.says-how-full'));
        }
        $number = TypedNumber::read($fill);
        if ($number === null || $number <= 0.0 || $number > 1.0) {
            throw BadFile::option('fill', Say::it('option.number-above-0'));
        }

        return $number;
    }

    /** mL of the vessel */
    private function into(AmountParser $amounts, UnitSystem $units): ?float
    {
        $into = $this->text('into');

        return $into === null ? null : $this->named('into', fn () => $amounts->parseVolume($into, $units)->inBase()->likely);
    }

    private function text(string $option): ?string
    {
        $value = $this->option($option);

        return is_string($value) ? trim(mb_scrub($value)) : null;
    }

    /**
     * @template T
     *
     * @param  callable(): T  $read
     * @return T
     */
    private function named(string $option, callable $read): mixed
    {
        try {
            return $read();
        } catch (BadInput $e) {
            throw $e->at("--$option");
        }
    }
}

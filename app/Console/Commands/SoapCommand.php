<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Console\PlainCommand;
use App\Console\SoapReport;
use App\Core\Say;
use App\Exceptions\BadFile;
use Nebbia\Core\Chemistry\Water;
use Nebbia\Core\Data\BadInput;
use Nebbia\Core\Data\Finding;
use Nebbia\Core\Data\Severity;
use Nebbia\Core\Making\Soap\SoapFindings;
use Nebbia\Core\Making\Soap\SoapMaker;
use Nebbia\Core\Making\Soap\SoapReader;
use Nebbia\Core\Measure\TypedNumber;
use Nebbia\Core\Measure\UnitSystem;

/** Works a soap out: how much alkali the oils take, or whether a given mass is too much. */
final class SoapCommand extends PlainCommand
{
    private const EXIT_STOP = 3;

    protected $signature = 'nebbia:soap
        {--oil=* : an oil and how much of it, as in sunflower:600g; again for each}
        {--alkali=KOH : KOH, NaOH, or a blend by moles as in KOH:70,NaOH:30}
        {--purity= : of the alkali as bought, in %, a number or a range; one for each as in KOH:90,NaOH:98}
        {--superfat= : oil that is to be left over, in %}
        {--alkali-mass= : as bought, to be checked, as in 170g}
        {--storage= : % of soap in which it is stored}
        {--vessel= : the pot it is cooked in, as in "5 L"}
        {--hardness= : of the water it is thinned with, mg/L as calcium carbonate}
        {--units= : whose cups and ounces are meant: us, metric, imperial or au}
        {--strict : exit with 3 where a finding says stop}
        {--json : print figures and findings as JSON}';

    protected $description = 'Work out a soap from oils and alkali';

    public function handle(SoapReader $reader, SoapMaker $maker, SoapFindings $findings, SoapReport $report): int
    {
        try {
            $request = $reader->read(
                $this->oils(),
                $this->text('alkali') ?? 'KOH',
                $this->text('purity'),
                $this->text('superfat'),
                $this->text('alkali-mass'),
                $this->units(),
                $this->text('storage'),
                $this->text('vessel'),
            );
        } catch (BadInput $e) {
            throw $e->renamed('--'.$e->field());
        }
        $hardness = $this->hardness();
        $soap = $maker->make($request);
        $said = $findings->of($soap, $hardness === null ? null : Water::measured($hardness, 0.0));
        $this->option('json') ? $this->give($report->json($soap, $said)."\n") : $this->say($report->text($soap, $said));
        $stops = array_filter($said, static fn (Finding $finding): bool => $finding->severity === Severity::Stop);

        return $this->option('strict') && $stops !== [] ? self::EXIT_STOP : self::SUCCESS;
    }

    /** @return list<array{string, string}> */
    private function oils(): array
    {
        $oils = [];
        $given = $this->option('oil');
        foreach (is_array($given) ? $given : [] as $text) {
            $pair = explode(':', is_string($text) ? mb_scrub($text) : '', 2);
            $oils[] =
                isset($pair[1]) && trim($pair[0]) !== ''
                    ? [trim($pair[0]), trim($pair[1])]
                    : throw BadFile::option('oil', Say::it('option.write-oil-how'));
        }

        return $oils;
    }

    private function units(): UnitSystem
    {
        $units = $this->text('units');

        return $units === null
            ? UnitSystem::Us
            : UnitSystem::tryFrom($units) ??
                    throw BadFile::option('units', Say::it('option.one-of', ['list' => implode(', ', UnitSystem::ids())]));
    }

    private function hardness(): ?float
    {
        $text = $this->text('hardness');
        if ($text === null) {
            return null;
        }
        $number = TypedNumber::read($text);

        return $number !== null && $number >= 0.0 && $number < 10_000.0
            ? $number
            : throw BadFile::option('hardness', Say::it('option.number-mgl-like'));
    }

    private function text(string $option): ?string
    {
        $value = $this->option($option);

        return is_string($value) ? trim(mb_scrub($value)) : null;
    }
}

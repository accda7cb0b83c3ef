<?php

declare(strict_types=1);

namespace Nebbia\Core\Making\Soap;

use DateTimeImmutable;
use Nebbia\Core\Data\BadInput;
use Nebbia\Core\Data\Interval;
use Nebbia\Core\Making\Timeline;
use Nebbia\Core\Measure\UnitSystem;
use Nebbia\Core\Shelf\KeepingPlace;
use Nebbia\Core\Shelf\Kind;
use Nebbia\Core\Shelf\Kinds;
use Nebbia\Core\Shelf\OnShelf;
use Nebbia\Core\Shelf\PreparationException;
use Nebbia\Core\Shelf\State;
use Nebbia\Core\Shelf\Stay;
use Nebbia\Core\Substance\Content;
use Nebbia\Core\Substance\Ingredients;
use Nebbia\Core\Substance\Substances;

/** A home-made soap as a preparation: what a millilitre of it holds once it is thinned for storage. */
final readonly class SoapStock
{
    public function __construct(
        private Kinds $kinds,
        private Substances $substances,
        private Ingredients $ingredients,
        private SoapReader $reader,
        private SoapMaker $maker,
    ) {}

    public function kind(): Kind
    {
        return $this->kinds->get('potash-soap');
    }

    /**
     * What a planned soap is made of, as it is stored: `oils` (name => amount), `alkali`, `purity`, `superfat`, `alkali_mass`, `storage`,
     * `vessel`.
     *
     * @param  array<array-key, mixed>  $data
     *
     * @throws BadInput
     */
    public function plan(array $data, UnitSystem $units): Soap
    {
        $text = static function (string $field) use ($data): ?string {
            $value = $data[$field] ?? null;

            return is_int($value) || is_float($value)
                ? (string) $value
                : ($value === null || is_string($value)
                    ? $value
                    : throw PreparationException::notText($field));
        };
        $oils = [];
        foreach (is_array($data['oils'] ?? null) ? $data['oils'] : [] as $oil => $amount) {
            $oils[] = [(string) $oil, is_string($amount) ? $amount : throw PreparationException::notText('oils')];
        }

        return $this->maker->make(
            $this->reader->read(
                $oils,
                $text('alkali') ?? 'KOH',
                $text('purity'),
                $text('superfat'),
                $text('alkali_mass'),
                $units,
                $text('storage'),
                $text('vessel'),
            ),
        );
    }

    /**
     * Of one mL, thinned with water to so many mL.
     *
     * @param  bool  $isTested  free alkali is ruled out by the test
     * @return list<Content>
     */
    public function contents(Soap $soap, float $volumeMl, bool $isTested): array
    {
        $sodium = $soap->sodiumShare();
        $per = static fn (Interval $grams, float $share = 1.0): Interval => $grams->times($share / $volumeMl);
        $contents = [];
        foreach ([['potassium-soap', 1.0 - $sodium], ['sodium-soap', $sodium]] as [$id, $share]) {
            if ($share > 0.0) {
                $contents[] = Content::of($this->substances->of($id), $per($soap->soap, $share));
            }
        }
        usort($contents, static fn (Content $a, Content $b): int => $b->grams->likely <=> $a->grams->likely);
        if ($soap->oilLeft->high > 0.0) {
            $contents[] = Content::of($this->substances->of('vegetable-oil'), $per($soap->oilLeft));
        }
        if (! $isTested && $soap->alkaliLeft->high > 0.0) {
            $contents[] = Content::of(
                $this->substances->of($sodium > 0.5 ? 'sodium-hydroxide' : 'potassium-hydroxide'),
                $per($soap->alkaliLeft),
            );
        }

        return $contents;
    }

    /**
     * As a file carries it: nebbia.preparation/1 of kind potash-soap, with `soap` and perhaps `test: {clear, ph}`.
     *
     * @param  array<array-key, mixed>  $data
     *
     * @throws BadInput
     */
    public function jar(array $data, DateTimeImmutable $started, ?DateTimeImmutable $finished, DateTimeImmutable $at): OnShelf
    {
        $kind = $this->kind();
        if (! is_array($data['soap'] ?? null)) {
            throw PreparationException::missing('soap');
        }
        $units = is_string($data['units'] ?? null) ? UnitSystem::tryFrom($data['units']) : null;
        try {
            $soap = $this->plan($data['soap'], $units ?? UnitSystem::Us);
        } catch (BadInput $e) {
            throw $e->under('soap');
        }
        $test = $this->test($data['test'] ?? null);
        $timeline = Timeline::of($kind, $started, [new Stay(KeepingPlace::Warm, $finished ?? $at)], $at, passed: $test?->hasPassed());
        $name = $data['name'] ?? null;
        $id = $data['id'] ?? '';

        return OnShelf::of(
            is_string($id) ? $id : '',
            is_string($name) ? $name : $this->ingredients->named($kind->makes)->name,
            $kind,
            $this->ingredients->named($kind->makes),
            $this->contents($soap, $soap->storageMl, $test?->hasPassed() === true),
            $soap->verdict === SoapVerdict::Refused ? State::Refused : $timeline->state,
            $timeline->readyAt,
            $timeline->useBy,
            $soap->storageMl,
        );
    }

    private function test(mixed $data): ?SoapTest
    {
        if ($data === null) {
            return null;
        }
        $ph = is_array($data) ? $data['ph'] ?? null : null;

        return is_array($data) && is_bool($data['clear'] ?? null) && (is_int($ph) || is_float($ph)) && $ph >= 0 && $ph <= 14
            ? SoapTest::of($data['clear'], (float) $ph)
            : throw PreparationException::ph()->renamed('test');
    }
}

<?php

declare(strict_types=1);

namespace App\Making\Queries;

use App\Core\Say;
use App\Making\Resources\KindResource;
use App\Making\Resources\PreparationResource;
use App\Models\Garden;
use App\Models\Preparation;
use App\Pantry\Household;
use Carbon\CarbonImmutable;
use DateTimeImmutable;
use Nebbia\Core\Data\BadInput;
use Nebbia\Core\Data\Interval;
use Nebbia\Core\Data\Sentence\Catalogue;
use Nebbia\Core\Data\Sentence\Figures;
use Nebbia\Core\Data\Sentence\Message;
use Nebbia\Core\Making\Preparation as Made;
use Nebbia\Core\Making\Soap\SoapTest;
use Nebbia\Core\Making\Timeline;
use Nebbia\Core\Measure\Kitchen\KitchenFraction;
use Nebbia\Core\Measure\PreciseWords;
use Nebbia\Core\Shelf\Kind;
use Nebbia\Core\Shelf\Kinds;
use Nebbia\Core\Shelf\Length;
use Nebbia\Core\Shelf\State;
use Nebbia\Core\Substance\Content;
use Nebbia\Core\Substance\Substances;

/** What was made ahead, in words. */
final readonly class DescribePreparation
{
    public function __construct(
        private Kinds $kinds,
        private Substances $substances,
        private Catalogue $catalogue,
        private Household $household,
    ) {}

    public function __invoke(Garden $garden, Preparation $row): PreparationResource
    {
        $kind = $this->kinds->get($row->kind);
        $shelf = $this->household->shelf($garden);
        $timeline = $shelf->timeline($row);
        $jar = $shelf->find($row->id);
        $state = $jar->state ?? $timeline->state;
        $now = $garden->now();
        $through = $this->through($garden, $row, $kind);

        return new PreparationResource(
            $row->id,
            $row->version,
            $row->name,
            $row->kind,
            $this->catalogue->say($kind->name()),
            $kind->makes,
            $state->value,
            $this->said($kind, $state),
            $this->timeLeft($timeline, $state, $now),
            $this->progress($timeline, $row, $now),
            self::time($row->started_at) ?? '',
            self::time($timeline->strainAt),
            self::time($timeline->readyAt),
            self::time($timeline->useBy),
            self::time($timeline->stirAt),
            $row->place()->value ?? 'pot',
            array_keys($kind->keeps),
            $row->left_ml,
            $row->left_ml === null ? null : PreciseWords::volume($row->left_ml, $garden->units),
            $through === null || $row->left_ml === null || $through <= 0.0 ? null : min(1.0, $row->left_ml / $through),
            $this->makeup($jar->contents ?? [], $this->plants($garden, $row, $kind)),
            $row->ph,
            $row->test === null ? null : $this->catalogue->say(SoapTest::of($row->test['clear'], $row->test['ph'])->said()),
            $kind->into,
            array_map(fn (string $id): string => $this->catalogue->say(Message::of("making.spoil.$id")), $kind->spoils),
            $kind->isSoap(),
            $kind->isFeed(),
            $kind->measurePh,
            $row->note,
        );
    }

    public function kind(Kind $kind): KindResource
    {
        $place = $kind->usualPlace();

        return new KindResource(
            $kind->id,
            $this->catalogue->say($kind->name()),
            $this->catalogue->say(Message::of("making.note.$kind->id")),
            $kind->makes,
            $kind->hours->likely > 0.0 ? $this->catalogue->say(Length::of($kind->hours->likely)) : null,
            $this->keeps($kind)[$place->value] ?? '',
            $kind->into,
            $kind->isSoap(),
        );
    }

    /** @return array<string, string> place => how long it keeps there */
    public function keeps(Kind $kind): array
    {
        $places = ['warm' => Say::it('jar.warm'), 'fridge' => Say::it('jar.fridge'), 'frozen' => Say::it('jar.frozen')];

        $keeps = [];
        foreach ($kind->keeps as $place => $hours) {
            $keeps[$place] = $this->catalogue->say(Length::of($hours->likely)).' '.$places[$place];
        }

        return $keeps;
    }

    /**
     * What a litre holds: plants by their grams, what has a strength by its percent.
     *
     * @param  list<Content>  $contents
     * @param  array<string, Interval>  $plants
     * @return list<string>
     */
    public function makeup(array $contents, array $plants = []): array
    {
        $said = [];
        foreach ($contents as $content) {
            $substance = $content->substance;
            // A ferment is counted by its own volume, which says nothing of what is in it.
            if ($substance->isPlant && $substance->density !== null) {
                continue;
            }
            $said[] = match (true) {
                // Perhaps none of it, as free alkali in soap.
                $content->grams->likely <= 0.0 => Say::it('jar.perhaps', [
                    'name' => $substance->name,
                    'amount' => KitchenFraction::figures(100.0 * $content->grams->high),
                ]),
                $substance->isPlant => Say::it('jar.per-litre', [
                    'amount' => self::span($content->grams->times(1000.0)),
                    'name' => $substance->name,
                ]),
                $substance->shownByVolume && $content->millilitres !== null => Say::it('jar.by-volume', [
                    'name' => $substance->name,
                    'amount' => self::span($content->millilitres->times(100.0)),
                ]),
                default => $substance->name.' '.self::span($content->grams->times(100.0)).' %',
            };
            unset($plants[$substance->id]);
        }
        foreach ($plants as $id => $grams) {
            $said[] = Say::it('jar.made-from', ['amount' => self::span($grams->times(1000.0)), 'name' => $this->substances->of($id)->name]);
        }

        return $said;
    }

    public static function time(?DateTimeImmutable $time): ?string
    {
        return $time === null ? null : CarbonImmutable::instance($time)->utc()->toIso8601ZuluString();
    }

    /** @param  string  $unit that stands behind each figure */
    public static function span(Interval $amount, string $unit = ''): string
    {
        $n = Figures::strength(...);

        return $amount->high - $amount->low <= 0.005 * $amount->likely
            ? $n($amount->likely).$unit
            : $n($amount->likely)."$unit (".$n($amount->low).' to '.$n($amount->high)."$unit)";
    }

    private function said(Kind $kind, State $state): string
    {
        return $this->catalogue->say(Message::of("making.state.$state->value", ['sort' => $kind->method->id, 'strained' => $kind->strain]));
    }

    /** @return array<string, Interval> */
    private function plants(Garden $garden, Preparation $row, Kind $kind): array
    {
        $made = $kind->countsAs === null ? null : $this->made($garden, $row);

        return $made->plants ?? [];
    }

    /** mL that came through, or that should */
    private function through(Garden $garden, Preparation $row, Kind $kind): ?float
    {
        try {
            return $kind->isSoap() ? $this->household->shelf($garden)->soap($row)->storageMl : $this->made($garden, $row)?->yield?->likely;
        } catch (BadInput) {
            return null;
        }
    }

    private function made(Garden $garden, Preparation $row): ?Made
    {
        try {
            return $this->household->shelf($garden)->made($row);
        } catch (BadInput) {
            return null;
        }
    }

    private function timeLeft(Timeline $timeline, State $state, CarbonImmutable $now): ?string
    {
        $hours = static fn (DateTimeImmutable $until): float => ($until->getTimestamp() - $now->getTimestamp()) / 3600.0;

        return match (true) {
            $state === State::Steeping && $timeline->strainAt !== null => Say::it('jar.ready-in', [
                'long' => Length::of($hours($timeline->strainAt)),
            ]),
            in_array($state, [State::Ready, State::UseSoon], true) && $timeline->useBy !== null => Say::it('jar.good-for', [
                'long' => Length::of($hours($timeline->useBy)),
            ]),
            $state === State::GoneOff && $timeline->useBy !== null => Say::it('jar.past', [
                'long' => Length::of(-$hours($timeline->useBy)),
            ]),
            default => null,
        };
    }

    private function progress(Timeline $timeline, Preparation $row, CarbonImmutable $now): ?float
    {
        [$from, $to] = $timeline->readyAt === null ? [$row->started_at, $timeline->strainAt] : [$timeline->readyAt, $timeline->useBy];
        if ($to === null || $to->getTimestamp() <= $from->getTimestamp()) {
            return null;
        }

        return max(0.0, min(1.0, ($now->getTimestamp() - $from->getTimestamp()) / ($to->getTimestamp() - $from->getTimestamp())));
    }
}

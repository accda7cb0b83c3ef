<?php

declare(strict_types=1);

namespace Nebbia\Core\Instructions\Label;

use DateInterval;
use DateTimeImmutable;
use Nebbia\Core\Data\Sentence\Message;
use Nebbia\Core\Judgement\Care\CareNote;
use Nebbia\Core\Judgement\Care\CareNotes;
use Nebbia\Core\Mixing\FinalStrength;
use Nebbia\Core\Mixing\Hazard\Hazard;
use Nebbia\Core\Mixing\Hazard\Hazards;
use Nebbia\Core\Mixing\Keeping\KeepingTimes;
use Nebbia\Core\Mixing\Mix;

/** Writes what belongs on a bottle. */
final readonly class BottleLabels
{
    public function __construct(private KeepingTimes $keepingTimes, private Hazards $hazards, private CareNotes $careNotes) {}

    public function of(Mix $mix, DateTimeImmutable $madeAt): BottleLabel
    {
        $keeping = $this->keepingTimes->of($mix);
        $contents = array_map(
            static fn (FinalStrength $strength): Message => $strength->substance->shownByVolume && $strength->percentVv !== null
                ? Message::of('label.by-volume', ['name' => $strength->substance->name, 'percent' => $strength->percentVv->likely])
                : Message::of($strength->substance->isPlant ? 'label.plant' : 'label.by-mass', [
                    'name' => $strength->substance->name,
                    'percent' => $strength->percentWv->likely,
                ]),
            $mix->strengths,
        );
        $cautions = array_values(array_map(static fn (Hazard $hazard): Message => $hazard->said(), $this->hazards->ofMix($mix)));

        return new BottleLabel(
            $mix->recipe->name,
            $contents,
            Message::of("label.use.{$mix->recipe->use->value}"),
            $madeAt,
            $keeping === null ? null : $madeAt->add(new DateInterval('PT'.(int) round($keeping->hours->likely * 60).'M')),
            $keeping?->said() ?? Message::of('storage.unknown'),
            [
                ...$cautions,
                ...array_map(static fn (CareNote $note): Message => $note->said(), $this->careNotes->forLabel($mix)),
                Message::of('label.children'),
            ],
        );
    }
}

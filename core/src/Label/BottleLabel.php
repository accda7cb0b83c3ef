<?php

declare(strict_types=1);

namespace Nebbia\Core\Label;

use DateInterval;
use DateTimeImmutable;
use Nebbia\Core\Care\CareNote;
use Nebbia\Core\Care\CareNotes;
use Nebbia\Core\Formulation\FinalStrength;
use Nebbia\Core\Formulation\Mix;
use Nebbia\Core\Hazard\Hazard;
use Nebbia\Core\Hazard\Hazards;
use Nebbia\Core\Knowledge\Knowledge;
use Nebbia\Core\Message\Message;
use Nebbia\Core\Storage\KeepingTime;

/** What belongs on the bottle: what it is, what is in it, from when and until when, for what, and what to beware of. */
final readonly class BottleLabel
{
    /**
     * @param  list<Message>  $contents
     * @param  list<Message>  $cautions
     */
    private function __construct(
        public string $name,
        public array $contents,
        public Message $use,
        public DateTimeImmutable $madeAt,
        /** Null where it is to be used at once. */
        public ?DateTimeImmutable $useBy,
        public Message $keeps,
        public array $cautions,
    ) {}

    public static function of(Mix $mix, DateTimeImmutable $madeAt, Knowledge $knowledge): self
    {
        $keeping = KeepingTime::of($mix, $knowledge);
        $contents = array_map(static fn (FinalStrength $strength): Message => $strength->substance->shownByVolume && $strength->percentVv !== null
            ? Message::of('label.by-volume', ['name' => $strength->substance->name, 'percent' => $strength->percentVv->likely])
            : Message::of($strength->substance->isPlant ? 'label.plant' : 'label.by-mass', ['name' => $strength->substance->name, 'percent' => $strength->percentWv->likely]), $mix->strengths);
        $cautions = array_values(array_map(static fn (Hazard $hazard): Message => $hazard->said(), (new Hazards($knowledge))->ofMix($mix)));

        return new self(
            $mix->recipe->name,
            $contents,
            Message::of("label.use.{$mix->recipe->use->value}"),
            $madeAt,
            $keeping === null ? null : $madeAt->add(new DateInterval('PT'.(int) round($keeping->hours->likely * 60).'M')),
            $keeping?->said() ?? Message::of('storage.unknown'),
            [...$cautions, ...array_map(static fn (CareNote $note): Message => $note->said(), (new CareNotes($knowledge))->forLabel($mix)), Message::of('label.children')],
        );
    }
}

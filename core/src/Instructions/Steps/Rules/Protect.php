<?php

declare(strict_types=1);

namespace Nebbia\Core\Instructions\Steps\Rules;

use Nebbia\Core\Data\Sentence\Message;
use Nebbia\Core\Instructions\Steps\MixingStep;
use Nebbia\Core\Instructions\Steps\MixingTask;
use Nebbia\Core\Instructions\Steps\StepRule;
use Nebbia\Core\Judgement\Care\CareNote;
use Nebbia\Core\Judgement\Care\CareNotes;
use Nebbia\Core\Mixing\Hazard\Hazard;

/** Goggles, gloves, fresh air: before the first bottle is opened. */
final readonly class Protect implements StepRule
{
    public function __construct(private CareNotes $care) {}

    private const ORDER = ['goggles', 'gloves', 'air', 'flames', 'children', 'pets'];

    public function steps(MixingTask $work): iterable
    {
        $hazards = $work->hazards();
        $gear = array_unique(array_merge(...array_values(array_map(static fn (Hazard $hazard): array => $hazard->gear, $hazards))));
        if ($gear === []) {
            return;
        }
        $said = null;
        foreach (self::ORDER as $one) {
            if (in_array($one, $gear, true)) {
                $piece = Message::of("gear.$one");
                $said = $said === null ? $piece : Message::of('gear.and', ['a' => $said, 'b' => $piece]);
            }
        }

        yield MixingStep::of('protect', Message::of('step.protect'), $said, [
            ...array_values(array_map(static fn (Hazard $hazard): Message => $hazard->said(), $hazards)),
            ...array_map(
                static fn (CareNote $note): Message => $note->said(),
                $this->care->of($work->mix, 'handle', isHazardous: true, isShort: true),
            ),
        ]);
    }
}

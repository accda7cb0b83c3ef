<?php

declare(strict_types=1);

namespace Nebbia\Core\Steps\Rules;

use Nebbia\Core\Care\CareNote;
use Nebbia\Core\Care\CareNotes;
use Nebbia\Core\Message\Message;
use Nebbia\Core\Steps\MixingStep;
use Nebbia\Core\Steps\StepRule;
use Nebbia\Core\Steps\Work;

/** What comes after: the sprayer, what is left over, spoons and jugs. */
final readonly class CleanUp implements StepRule
{
    public function __construct(private CareNotes $care) {}

    public function steps(Work $work): iterable
    {
        yield MixingStep::of('clean', Message::of('step.clean'), null, array_map(static fn (CareNote $note): Message => $note->said(), $this->care->of($work->mix, 'after')));
    }
}

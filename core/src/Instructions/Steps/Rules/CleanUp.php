<?php

declare(strict_types=1);

namespace Nebbia\Core\Instructions\Steps\Rules;

use Nebbia\Core\Data\Sentence\Message;
use Nebbia\Core\Instructions\Steps\MixingStep;
use Nebbia\Core\Instructions\Steps\MixingTask;
use Nebbia\Core\Instructions\Steps\StepRule;
use Nebbia\Core\Judgement\Care\CareNote;
use Nebbia\Core\Judgement\Care\CareNotes;

/** What comes after: the sprayer, what is left over, spoons and jugs. */
final readonly class CleanUp implements StepRule
{
    public function __construct(private CareNotes $care) {}

    public function steps(MixingTask $work): iterable
    {
        yield MixingStep::of(
            'clean',
            Message::of('step.clean'),
            null,
            array_map(static fn (CareNote $note): Message => $note->said(), $this->care->of($work->mix, 'after')),
        );
    }
}

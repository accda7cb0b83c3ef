<?php

declare(strict_types=1);

namespace Nebbia\Core\Instructions\Steps\Rules;

use Nebbia\Core\Data\Sentence\Message;
use Nebbia\Core\Data\Table;
use Nebbia\Core\Instructions\Steps\MixingStep;
use Nebbia\Core\Instructions\Steps\MixingTask;
use Nebbia\Core\Instructions\Steps\StepRule;
use Nebbia\Core\Judgement\Care\CareNote;
use Nebbia\Core\Judgement\Care\CareNotes;
use Nebbia\Core\Mixing\Recipe\UseOfSpray;

/** What the use asks for: shaking while spraying, contact time on tools, water after a drench. */
final readonly class WhileUsing implements StepRule
{
    public function __construct(private Table $tolerances, private CareNotes $care) {}

    public function steps(MixingTask $work): iterable
    {
        $use = $work->mix->recipe->use;
        $contact = $use === UseOfSpray::Disinfect ? $this->contact($work) : null;
        yield MixingStep::of(
            'use',
            Message::of("step.use.$use->value"),
            match (true) {
                $contact !== null => Message::of('step.contact', ['contact' => $contact]),
                $work->has('oil', 'powder') => Message::of('step.shake-each-minute'),
                $work->has('extract', 'milk') => Message::of('step.shake-now-and-then'),
                default => null,
            },
            array_map(
                static fn (CareNote $note): Message => $note->said(),
                $this->care->of($work->mix, 'spray', isIndoors: $work->isIndoors),
            ),
        );
    }

    private function contact(MixingTask $work): ?string
    {
        foreach ($this->tolerances->rows('disinfecting') as $row) {
            foreach ($row->strings('substances') as $substance) {
                if ($work->mix->strengthOf($substance) !== null) {
                    return $row->string('contact');
                }
            }
        }

        return null;
    }
}

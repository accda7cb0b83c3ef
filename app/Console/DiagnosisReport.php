<?php

declare(strict_types=1);

namespace App\Console;

use App\Core\Say;
use Nebbia\Core\Data\Finding;
use Nebbia\Core\Data\Sentence\Catalogue;
use Nebbia\Core\Data\Sentence\Message;
use Nebbia\Core\Pest\Diagnosis\Clue;
use Nebbia\Core\Pest\Diagnosis\Diagnosis;
use Nebbia\Core\Pest\Diagnosis\RankedCause;
use Nebbia\Core\Pest\Diagnosis\Signs;
use Nebbia\Core\Plant\Plants;
use Nebbia\Core\Target\Targets;

/** Writes a diagnosis down: as nebbia.diagnosis/1, or as a page to read. */
final readonly class DiagnosisReport
{
    public const FORMAT = 'nebbia.diagnosis/1';

    /** How many causes a page of text lists. */
    private const SHOWN = 5;

    public function __construct(private Catalogue $catalogue, private Signs $signs, private Targets $targets, private Plants $plants) {}

    public function say(Message $message): string
    {
        return $this->catalogue->say($message);
    }

    /** @return array<string, mixed> nebbia.diagnosis/1 */
    public function toArray(Diagnosis $diagnosis): array
    {
        $next = $diagnosis->nextLook;

        return [
            'format' => self::FORMAT,
            'causes' => array_map(
                fn (RankedCause $cause): array => [
                    'target' => $cause->cause,
                    'name' => $this->name($cause),
                    'probability' => $cause->probability,
                    'because' => array_map(
                        static fn (Clue $clue): array => ['sign' => $clue->sign->id, 'seen' => $clue->there, 'bits' => $clue->bits],
                        $cause->clues,
                    ),
                ],
                $diagnosis->causes,
            ),
            'settled' => $diagnosis->isSettled(),
            'next_question' => $next === null
                    ? null
                    : [
                        'sign' => $next->sign->id,
                        'gain_bits' => $next->gainBits,
                        'where' => $this->say($next->sign->where()),
                        'when' => $this->say($next->sign->when()),
                        'name' => $this->say($next->sign->name()),
                        'look' => $this->say($next->sign->look()),
                    ],
            'findings' => array_map(
                fn (Finding $finding): array => $finding->toArray($this->catalogue),
                $diagnosis->findings($this->targets),
            ),
        ];
    }

    public function json(Diagnosis $diagnosis): string
    {
        return $this->encode($this->toArray($diagnosis));
    }

    /** All that can be named in a question, for programs. */
    public function listJson(): string
    {
        return $this->encode([
            'signs' => array_map(
                fn (string $id): array => ['id' => $id, 'name' => $this->say($this->signs->of($id)->name())],
                $this->signs->ids(),
            ),
            'targets' => array_map(
                fn (string $id): array => ['id' => $id, 'name' => $this->targets->named($id)->name],
                $this->targets->ids(),
            ),
            'plants' => array_map(fn (string $id): array => ['id' => $id, 'name' => $this->plants->named($id)->name], $this->plants->ids()),
        ]);
    }

    public function text(Diagnosis $diagnosis): string
    {
        $text = '';
        foreach ($diagnosis->findings($this->targets) as $finding) {
            $said = $finding->toArray($this->catalogue);
            $text .= "{$said['what']}\n  {$said['because']}\n  {$said['instead']}\n";
        }
        $text .= "\nCauses\n";
        foreach (array_slice($diagnosis->causes, 0, self::SHOWN) as $cause) {
            $text .= sprintf("  %5.1f %%  %s\n", 100 * $cause->probability, $this->name($cause));
        }
        $text .= "\nWhy ".$this->name($diagnosis->first())."\n";
        foreach ($diagnosis->first()->clues as $clue) {
            $text .= sprintf(
                "  %s: %s (%+.1f bits)%s\n",
                Say::it($clue->bits > 0 ? 'console.for' : 'console.against'),
                $this->say($clue->sign->name()),
                $clue->bits,
                $clue->there ? '' : Say::it('console.not-found'),
            );
        }
        if ($diagnosis->nextLook !== null) {
            $sign = $diagnosis->nextLook->sign;
            $text .=
                "\n".
                Say::it('console.look-next', [
                    'name' => $sign->name(),
                    'id' => $sign->id,
                    'bits' => sprintf('%.2f', $diagnosis->nextLook->gainBits),
                    'look' => $sign->look(),
                ]).
                "\n";
        }

        return $text;
    }

    private function name(RankedCause $cause): string
    {
        return $cause->isNone() ? $this->say(Message::of('cause.none-of-these')) : $this->targets->named($cause->cause)->name;
    }

    private function encode(mixed $data): string
    {
        return json_encode(
            $data,
            JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_PRESERVE_ZERO_FRACTION | JSON_PRETTY_PRINT,
        );
    }
}

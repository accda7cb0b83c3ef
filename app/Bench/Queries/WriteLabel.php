<?php

declare(strict_types=1);

namespace App\Bench\Queries;

use App\Bench\Resources\LabelResource;
use App\Core\Say;
use App\Models\Garden;
use App\Models\Sprayer;
use DateTimeImmutable;
use Dompdf\Dompdf;
use Dompdf\Options;
use Nebbia\Core\Data\BadInput;
use Nebbia\Core\Data\Finding;
use Nebbia\Core\Data\Sentence\Catalogue;
use Nebbia\Core\Instructions\Label\BottleLabels;

/** The label for a bottle, on screen and as a page to print. */
final readonly class WriteLabel
{
    private const POINTS_PER_CM = 28.346;

    private const WIDTH_CM = 10;

    /** The label is the shortest of these that takes all there is to mind. */
    private const HEIGHTS_CM = [7, 10, 14, 20];

    public function __construct(private JudgeMix $judge, private BottleLabels $bottleLabels, private Catalogue $catalogue) {}

    /** @throws BadInput */
    public function __invoke(Garden $garden, mixed $body, ?Sprayer $sprayer, ?string $volume): LabelResource
    {
        $judged = $this->judge->oneFill($garden, $body, $sprayer, null, $volume);
        $label = $this->bottleLabels->of($judged->mix, $garden->localNow());
        $when = fn (?DateTimeImmutable $time): ?string => $time === null ? null : $this->catalogue->hear($time->format('j F Y, H:i'));

        return new LabelResource(
            $label->name === '' ? Say::it('bench.spray') : $label->name,
            array_map($this->catalogue->say(...), $label->contents),
            $this->catalogue->say($label->use),
            $when($label->madeAt) ?? '',
            $when($label->useBy),
            $this->catalogue->sentence($label->keeps),
            // What is a stop on the bench leads on the bottle.
            array_values(
                array_unique([
                    ...array_map(fn (Finding $stop): string => $this->catalogue->sentence($stop->what), $judged->stops()),
                    ...array_map($this->catalogue->say(...), $label->cautions),
                ]),
            ),
        );
    }

    public function pdf(LabelResource $label): string
    {
        foreach (self::HEIGHTS_CM as $height) {
            $pdf = $this->page($label, $height);
            if ($pdf->getCanvas()->get_page_count() === 1) {
                break;
            }
        }

        return (string) $pdf->output();
    }

    private function page(LabelResource $label, int $height): Dompdf
    {
        $options = new Options();
        $options->setIsRemoteEnabled(false);
        $options->setDefaultFont('DejaVu Sans');
        $pdf = new Dompdf($options);
        $pdf->setPaper([0, 0, self::WIDTH_CM * self::POINTS_PER_CM, $height * self::POINTS_PER_CM]);
        $pdf->loadHtml(view('label', ['label' => $label])->render());
        $pdf->render();

        return $pdf;
    }
}

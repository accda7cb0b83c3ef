<?php

declare(strict_types=1);

namespace App\Actions;

use App\Http\Resources\LabelResource;
use App\Models\Garden;
use App\Models\Sprayer;
use Carbon\CarbonImmutable;
use DateTimeImmutable;
use Dompdf\Dompdf;
use Dompdf\Options;
use Nebbia\Core\BadInput;
use Nebbia\Core\Knowledge\Knowledge;
use Nebbia\Core\Label\BottleLabel;
use Nebbia\Core\Message\Catalogue;

/** The label for a bottle, on screen and as a page to print. */
final readonly class WriteLabel
{
    /** In points: a label of 10 by 9 cm. */
    private const PAPER = [0, 0, 283.46, 255.12];

    public function __construct(
        private WorkOutBench $bench,
        private Knowledge $knowledge,
        private Catalogue $catalogue,
    ) {}

    /** @throws BadInput */
    public function __invoke(Garden $garden, mixed $body, ?Sprayer $sprayer, ?string $volume): LabelResource
    {
        $mix = $this->bench->oneFill($garden, $body, $sprayer, null, $volume);
        $label = BottleLabel::of($mix, CarbonImmutable::now($garden->time_zone), $this->knowledge);
        $when = static fn (?DateTimeImmutable $time): ?string => $time?->format('j F Y, H:i');

        return new LabelResource(
            $label->name === '' ? 'Spray' : $label->name, array_map($this->catalogue->say(...), $label->contents), $this->catalogue->say($label->use),
            $when($label->madeAt) ?? '', $when($label->useBy), $this->catalogue->sentence($label->keeps), array_map($this->catalogue->say(...), $label->cautions),
        );
    }

    public function pdf(LabelResource $label): string
    {
        $options = new Options;
        $options->setIsRemoteEnabled(false);
        $options->setDefaultFont('DejaVu Sans');
        $pdf = new Dompdf($options);
        $pdf->setPaper(self::PAPER);
        $pdf->loadHtml(view('label', ['label' => $label])->render());
        $pdf->render();

        return (string) $pdf->output();
    }
}

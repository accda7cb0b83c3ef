<?php

declare(strict_types=1);

namespace App\Pantry\Queries;

use App\Bench\Resources\FindingResource;
use App\Core\Say;
use App\Pantry\Resources\LabelClassResource;
use App\Pantry\Resources\LabelPartResource;
use App\Pantry\Resources\LabelReadingResource;
use Nebbia\Core\Data\BadInput;
use Nebbia\Core\Data\Finding;
use Nebbia\Core\Data\Interval;
use Nebbia\Core\Data\Sentence\Catalogue;
use Nebbia\Core\Data\Sentence\Figures;
use Nebbia\Core\Reading\Label\LabelFindings;
use Nebbia\Core\Reading\Label\LabelReader;
use Nebbia\Core\Reading\Label\Part;
use Nebbia\Core\Reading\Label\PartClass;
use Nebbia\Core\Substance\Ingredients;

/** A bottle's list of contents, read and put into words. */
final readonly class ReadBottle
{
    public function __construct(private LabelReader $reader, private Ingredients $ingredients, private Catalogue $catalogue) {}

    /** @throws BadInput naming `text` */
    public function __invoke(string $text): LabelReadingResource
    {
        $label = $this->reader->read($text);

        return new LabelReadingResource(
            $label->verdict->value,
            $label->isKnown(),
            $this->catalogue->say($label->heading()),
            $this->catalogue->say($label->because()),
            $this->catalogue->say($label->advice()),
            array_map(
                fn (Part $part): LabelPartResource => new LabelPartResource(
                    $part->text,
                    $part->name,
                    $part->class->value,
                    $this->catalogue->say($part->class->name()),
                    $part->start,
                    $part->end,
                    self::share($part->share),
                    $part->isGuess,
                ),
                $label->parts,
            ),
            array_map(
                fn (PartClass $class): LabelClassResource => new LabelClassResource(
                    $class->value,
                    $this->catalogue->say($class->name()),
                    $this->catalogue->say($class->meansFor('leaves')),
                    $this->catalogue->say($class->meansFor('bees')),
                    $this->catalogue->say($class->meansFor('soil')),
                    $this->catalogue->say($class->meansFor('pond')),
                ),
                $label->classes(),
            ),
            array_map(fn (Finding $finding): FindingResource => FindingResource::of($finding, $this->catalogue), LabelFindings::of($label)),
            self::share($label->soap),
            $label->ingredient,
            $label->ingredient === null ? null : $this->ingredients->named($label->ingredient)->name,
            $label->strength(),
        );
    }

    private static function share(?Interval $share): ?string
    {
        $n = Figures::strength(...);

        return match (true) {
            $share === null => null,
            $share->isExact() => $n($share->likely).' %',
            $share->low <= 0.0 => 'under '.$n($share->high).' %',
            $share->high >= 100.0 => Say::it('pantry.and-more', ['amount' => $n($share->low)]),
            default => $n($share->low).' to '.$n($share->high).' %',
        };
    }
}

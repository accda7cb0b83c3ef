<?php

declare(strict_types=1);

namespace Nebbia\Core\Reading;

use Nebbia\Core\Data\Finding;
use Nebbia\Core\Data\Sentence\Catalogue;
use Nebbia\Core\Data\Severity;

/** A paragraph understood: the recipe as far as it goes, what it rests on, what is doubted, what was left. */
final readonly class ReadRecipe
{
    /** Doubts that change what is in the bottle. */
    private const GRAVE = [
        'hopeless',
        'contradiction',
        'unnamed-soap',
        'unnamed-alcohol',
        'two-steps',
        'two-readings',
        'unknown-ingredient',
        'missing-amount',
        'missing-volume',
        'bare-volume',
        'neat',
        'rough',
    ];

    /**
     * @param  array<string, mixed>  $recipe  nebbia.recipe/1; what is missing is null
     * @param  list<Span>  $understood
     * @param  list<Span>  $doubts
     * @param  list<Span>  $left  stretches that nothing was made of
     */
    private function __construct(public array $recipe, public array $understood, public array $doubts, public array $left) {}

    /**
     * @param  array<string, mixed>  $recipe
     * @param  list<Span>  $understood
     * @param  list<Span>  $doubts
     * @param  list<Span>  $left
     */
    public static function of(array $recipe, array $understood, array $doubts, array $left): self
    {
        return new self($recipe, $understood, $doubts, $left);
    }

    /** @return array<string, mixed> */
    public function toArray(Catalogue $catalogue): array
    {
        $spans = static fn (array $all): array => array_map(static fn (Span $span): array => $span->toArray($catalogue), $all);

        return $this->recipe + [
            'understood' => $spans($this->understood),
            'doubts' => $spans($this->doubts),
            'not_understood' => $spans($this->left),
            'findings' => array_map(
                static fn (Span $doubt): array => Finding::of(
                    'reading',
                    in_array($doubt->kind, self::GRAVE, true) ? Severity::Caution : Severity::Notice,
                    'reading.doubt',
                    ['what' => $doubt->what, 'text' => mb_strimwidth($doubt->text, 0, 60, '…')],
                )->toArray($catalogue),
                $this->doubts,
            ),
        ];
    }
}

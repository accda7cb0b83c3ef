<?php

declare(strict_types=1);

namespace Nebbia\Core\Reading\Label;

use Nebbia\Core\Data\Interval;
use Nebbia\Core\Data\Sentence\Message;

/** Says of the parts of a bottle whether it is a soap, a detergent or both, and as what it can be used. */
final class Appraiser
{
    /** A soap of this strength is sold to be thinned, % (labels of concentrates say 47 to 50). */
    private const CONCENTRATE = 40.0;

    /** Soaps that are sold in bars and flakes. */
    private const HARD = '/^(?:sodium|natrium)|marseil|marsigli|marselha|kernseife|\bbars?\b|barra|flakes|scaglie|saponetta/iu';

    private const WHOLES = ['soap', 'potassium soap', 'sodium soap'];

    /** @param  list<Part>  $parts */
    public function appraise(array $parts): LabelReading
    {
        $of = static fn (PartClass $class): array => array_values(
            array_filter($parts, static fn (Part $part): bool => $part->class === $class),
        );
        $soaps = $of(PartClass::Soap);
        $detergents = $of(PartClass::Detergent);
        $vague = $of(PartClass::Surfactant);
        // Oil and lye in one list: they were soap by the time the bottle was filled.
        $madeFrom =
            $soaps === [] && $detergents === [] && $of(PartClass::Oil) !== [] && $this->caustics($of(PartClass::Alkali)) !== []
                ? [...$of(PartClass::Oil), ...$this->caustics($of(PartClass::Alkali))]
                : [];
        $verdict = match (true) {
            $soaps !== [] && ($detergents !== [] || $vague !== []) => LabelVerdict::Mixed,
            $soaps !== [] || $madeFrom !== [] => LabelVerdict::Soap,
            $detergents !== [] => LabelVerdict::Detergent,
            default => LabelVerdict::Unclear,
        };
        $key = match (true) {
            $madeFrom !== [] => 'made',
            $verdict === LabelVerdict::Unclear => $vague !== [] ? 'vague' : 'neither',
            default => $verdict->value,
        };
        $soap = $this->share($soaps);

        return LabelReading::of(
            $verdict,
            Message::of("bottle.because.$key", [
                'soaps' => $this->names($soaps),
                'detergents' => $this->names([...$detergents, ...$vague]),
                'made' => $this->names($madeFrom),
            ]),
            $parts,
            $soap,
            $this->share($detergents),
            $this->ingredient($verdict, $soaps, $soap),
        );
    }

    /**
     * @param  list<Part>  $alkalis
     * @return list<Part>
     */
    private function caustics(array $alkalis): array
    {
        $strong = ['sodium hydroxide', 'potassium hydroxide'];

        return array_values(array_filter($alkalis, static fn (Part $part): bool => in_array($part->name, $strong, true)));
    }

    /**
     * Their shares together, where each is bounded or only one thing is named.
     *
     * @param  list<Part>  $parts
     */
    private function share(array $parts): ?Interval
    {
        // Where soap is said as a whole besides its kinds, that is the whole.
        foreach ($parts as $part) {
            if ($part->share !== null && in_array($part->name, self::WHOLES, true)) {
                return $part->share;
            }
        }
        $sum = null;
        foreach ($parts as $part) {
            if ($part->share === null) {
                return null;
            }
            $sum = $sum === null ? $part->share : $sum->plus($part->share);
        }

        return $sum === null ? null : Interval::of($sum->low, min(100.0, $sum->likely), min(100.0, $sum->high));
    }

    /** @param  list<Part>  $parts */
    private function names(array $parts): string
    {
        return implode(
            ', ',
            array_map(static fn (Part $part): string => (string) preg_replace('/\s+/u', ' ', $part->text), array_slice($parts, 0, 3)),
        );
    }

    /** @param  list<Part>  $soaps */
    private function ingredient(LabelVerdict $verdict, array $soaps, ?Interval $soap): ?string
    {
        $isHard =
            $soaps !== [] &&
            array_filter($soaps, static fn (Part $part): bool => preg_match(self::HARD, "$part->name\n$part->text") !== 1) === [];

        return match ($verdict) {
            LabelVerdict::Soap => match (true) {
                $isHard => 'bar-soap',
                $soap !== null && $soap->low >= self::CONCENTRATE => 'soap-concentrate',
                default => 'liquid-castile-soap',
            },
            LabelVerdict::Detergent, LabelVerdict::Mixed => 'dish-detergent',
            LabelVerdict::Unclear => null,
        };
    }
}

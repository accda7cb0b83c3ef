<?php

declare(strict_types=1);

namespace Nebbia\Core\Reading\Label;

use Nebbia\Core\Data\Interval;
use Nebbia\Core\Data\Sentence\Message;

/** What a bottle's list of contents says. */
final readonly class LabelReading
{
    /**
     * @param  list<Part>  $parts  in the order of the label
     */
    private function __construct(
        public LabelVerdict $verdict,
        public Message $because,
        public array $parts,
        /** Of true soap, where the label bounds it; % by weight there, which is near enough to g per 100 mL. */
        public ?Interval $soap,
        /** Of synthetic surfactants, likewise. */
        public ?Interval $detergent,
        /** The ingredient it can be used as, or null. */
        public ?string $ingredient,
    ) {}

    /** @param  list<Part>  $parts */
    public static function of(LabelVerdict $verdict, Message $because, array $parts, ?Interval $soap, ?Interval $detergent, ?string $ingredient): self
    {
        return new self($verdict, $because, $parts, $soap, $detergent, $ingredient);
    }

    /** @return list<PartClass> that are on the label, each once, what matters most first */
    public function classes(): array
    {
        $there = [];
        foreach ($this->parts as $part) {
            $there[$part->class->value] = true;
        }

        return array_values(array_filter(PartClass::cases(), static fn (PartClass $class): bool => isset($there[$class->value])));
    }

    /** The strength as a bottle in the pantry has it, or null where the label does not bound it. */
    public function strength(): ?string
    {
        $share = $this->ingredient === 'dish-detergent' ? $this->detergent : $this->soap;
        if ($share === null || $share->high <= 0.0 || $share->high >= 100.0 || $share->low <= 0.0) {
            return null;
        }
        $n = static fn (float $value): string => rtrim(rtrim(number_format($value, 2, '.', ''), '0'), '.');

        return $share->isExact() ? $n($share->likely).' % w/v' : $n($share->low).'-'.$n($share->high).' % w/v';
    }
}

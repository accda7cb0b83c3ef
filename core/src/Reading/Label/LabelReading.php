<?php

declare(strict_types=1);

namespace Nebbia\Core\Reading\Label;

use Nebbia\Core\Data\Finding;
use Nebbia\Core\Data\Interval;
use Nebbia\Core\Data\Sentence\Message;
use Nebbia\Core\Reading\Label\Contents\Contents;

/** What a bottle's list of contents says. */
final readonly class LabelReading
{
    /**
     * @param  list<Part>  $parts  in the order of the label
     * @param  array<string, Finding>  $warnings  what the label itself warns of
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
        /** What it is; null where that cannot be told. */
        public ?Contents $contents = null,
        public array $warnings = [],
    ) {}

    /** @param  list<Part>  $parts */
    public static function of(
        LabelVerdict $verdict,
        Message $because,
        array $parts,
        ?Interval $soap,
        ?Interval $detergent,
        ?string $ingredient,
    ): self {
        return new self($verdict, $because, $parts, $soap, $detergent, $ingredient);
    }

    /**
     * The same with what it is, and what it warns of.
     *
     * @param  array<string, Finding>  $warnings
     */
    public function known(?Contents $contents, array $warnings): self
    {
        $isSold = $contents?->soldAs !== null && $this->verdict === LabelVerdict::Unclear;

        return new self(
            $isSold ? LabelVerdict::Detergent : $this->verdict,
            $isSold ? Message::of('bottle.because.sold', ['sold' => (string) $contents->soldAs]) : $this->because,
            $contents?->names($this->parts) ?? $this->parts,
            $this->soap,
            $this->detergent,
            $contents?->ingredient->id,
            $contents,
            $warnings,
        );
    }

    /** What it is, in a few words: "White vinegar, 5 %", or what is to be said of its soap. */
    public function heading(): Message
    {
        if ($this->contents === null || ! $this->isKnown()) {
            return Message::of("bottle.verdict.{$this->verdict->value}");
        }
        $strength = $this->strength();

        return $strength === null
            ? Message::of('bottle.heading.plain', ['name' => $this->contents->ingredient->name])
            : Message::of('bottle.heading.strong', ['name' => $this->contents->ingredient->name, 'strength' => $strength]);
    }

    public function advice(): Message
    {
        return $this->contents !== null && $this->isKnown() ? $this->contents->use : Message::of("bottle.advice.{$this->verdict->value}");
    }

    /** Why it is taken for that. */
    public function because(): Message
    {
        return $this->isKnown() ? Message::of('bottle.because.known') : $this->because;
    }

    /** Whether the bottle is something else than a soap or a detergent, and it is known what. */
    public function isKnown(): bool
    {
        return $this->contents !== null && ! in_array($this->contents->ingredient->group, ['soap', 'soap-solid'], true);
    }

    /** @return list<PartClass> that are on the label, each once, what matters most first */
    public function classes(): array
    {
        $there = [];
        foreach ($this->parts as $part) {
            if ($part->class->isInIt()) {
                $there[$part->class->value] = true;
            }
        }

        return array_values(array_filter(PartClass::cases(), static fn (PartClass $class): bool => isset($there[$class->value])));
    }

    /** The strength as a bottle in the pantry has it, or null where the label does not bound it. */
    public function strength(): ?string
    {
        if ($this->contents !== null) {
            return $this->contents->strength;
        }
        $share = $this->ingredient === 'dish-detergent' ? $this->detergent : $this->soap;
        if ($share === null || $share->high <= 0.0 || $share->high >= 100.0 || $share->low <= 0.0) {
            return null;
        }
        $n = static fn (float $value): string => rtrim(rtrim(number_format($value, 2, '.', ''), '0'), '.');

        return $share->isExact() ? $n($share->likely).' % w/v' : $n($share->low).'-'.$n($share->high).' % w/v';
    }
}

<?php

declare(strict_types=1);

namespace Nebbia\Core\Data;

use Nebbia\Core\Data\Sentence\Catalogue;
use Nebbia\Core\Data\Sentence\Message;

/** One judgement: what, because of what, what to do instead, and on what ground. */
final readonly class Finding
{
    /**
     * @param  list<string>  $substances  ids it speaks of
     */
    private function __construct(
        public string $rule,
        public Severity $severity,
        public Message $what,
        public Message $because,
        public Message $instead,
        public string $basis,
        public string $sure,
        public array $substances,
        /** What it rests on, by its id on the page that says why. */
        public string $ground,
        /** Whoever hears one sentence of the whole must hear this one, though it is no more than a notice. */
        public bool $leads = false,
    ) {}

    /**
     * @param  string  $key  of the messages, which stand under $key.what, .because and .instead
     * @param  array<string, string|int|float|Message>  $params
     * @param  list<string>  $substances
     */
    public static function of(
        string $rule,
        Severity $severity,
        string $key,
        array $params = [],
        string $basis = 'definition',
        string $sure = 'high',
        array $substances = [],
    ): self {
        return new self(
            $rule,
            $severity,
            Message::of("$key.what", $params),
            Message::of("$key.because", $params),
            Message::of("$key.instead", $params),
            $basis,
            $sure,
            $substances,
            $key,
        );
    }

    /** The same finding, resting on another ground than the one of its words. */
    public function from(string $ground): self
    {
        return $this->with($ground, $this->leads);
    }

    /** The same finding, as the one that the mix is to be known by. */
    public function leading(): self
    {
        return $this->with($this->ground, true);
    }

    private function with(string $ground, bool $leads): self
    {
        return new self(
            $this->rule,
            $this->severity,
            $this->what,
            $this->because,
            $this->instead,
            $this->basis,
            $this->sure,
            $this->substances,
            $ground,
            $leads,
        );
    }

    /**
     * @return array{rule: string, severity: string, what: string, because: string, instead: string, basis: string, sure: string,
     *     substances: list<string>, ground: string}
     */
    public function toArray(Catalogue $catalogue): array
    {
        return [
            'rule' => $this->rule,
            'severity' => $this->severity->value,
            'what' => $catalogue->sentence($this->what),
            'because' => $catalogue->sentence($this->because),
            'instead' => $catalogue->sentence($this->instead),
            'basis' => $this->basis,
            'sure' => $this->sure,
            'substances' => $this->substances,
            'ground' => $this->ground,
        ];
    }
}

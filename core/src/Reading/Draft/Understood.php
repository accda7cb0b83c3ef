<?php

declare(strict_types=1);

namespace Nebbia\Core\Reading\Draft;

use Nebbia\Core\Data\Sentence\Message;
use Nebbia\Core\Plant\Plants;
use Nebbia\Core\Reading\Span;
use Nebbia\Core\Reading\Words\Token;
use Nebbia\Core\Reading\Words\TokenKind;
use Nebbia\Core\Substance\Ingredients;
use Nebbia\Core\Target\Targets;

/** Says of each word that a recipe rests on what it was taken for. */
final readonly class Understood
{
    public function __construct(
        private Targets $targets,
        private Ingredients $ingredients,
        private Plants $plants,
        private string $text,
        private Draft $draft,
        private Peek $peek,
    ) {}

    /**
     * @param  list<Token>  $tokens
     * @param  list<Entry>  $lines
     * @return list<Span> in the order of the text
     */
    public function spans(array $tokens, ?Volume $base, array $lines): array
    {
        $spans = [];
        if ($base !== null) {
            $spans[] = $this->span(
                $base->token,
                'base',
                Message::of($base->isFinal ? 'reading.base-final' : 'reading.base-added', ['amount' => $this->peek->people($base->amount)]),
            );
        }
        foreach ($this->draft->entries as $entry) {
            if ($entry->name !== null && $entry->ingredient !== null) {
                $spans[] = $this->span(
                    $entry->name,
                    'ingredient',
                    Message::of('reading.ingredient', ['name' => $this->ingredients->named($entry->ingredient)->name]),
                );
            }
            if ($entry->amountToken !== null && $entry->amount !== null && $entry->amountToken !== $entry->name) {
                $spans[] = $this->span(
                    $entry->amountToken,
                    'amount',
                    Message::of('reading.amount', ['amount' => $this->peek->people($entry->amount)]),
                );
            }
            if ($entry->stated !== null) {
                $spans[] = $this->span($entry->stated, 'stated', Message::of('reading.stated'));
            }
            if ($entry->strengthToken !== null) {
                $spans[] = $this->span(
                    $entry->strengthToken,
                    'strength',
                    $entry->strength === null
                        ? Message::of('reading.amount', ['amount' => $this->peek->people($entry->amount ?? '')])
                        : Message::of('reading.strength', ['strength' => $entry->strength]),
                );
            }
        }
        foreach ($this->draft->volumes as $volume) {
            if ($volume !== $base) {
                $spans[] = $this->span(
                    $volume->token,
                    'volume',
                    Message::of('reading.volume', ['amount' => $this->peek->people($volume->amount)]),
                );
            }
        }
        foreach ($this->draft->uses as $use => $token) {
            $spans[] = $this->span($token, 'use', Message::of("reading.use.$use"));
        }
        foreach ($this->draft->plants as $plant => $token) {
            $spans[] = $this->span($token, 'plant', Message::of('reading.plant', ['name' => $this->plants->named($plant)->name]));
        }
        foreach ($this->draft->targets as $target => $token) {
            $spans[] = $this->span($token, 'target', Message::of('reading.target', ['name' => $this->targets->named($target)->name]));
        }
        if ($this->draft->repeat !== null) {
            $spans[] = $this->span(
                $this->draft->repeat,
                'repeat',
                self::often((float) $this->draft->repeat->value),
            );
        }
        if ($this->draft->times !== null) {
            $spans[] = $this->span(
                $this->draft->times,
                'times',
                $this->draft->rounds === null
                    ? Message::of('reading.times', ['times' => (int) $this->draft->times->value])
                    : Message::of('reading.times-by-length', ['times' => $this->draft->rounds]),
            );
        }
        foreach ($this->draft->counts as $token) {
            $spans[] = $this->span($token, 'count', Message::of('reading.count'));
        }
        foreach ($this->draft->durations as $token) {
            $spans[] = $this->span($token, 'time', Message::of('reading.time'));
        }
        foreach ($this->draft->stocks as $token) {
            $spans[] = $this->span($token, 'stock', Message::of('reading.stock'));
        }
        foreach ($this->draft->thinned as $token) {
            $spans[] = $this->span($token, 'thinned', Message::of('reading.thinned'));
        }
        foreach ($this->draft->leftOut as $token) {
            $spans[] = $this->span($token, 'left-out', Message::of('reading.left-out'));
        }
        foreach ($tokens as $token) {
            if ($token->is(TokenKind::Water)) {
                $spans[] = $this->span($token, 'water', Message::of('reading.water'));
            }
        }
        usort($spans, static fn (Span $a, Span $b): int => [$a->start, -$a->end] <=> [$b->start, -$b->end]);

        return $spans;
    }

    /** As a neighbour would say it. */
    private static function often(float $days): Message
    {
        return match (true) {
            $days === 3.5 => Message::of('reading.twice-a-week'),
            $days > 2.0 && $days < 2.5 => Message::of('reading.thrice-a-week'),
            $days === 15.0 => Message::of('reading.twice-a-month'),
            default => Message::of('reading.repeat', ['days' => $days]),
        };
    }

    private function span(Token $token, string $kind, Message $what): Span
    {
        return Span::of($this->text, $token->start, $token->end(), $kind, $what);
    }
}

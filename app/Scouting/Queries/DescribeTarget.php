<?php

declare(strict_types=1);

namespace App\Scouting\Queries;

use App\Scouting\Resources\TargetResource;
use Nebbia\Core\Data\Sentence\Catalogue;
use Nebbia\Core\Data\Sentence\Message;
use Nebbia\Core\Measure\Kitchen\KitchenFraction;
use Nebbia\Core\Target\Target;

/** A target in the words of a page: what it does, how it lives, when it is few enough. */
final readonly class DescribeTarget
{
    /** °C at which the length of a life cycle is told. */
    private const AT_C = 20.0;

    public function __construct(private Catalogue $catalogue) {}

    public function __invoke(Target $target): TargetResource
    {
        $say = fn (string $what): ?string => $this->catalogue->has("target.$target->id.$what")
            ? $this->catalogue->say(Message::of("target.$target->id.$what"))
            : null;

        return new TargetResource(
            $target->id,
            $target->name,
            $target->kind->value,
            $say('does') ?? '',
            $say('look') ?? '',
            $say('favours') ?? '',
            $say('reached'),
            $say('spared'),
            array_map(fn (string $enemy): string => $this->catalogue->say(Message::of("enemy.$enemy")), $target->enemies),
            $this->cycle($target),
            $target->watchUntil === null
                ? null
                : KitchenFraction::figures($target->watchUntil->level->likely).
                    ' ('.
                    KitchenFraction::figures($target->watchUntil->level->low).
                    ' to '.
                    KitchenFraction::figures($target->watchUntil->level->high).
                    ') '.
                    $this->catalogue->say(Message::of('measure.'.$target->watchUntil->measure->value)),
            $target->watchUntil->basis ?? null,
            $target->watchUntil->sure ?? null,
            $target->everyDays === null ? null : (int) $target->everyDays->likely,
            $target->times === null ? null : (int) $target->times->likely,
        );
    }

    private function cycle(Target $target): ?string
    {
        $round = static fn (float $days): string => (string) (int) round($days);
        $days = $target->cycle?->totalDays(self::AT_C);
        if ($days !== null && $target->cycle !== null) {
            $stages = array_map(fn ($stage): string => $this->catalogue->say(Message::of("stage.$stage->stage")), $target->cycle->stages);

            return $this->catalogue->say(
                Message::of('cycle.days', [
                    'from' => implode(', ', $stages),
                    'likely' => $round($days->likely),
                    'low' => $round($days->low),
                    'high' => $round($days->high),
                ]),
            );
        }
        $latent = $target->latency?->days(self::AT_C);

        return $latent === null
            ? null
            : $this->catalogue->say(Message::of('cycle.latent', ['low' => $round($latent->low), 'high' => $round($latent->high)]));
    }
}

<?php

declare(strict_types=1);

namespace App\Scouting\Queries;

use App\Core\Say;
use App\Models\Application;
use App\Models\Garden;
use App\Models\Glance;
use App\Models\Photo;
use App\Models\TacticUse;
use App\Models\Trouble;
use App\Rounds\Queries\GlanceWords;
use App\Scouting\Resources\DoneResource;
use Carbon\CarbonImmutable;
use Nebbia\Core\Data\Sentence\Catalogue;
use Nebbia\Core\Data\Sentence\Message;
use Nebbia\Core\Target\Target;

/** What was done about a trouble, in the order in which it was: sprays, tactics, looks in a word. */
final readonly class TroubleStory
{
    /** Sprays against one trouble that are listed, the last first. */
    private const MOST_DONE = 60;

    /** Days before it was noticed, from which what was sprayed is of its story. A rough practice figure. */
    private const BEFORE_DAYS = 30;

    public function __construct(private Catalogue $catalogue) {}

    /**
     * Whatever was put on the planting from a month before it was noticed, in whichever way it was logged; tactics, and looks in a word.
     *
     * @return list<DoneResource> the oldest first
     */
    public function __invoke(Garden $garden, Trouble $trouble, ?Target $target): array
    {
        $noticed = CarbonImmutable::parse($trouble->noticed_on->toDateString(), $garden->time_zone);
        $applications = $garden
            ->applications()
            ->whereJsonContains('planting_ids', $trouble->planting_id)
            ->where('applied_at', '>=', $noticed->subDays(self::BEFORE_DAYS)->utc())
            ->when(
                $trouble->closed_on !== null,
                static fn ($query) => $query->where(
                    'applied_at',
                    '<=',
                    CarbonImmutable::parse((string) $trouble->closed_on?->toDateString(), $garden->time_zone)->endOfDay()->utc(),
                ),
            )
            ->limit(self::MOST_DONE)
            ->get();
        $photos = $garden
            ->photos()
            ->whereIn('of_id', [...$applications->modelKeys(), ...$trouble->glances->modelKeys(), ...$trouble->counts->modelKeys()])
            ->get()
            ->groupBy('of_id')
            ->map(static fn ($some): array => array_values($some->map(static fn (Photo $one): string => $one->id)->all()));
        $of = static fn (string $id): array => $photos->get($id) ?? [];
        $sprays = $applications->map(fn (Application $entry): DoneResource => new DoneResource(
            'spray',
            $entry->id,
            $entry->applied_at->toIso8601ZuluString(),
            is_string($entry->snapshot['recipe_name'] ?? null) ? $entry->snapshot['recipe_name'] : Say::it('bench.spray'),
            $entry->note,
            $this->beside($entry, $noticed, $target),
            $of($entry->id),
        ));
        $tactics = $trouble->tacticUses->map(
            fn (TacticUse $use): DoneResource => new DoneResource(
                'tactic',
                $use->id,
                $use->done_at->toIso8601ZuluString(),
                $this->catalogue->sentence(Message::of("tactic.$use->tactic.name")),
                $use->note,
            ),
        );
        $kind = $target->kind->value ?? 'unknown';
        $glances = $trouble->glances->map(static fn (Glance $one): DoneResource => new DoneResource(
            'glance',
            $one->id,
            $one->seen_at->toIso8601ZuluString(),
            GlanceWords::say($one->word, $kind),
            $one->note,
            null,
            $of($one->id),
        ));

        return array_values($sprays->toBase()->concat($tactics)->concat($glances)->sortBy('at')->values()->all());
    }

    /** It was done before anything was noticed, or against something else. */
    private function beside(Application $entry, CarbonImmutable $noticed, ?Target $target): ?string
    {
        if ($entry->applied_at < $noticed) {
            return Say::it('trouble.before-noticed');
        }
        $against = $entry->snapshot['target'] ?? null;

        return is_string($against) && $target !== null && $against !== $target->id && is_string($entry->snapshot['target_name'] ?? null)
            ? Say::it('trouble.against-other', ['target' => $entry->snapshot['target_name']])
            : null;
    }
}

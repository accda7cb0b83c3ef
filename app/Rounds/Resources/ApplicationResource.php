<?php

declare(strict_types=1);

namespace App\Rounds\Resources;

use App\Bench\Resources\FindingResource;
use App\Bench\Resources\LineResource;
use App\Bench\Resources\StrengthResource;
use App\Core\Say;
use App\Models\Application;
use App\Weather\WeatherThen;
use Nebbia\Core\Measure\PreciseWords;
use Nebbia\Core\Measure\UnitSystem;
use Nebbia\Core\Weather\WeatherUnits;
use OpenApi\Attributes as OA;

/** An entry of the notebook: everything as it was when it was logged. */
#[OA\Schema(schema: 'Application')]
final readonly class ApplicationResource
{
    /**
     * @param  list<string>  $plantings
     * @param  list<array<string, mixed>>  $lines
     * @param  list<array<string, mixed>>  $strengths
     * @param  list<array<string, mixed>>  $findings
     * @param  list<string>  $planting_ids
     * @param  list<string>  $taken  what came out of which bottle of the pantry
     */
    public function __construct(
        #[OA\Property] public string $id,
        #[OA\Property] public int $version,
        #[OA\Property(format: 'date-time')] public string $applied_at,
        #[OA\Property] public string $recipe,
        #[OA\Property] public ?string $target,
        #[OA\Property] public ?string $sprayer,
        #[OA\Property(items: new OA\Items(type: 'string'))] public array $plantings,
        #[OA\Property] public ?int $round_number,
        #[OA\Property] public ?int $rounds,
        #[OA\Property] public float $volume_ml,
        #[OA\Property] public string $volume,
        #[OA\Property] public ?string $by,
        #[OA\Property] public ?string $note,
        #[OA\Property(enum: ['fine', 'notice', 'caution', 'stop'])] public string $severity,
        #[OA\Property(items: new OA\Items(ref: LineResource::class))] public array $lines,
        #[OA\Property(items: new OA\Items(ref: StrengthResource::class))] public array $strengths,
        #[OA\Property(items: new OA\Items(ref: FindingResource::class))] public array $findings,
        #[OA\Property(items: new OA\Items(type: 'string'))] public array $taken,
        #[OA\Property] public ?string $cost,
        #[OA\Property(items: new OA\Items(type: 'string'))] public array $planting_ids,
        #[OA\Property(description: 'In that hour, as far as it was known.')] public ?string $weather,
        #[OA\Property(description: 'The plants, after a while.')] public ?bool $rinsed,
        #[OA\Property(description: 'What it came out of, where more than one round did or something was left.')] public ?string $batch,
    ) {}

    public static function of(Application $application, UnitSystem $units): self
    {
        $snapshot = $application->snapshot;
        $text = static fn (string $key): ?string => is_string($snapshot[$key] ?? null) ? $snapshot[$key] : null;
        $number = static fn (string $key): ?int => is_int($snapshot[$key] ?? null) ? $snapshot[$key] : null;
        $mix = is_array($snapshot['mix'] ?? null) ? $snapshot['mix'] : [];
        /** @var list<array<string, mixed>> $lines */
        $lines = $mix['lines'] ?? [];
        /** @var list<array<string, mixed>> $strengths */
        $strengths = $mix['strengths'] ?? [];
        /** @var list<array<string, mixed>> $findings */
        $findings = $mix['findings'] ?? [];
        /** @var list<string> $plantings */
        $plantings = $snapshot['planting_names'] ?? [];

        return new self(
            $application->id,
            $application->version,
            $application->applied_at->toIso8601ZuluString(),
            $text('recipe_name') ?? '',
            $text('target_name'),
            $text('sprayer_name'),
            $plantings,
            $number('round_number'),
            $number('rounds'),
            $application->volume_ml,
            PreciseWords::volume($application->volume_ml, $units),
            $application->by,
            $application->note,
            is_string($mix['severity'] ?? null) ? $mix['severity'] : 'fine',
            $lines,
            $strengths,
            $findings,
            self::taken($snapshot, $units),
            self::cost($snapshot),
            $application->planting_ids,
            WeatherThen::said(is_array($snapshot['weather'] ?? null) ? $snapshot['weather'] : null, WeatherUnits::of($units)),
            $application->rinsed,
            self::batch($application, $units),
        );
    }

    /** The application's batch must be loaded. */
    private static function batch(Application $application, UnitSystem $units): ?string
    {
        $batch = $application->batch;
        if ($batch === null || abs($batch->volume_ml - $application->volume_ml) < 0.5) {
            return null;
        }

        return Say::it('notebook.made', [
            'volume' => PreciseWords::volume($batch->volume_ml, $units),
            'many' => $batch->fills > 1 ? 'yes' : 'no',
            'fills' => (string) $batch->fills,
            'over' => $batch->left_ml > 0.0 ? 'yes' : 'no',
            'left' => PreciseWords::volume((float) $batch->left_ml, $units),
        ]);
    }

    /**
     * @param  array<string, mixed>  $snapshot
     * @return list<string>
     */
    private static function taken(array $snapshot, UnitSystem $units): array
    {
        $said = [];
        /** @var list<array{name: string, amount: float|int, is_poured?: bool}> $taken */
        $taken = $snapshot['taken'] ?? [];
        foreach ($taken as $one) {
            $amount = (float) $one['amount'];
            $said[] = Say::it('notebook.out-of', [
                'amount' => $one['is_poured'] ?? true ? PreciseWords::volume($amount, $units) : PreciseWords::mass($amount, $units),
                'bottle' => $one['name'],
            ]);
        }

        return $said;
    }

    /**
     * Null where no price was known.
     *
     * @param  array<string, mixed>  $snapshot
     */
    private static function cost(array $snapshot): ?string
    {
        /** @var array{amount?: float|int, said?: string, is_whole?: bool} $cost */
        $cost = $snapshot['cost'] ?? [];
        if (($cost['amount'] ?? 0) <= 0 || ! isset($cost['said'])) {
            return null;
        }

        return $cost['is_whole'] ?? false ? $cost['said'] : Say::it('notebook.at-least', ['cost' => $cost['said']]);
    }
}

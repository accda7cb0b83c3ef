<?php

declare(strict_types=1);

namespace App\Rounds\Queries;

use App\Core\Say;
use App\Models\Garden;
use App\Rounds\Resources\OftenResource;
use Carbon\CarbonImmutable;
use Nebbia\Core\Data\BadInput;
use Nebbia\Core\Mixing\Recipe\Repeat;
use Nebbia\Core\Reading\Often\Often;
use Nebbia\Core\Reading\Often\OftenReader;
use Nebbia\Core\Weather\Climate;

/** "Twice a week until the first frost": the days on which that falls here. */
final readonly class ReadOften
{
    /** °C at night, usually: then frost is near. A rough practice figure. */
    private const NEAR_FROST = 2.0;

    private const USUAL = 3;

    private const DAY = 86_400;

    public function __construct(private OftenReader $reader) {}

    /** @throws BadInput naming often or until */
    public function __invoke(Garden $garden, string $often, string $until, string $starts, ?int $usual): OftenResource
    {
        $read = $this->reader->read($often, $until, $starts, $garden->isSouth());
        $frost = $read->until === Often::FROST ? $this->usualFrost($garden, $starts) : null;
        if ($frost !== null) {
            $read = new Often($read->everyDays, $read->weekdays, $read->months, null, $frost, $read->until, $read->monthDays);
        }
        $days = $read->days($starts, $usual ?? self::USUAL);
        $on = static fn (string $day): string => CarbonImmutable::parse($day)->format('j F');

        return new OftenResource(
            max(1.0, min((float) Repeat::MAX_DAYS, $read->everyDays)),
            count($days),
            $days,
            $read->until,
            $days === []
                ? Say::it('often.none')
                : Say::it('often.means', [
                    'number' => count($days),
                    'first' => $on($days[0]),
                    'last' => $on($days[count($days) - 1]),
                    'until' => match (true) {
                        $read->until === Often::GONE => 'gone',
                        $frost !== null => 'usual',
                        $read->until === Often::FROST => 'frost',
                        default => 'none',
                    },
                    'open' => $read->isOpen() ? 'yes' : 'no',
                ]),
            $read->isByCalendar(),
        );
    }

    /** The first day from which nights there usually come near frost; null where they never do, or its place is not known. */
    private function usualFrost(Garden $garden, string $starts): ?string
    {
        $place = $garden->place();
        if ($place === null) {
            return null;
        }
        $climate = new Climate($place);
        $noon = CarbonImmutable::parse($starts, $garden->time_zone)->setTime(12, 0);
        for ($n = 1; $n < 366; $n++) {
            $at = $noon->getTimestamp() + $n * self::DAY;
            if ($climate->mean($at) - $climate->swing($at) <= self::NEAR_FROST) {
                return CarbonImmutable::createFromTimestamp($at, $garden->time_zone)->toDateString();
            }
        }

        return null;
    }
}

<?php

declare(strict_types=1);

namespace Nebbia\Core\Reading\Errand;

use DateTimeImmutable;
use DateTimeZone;
use Nebbia\Core\Data\BadInput;
use Nebbia\Core\Data\Table;
use Nebbia\Core\Measure\Digits;
use Nebbia\Core\Measure\Home\TypedSize;
use Nebbia\Core\Measure\UnitSystem;
use Nebbia\Core\Reading\Often\OftenReader;
use Nebbia\Core\Reading\Often\UntilReader;

/**
 * Reads a line that says what was done: "it rained 12 mm", "sprayed soap on the roses", "how are the beans", "feed the tomatoes weekly". A
 * line that says none of it, like a name that is looked for, is no errand.
 */
final readonly class ErrandReader
{
    private const LONGEST = 200;

    private const THE = '(?:the |my |our |all |some |il |lo |la |i |gli |le |o |a |os |as )?';

    private const YESTERDAY = '/\b(?:yesterday|ieri|ontem)\b/u';

    /** The night that has just gone by is of today; what follows a time is no part of a name. */
    private const WHEN = '/\s*\b(?:yesterday|today|this (?:morning|evening|afternoon)|last night|overnight|tonight|just now|now|'.
        'ieri|oggi|ontem|hoje)\b\s*$/u';

    private const RAINED = '(?:it(?: has)? rained|we had|had|rained|rain|raining|it rains|ha piovuto|è piovuto|piovuto|choveu)';

    private const SPRAYED = '(?:i |we |have |i\'ve |just |ho |abbiamo |eu )*(?:sprayed|spritzed|misted|drenched|poured|brushed|dabbed|'.
        'wiped|painted|watered in|put|used|did(?! (?:it|you|we|they) )|treated|hit|dosed|dusted|'.
        'spruzzato|irrorato|dato|pulverizei|borrifei|apliquei)';

    /** What is done with much else, too: it is a spray only where it is said on what. */
    private const LOOSE = '/^(?:i |we |have |i\'ve |just )*(?:put|used|did|treated|hit|dosed|dusted) /u';

    private const ON = '(?:on to|onto|on|over|around|under|in|at|sulle|sulla|sul|sui|sugli|su|nas|nos|na|no|em)';

    private const TIMES = '/^\d\S*?\s*(?:(?:-|to|or|o|ou)\s*\d+\s*)?(?:x|×|times?|volt[ae]|vez(?:es)?'.
        '|rounds?|goes?|sprays?|doses?|applications?)(?!\p{L})/u';

    private const ASKED = '/^(?:please |pls )?(?:remind me|remember|don[\'’]t forget|do not forget|ricordami|lembre-me|lembra-me)\b/u';

    private const TO = '/^(?:to|that|about|di|de|per) /u';

    private const WITH = '(?:with|con|com)';

    public function __construct(private OftenReader $often, private Table $reading) {}

    /** @param  string  $today  as 2026-05-14, for how often */
    public function read(string $text, UnitSystem $units, string $today): ?Errand
    {
        $text = trim((string) preg_replace('/\s+/u', ' ', mb_strtolower(Digits::western(mb_scrub($text)))), ' .!?');
        if ($text === '' || mb_strlen($text) > self::LONGEST) {
            return null;
        }
        $days = preg_match(self::YESTERDAY, $text) === 1 ? 1 : 0;
        $plain = trim((string) preg_replace(self::WHEN, '', $text), ' ,');

        if (preg_match(self::ASKED, $text, $m) === 1) {
            return $this->asked(trim(substr($text, strlen($m[0])), ' ,:'), $today);
        }

        return $this->rain($plain, $units, $days) ?? $this->look($plain) ?? $this->sprayed($plain, $days) ?? $this->chore($plain, $today);
    }

    private function rain(string $text, UnitSystem $units, int $days): ?Errand
    {
        $bare = '(?:it(?: has)? rained|rained|ha piovuto|è piovuto|choveu)';
        if (preg_match('/^'.$bare.'(?: all (?:night|day)| a lot| hard)?$/u', $text) === 1) {
            return new Errand('rain', null, $days);
        }
        if (preg_match('/^'.self::RAINED.'\s+(.+?)(?: of)?(?: rain)?$/u', $text, $m) === 1) {
            // "Rain water" and "had tea" are no depths.
            $mm = $this->depth($m[1], $units, ! str_ends_with($text, 'rain') && preg_match('/^(?:we had|had)/', $text) === 1);

            return $mm === null ? null : new Errand('rain', $mm, $days);
        }
        if (preg_match('/^(.+?)(?: of)? (?:rain|pioggia|chuva)$/u', $text, $m) === 1 && preg_match('/\d|half|an? /', $m[1]) === 1) {
            $mm = $this->depth($m[1], $units, true);

            return $mm === null ? null : new Errand('rain', $mm, $days);
        }

        return null;
    }

    /** @return float|null mm; a bare number is in the garden's own unit */
    private function depth(string $text, UnitSystem $units, bool $wantsUnit): ?float
    {
        $text = (string) preg_replace('/^(?:about |some |around )/', '', $text);
        $parts = ['/^half an? (?=\pL)/u' => '1/2 ', '/^a quarter (?:of an )?(?=\pL)/u' => '1/4 ', '/^an? (?=\pL)/u' => '1 '];
        $text = (string) preg_replace(array_keys($parts), array_values($parts), $text);
        if ($wantsUnit && preg_match('/\d\s*$/', $text) === 1) {
            return null;
        }
        $cm = TypedSize::length($text, $units === UnitSystem::Us ? 2.54 : 0.1);

        return $cm === null || $cm <= 0.0 || $cm > 100.0 ? null : round($cm * 10.0, 3);
    }

    private function sprayed(string $text, int $days): ?Errand
    {
        if (preg_match('/^'.self::SPRAYED.' (.+)$/u', $text, $m) !== 1) {
            return null;
        }
        $rest = $m[1];
        if (preg_match('/^'.self::THE.'(.+?) '.self::WITH.' '.self::THE.'(.+)$/u', $rest, $m) === 1) {
            return new Errand('sprayed', null, $days, self::bare($m[2]), self::bare($m[1]));
        }
        if (preg_match('/^'.self::THE.'(.+?) '.self::ON.' '.self::THE.'(.+)$/u', $rest, $m) === 1) {
            return new Errand('sprayed', null, $days, self::bare($m[1]), self::bare($m[2]));
        }

        if (preg_match(self::LOOSE, $text) === 1) {
            return null;
        }

        return new Errand('sprayed', null, $days, self::bare((string) preg_replace('/^(?:'.self::WITH.' )?'.self::THE.'/u', '', $rest)));
    }

    private function look(string $text): ?Errand
    {
        $asks = '(?:how (?:are|is)|how\'s|look(?:ed)? at|looking at|come sta|come stanno|como est(?:á|ão))';
        if (preg_match('/^'.$asks.' '.self::THE.'(.+?)(?: doing)?$/u', $text, $m) === 1) {
            return new Errand('look', on: self::bare($m[1]));
        }

        return null;
    }

    /** "Remind me to turn the compost every week", "… to look at the beans in 3 days": whatever it is. */
    private function asked(string $text, string $today): ?Errand
    {
        $bare = self::bare((string) preg_replace(self::TO, '', $text));
        if ($bare === '') {
            return null;
        }
        // "In 3 days" has days in it, and "on Saturday" a weekday: a day that is said is no rhythm.
        [$rest, $inDays] = $this->later($bare, $today);
        // How often may be said first.
        [$rest, $often] = $inDays === null ? $this->rhythm("to $rest", $today) : [$rest, null];
        $what = self::bare((string) preg_replace(['/^to /u', self::TO], '', trim($rest)));
        $known = $often === null ? null : $this->chore("$what $often", $today);
        if ($known !== null || $what === '') {
            return $known;
        }

        return new Errand('chore', what: $what, job: 'other', often: $often ?? 'once', inDays: $often === null ? $inDays ?? 0 : null);
    }

    /**
     * A day that is said, and how far off it is.
     *
     * @return array{string, int|null} the rest, and days from today
     */
    private function later(string $text, string $today): array
    {
        $lengths = ['day' => 1, 'week' => 7, 'fortnight' => 14, 'month' => 30, 'giorn' => 1, 'settiman' => 7, 'dia' => 1, 'semana' => 7];
        $in = '/^(.*?)(?<!once )\b(?:in|tra|fra|em|daqui a) (\S+) ('.implode('|', array_keys($lengths)).')\p{L}*$/u';
        if (preg_match($in, $text, $m) === 1) {
            $number = UntilReader::number($m[2]);

            return $number === null || $number < 1.0 || $number > 366.0 ? [$text, null] : [$m[1], (int) round($number * $lengths[$m[3]])];
        }
        foreach ($this->reading->whole()->wordsByMeaning('soon') as $days => $words) {
            $said = '/(?:^|\s)'.UntilReader::either($words).'(?:\s|$)/u';
            if (preg_match($said, $text) === 1) {
                return [trim((string) preg_replace($said, ' ', $text)), (int) $days];
            }
        }
        // "On Saturdays" is a rhythm.
        if (preg_match('/^(.*)\b(?:on|next|this) (\p{L}+)(?<!(?<!tue)(?<!thur)s)$/u', $text, $m) === 1) {
            try {
                $read = $this->often->read("every $m[2]", '', $today);
            } catch (BadInput) {
                return [$text, null];
            }
            $day = $read->weekdays === [] ? null : $read->days($today, 1)[0] ?? null;

            $from = DateTimeImmutable::createFromFormat('!Y-m-d', $today, new DateTimeZone('UTC'));
            $to = $day === null ? false : DateTimeImmutable::createFromFormat('!Y-m-d', $day, new DateTimeZone('UTC'));

            return $from === false || $to === false ? [$text, null] : [$m[1], (int) $from->diff($to)->days];
        }

        return [$text, null];
    }

    private function chore(string $text, string $today): ?Errand
    {
        [$rest, $often] = $this->rhythm($text, $today);
        if ($often === null) {
            return null;
        }
        if (preg_match('/^(feed|fertili[sz]e|water|annaffia|concima|rega|aduba) '.self::THE.'(.+)$/u', $rest, $m) === 1) {
            $job = in_array($m[1], ['water', 'annaffia', 'rega'], true) ? 'water' : 'feed';
            $parts = preg_split('/ '.self::WITH.' /u', $m[2], 2) ?: [$m[2]];

            return new Errand(
                'chore',
                what: isset($parts[1]) ? self::bare($parts[1]) : null,
                on: self::bare($parts[0]),
                job: $job,
                often: $often,
            );
        }
        if (preg_match('/^(.*\b(?:feed|tea|food|fertili[sz]er)\b.*?) '.self::ON.' '.self::THE.'(.+)$/u', $rest, $m) === 1) {
            return new Errand('chore', what: self::bare($m[1]), on: self::bare($m[2]), job: 'feed', often: $often);
        }

        return null;
    }

    /**
     * "… every 2 weeks", "… weekly with nettle feed": how often may stand anywhere behind the first word.
     *
     * @return array{string, string|null} the rest, and how often
     */
    private function rhythm(string $text, string $today): array
    {
        $words = explode(' ', $text);
        for ($from = 1; $from < count($words); $from++) {
            for ($to = count($words); $to > $from; $to--) {
                $some = implode(' ', array_slice($words, $from, $to - $from));
                // A bare number is how many, not how often; so many times a week is.
                if (preg_match('/^\d/', $some) === 1 && preg_match(self::TIMES, $some) !== 1) {
                    continue;
                }
                try {
                    $this->often->read($some, '', $today);
                } catch (BadInput) {
                    continue;
                }

                return [implode(' ', [...array_slice($words, 0, $from), ...array_slice($words, $to)]), $some];
            }
        }

        return [$text, null];
    }

    private static function bare(string $text): string
    {
        return trim($text, ' ,.;:');
    }
}

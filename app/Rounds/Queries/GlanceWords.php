<?php

declare(strict_types=1);

namespace App\Rounds\Queries;

use App\Core\Say;
use App\Models\GlanceWord;
use App\Rounds\Resources\GlanceChoiceResource;

/** The words for how it is now, as they are said of a pest, a disease, weeds, or a thing. */
final class GlanceWords
{
    /** Things that were disinfected: nothing on them is gone or more. */
    private const OF_THINGS = [GlanceWord::Same, GlanceWord::Burnt];

    /**
     * @param  string  $of  pest, disease, weed, look-alike, unknown or thing
     * @return list<GlanceChoiceResource>
     */
    public static function of(string $of): array
    {
        return array_map(
            static fn (GlanceWord $word): GlanceChoiceResource => new GlanceChoiceResource($word->value, self::say($word, $of)),
            $of === 'thing' ? self::OF_THINGS : GlanceWord::cases(),
        );
    }

    public static function say(GlanceWord $word, string $of): string
    {
        return Say::it("glance.$word->value", ['of' => str_replace('-', '', $of)]);
    }
}

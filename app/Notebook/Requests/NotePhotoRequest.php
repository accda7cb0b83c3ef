<?php

declare(strict_types=1);

namespace App\Notebook\Requests;

use App\Models\Garden;
use App\Scouting\Requests\PhotoRequest;
use Illuminate\Validation\Rule;

/** A photo, and of which note it is. */
final class NotePhotoRequest extends PhotoRequest
{
    /** Kinds of note => the garden's own rows of it. */
    public const OF = ['application' => 'applications', 'glance' => 'glances', 'count' => 'counts', 'look' => 'looks'];

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['of' => ['required', Rule::in(array_keys(self::OF))], 'of_id' => ['required', 'string']] + parent::rules();
    }

    /** @return array{of: string, of_id: string} a note of this garden */
    public function note(Garden $garden): array
    {
        $of = $this->string('of')->toString();
        $notes = match ($of) {
            'application' => $garden->applications(),
            'glance' => $garden->glances(),
            'count' => $garden->counts(),
            default => $garden->looks(),
        };

        return ['of' => $of, 'of_id' => $notes->findOrFail($this->string('of_id')->toString())->id];
    }
}

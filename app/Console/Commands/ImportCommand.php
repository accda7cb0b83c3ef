<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Console\PlainCommand;
use App\Core\Say;
use App\Exceptions\BadFile;
use App\Keep\KeepWords;
use App\Keep\Takeout\BadGarden;
use App\Keep\Takeout\ImportGarden;
use App\Models\Garden;

/** Brings a garden in that was exported: as a new one, or into one that is there. */
final class ImportCommand extends PlainCommand
{
    protected $signature = 'nebbia:import
        {file : a nebbia.garden/1, zip or JSON}
        {--into= : the name or id of a garden that is there: by id, the newer of two counts}
        {--look : only say what would be done}';

    protected $description = 'Bring in a garden that was exported';

    public function handle(ImportGarden $import, KeepWords $words): int
    {
        $asked = $this->option('into');
        $into = null;
        if (is_string($asked) && $asked !== '') {
            $into = Garden::query()->where('id', $asked)->orWhereRaw('lower(name) = ?', [mb_strtolower($asked)])->first()
                ?? throw BadFile::option('into', Say::it('keep.which-garden', ['list' => Garden::query()->pluck('name')->implode(', ')]));
        }
        $isTrial = (bool) $this->option('look');
        try {
            $done = $import((string) $this->argument('file'), $into, $isTrial);
        } catch (BadGarden $e) {
            throw new BadFile('FILE: '.$e->getMessage(), previous: $e);
        }
        $this->say(implode("\n", $words->imported($done, $into !== null, $isTrial))."\n");

        return self::SUCCESS;
    }
}

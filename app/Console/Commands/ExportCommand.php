<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Console\PlainCommand;
use App\Core\Say;
use App\Exceptions\BadFile;
use App\Keep\Takeout\WriteGarden;
use App\Models\Garden;

/** One garden with all it has, as a file that can be taken anywhere. */
final class ExportCommand extends PlainCommand
{
    protected $signature = 'nebbia:export
        {file? : where to: a .zip with its photos beside it, or bare .json with them inside; printed as JSON if left out}
        {--garden= : its name or id, where there are several}';

    protected $description = 'Write one garden with its history and photos as nebbia.garden/1';

    public function handle(WriteGarden $write): int
    {
        $garden = $this->garden();
        $file = $this->argument('file');
        if (! is_string($file) || $file === '' || $file === '-') {
            $write->json($garden, 'php://output');

            return self::SUCCESS;
        }
        if (! is_dir(dirname($file)) || ! is_writable(dirname($file))) {
            throw new BadFile('FILE: '.Say::it('keep.cannot-write', ['path' => $file]));
        }
        str_ends_with(strtolower($file), '.zip') ? $write->zip($garden, "$file.part") : $write->json($garden, "$file.part");
        rename("$file.part", $file);
        $this->say(Say::it('keep.exported', ['name' => $garden->name, 'path' => $file])."\n");

        return self::SUCCESS;
    }

    private function garden(): Garden
    {
        $all = Garden::query()->orderBy('created_at')->get();
        $asked = $this->option('garden');
        $meant = is_string($asked) && $asked !== ''
            ? $all->filter(static fn (Garden $one): bool => $one->id === $asked || mb_strtolower($one->name) === mb_strtolower($asked))
            : $all;

        return $meant->count() === 1
            ? $meant->firstOrFail()
            : throw BadFile::option('garden', Say::it('keep.which-garden', ['list' => $all->pluck('name')->implode(', ')]));
    }
}

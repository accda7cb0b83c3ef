<?php

declare(strict_types=1);

namespace App\Keep\Takeout;

use App\Keep\Backup\Photos;
use App\Models\Garden;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Storage;

/** Deletes a garden for good, with all its rows and photos. Only backups still hold it, until they go. */
final readonly class ForgetGarden
{
    public function __invoke(Garden $garden): void
    {
        $photos = [];
        DB::transaction(static function () use ($garden, &$photos): void {
            DB::statement('PRAGMA defer_foreign_keys = ON');
            foreach (GardenShape::PHOTOS as $table => $column) {
                $photos = [...$photos, ...DB::table($table)->where('garden_id', $garden->id)->whereNotNull($column)->pluck($column)->all()];
            }
            foreach (array_reverse(array_keys(GardenShape::TABLES)) as $table) {
                $way = GardenShape::BY_WAY_OF[$table] ?? null;
                $way === null
                    ? DB::table($table)->where('garden_id', $garden->id)->delete()
                    : DB::table($table)->whereIn($way[0], DB::table($way[1])->where('garden_id', $garden->id)->select('id'))->delete();
            }
            DB::table('gardens')->where('id', $garden->id)->delete();
        });
        // Only once it is certain that the rows have gone.
        DB::afterCommit(static function () use ($photos, $garden): void {
            $disk = Storage::disk('photos');
            $disk->delete(array_values(array_filter($photos, static fn (mixed $path): bool => is_string($path) && Photos::isPath($path))));
            if ($disk->exists($garden->id) && $disk->allFiles($garden->id) === []) {
                $disk->deleteDirectory($garden->id);
            }
        });
    }
}

<?php

declare(strict_types=1);

namespace App\Keep\Queries;

use App\Core\Say;
use App\Database\WriteGate;
use App\Keep\Backup\BackupFolder;
use App\Keep\Backup\BackupName;
use App\Keep\Backup\Photos;
use App\Keep\Backup\Progress;
use App\Keep\KeepWords;
use App\Keep\Resources\BackupResource;
use App\Keep\Resources\GoingOnResource;
use App\Keep\Resources\KeepResource;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\Storage;

/** Where all is kept, and how it is with the backups. */
final readonly class ShowKeep
{
    /** A newest backup that is older is said on Today. */
    private const LATE_DAYS = 7;

    public function __construct(private BackupFolder $folder, private KeepWords $words) {}

    public function __invoke(): KeepResource
    {
        $path = WriteGate::path();
        $all = $this->folder->all();
        $age = $this->days($all);
        $going = Progress::of($this->folder->path());

        return new KeepResource(
            $path,
            $path === null ? Say::it('keep.in-memory') : $this->size($path),
            $this->folder->path(),
            $age === null ? Say::it('keep.none-yet') : Say::it('keep.age', ['days' => $age]),
            $age === null || $age > self::LATE_DAYS,
            array_map($this->backup(...), $all),
            $going === null ? null : new GoingOnResource($going['what'], $going['share']),
        );
    }

    /** What Today says of it; null where all is well. A file of the first week is not told of having none. */
    public function late(): ?string
    {
        $path = WriteGate::path();
        $age = $this->days($this->folder->all());
        if ($age === null) {
            $isYoung = $path === null || time() - (int) @filectime(dirname($path)) < self::LATE_DAYS * 86400;

            return $isYoung ? null : Say::it('keep.late-none');
        }

        return $age > self::LATE_DAYS ? Say::it('keep.late', ['days' => $age]) : null;
    }

    private function backup(BackupName $one): BackupResource
    {
        return new BackupResource(
            $one->name,
            Say::it("keep.why.{$one->kind->value}"),
            $one->takenAt->toIso8601ZuluString(),
            $this->words->size((int) @filesize($this->folder->path()."/$one->name")),
        );
    }

    /** @param  list<BackupName>  $all */
    private function days(array $all): ?int
    {
        return $all === [] ? null : max(0, (int) floor($all[0]->takenAt->diffInDays(CarbonImmutable::now('UTC'))));
    }

    private function size(string $path): string
    {
        $bytes = array_sum(array_map(static fn (string $part): int => (int) @filesize($path.$part), ['', '-wal']));
        $photos = is_file($path) ? Photos::of($path) : [];
        $disk = Storage::disk('photos');
        $sizes = array_map(static fn (string $one): int => $disk->exists($one) ? $disk->size($one) : 0, $photos);

        return Say::it('keep.large', [
            'size' => $this->words->size($bytes), 'photos' => count($photos), 'photosSize' => $this->words->size(array_sum($sizes)),
        ]);
    }
}

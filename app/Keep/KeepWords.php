<?php

declare(strict_types=1);

namespace App\Keep;

use App\Core\Say;
use App\Keep\Backup\BackupContents;
use App\Keep\Backup\Restored;
use App\Keep\Takeout\Imported;
use Carbon\CarbonImmutable;
use Nebbia\Core\Data\Sentence\Catalogue;

/** What backups hold and what was done with them, in words. */
final readonly class KeepWords
{
    public function __construct(private Catalogue $catalogue) {}

    public function holds(BackupContents $contents): string
    {
        return Say::it('keep.holds', [
            'when' => $this->when(CarbonImmutable::parse($contents->takenAt), $contents->gardens[0]['time_zone'] ?? 'UTC'),
            'gardens' => implode(', ', array_column($contents->gardens, 'name')),
            'number' => count($contents->gardens),
            'plantings' => $contents->plantings(),
            'sprays' => $contents->sprays(),
            'photos' => count($contents->photos),
        ]);
    }

    /** @return non-empty-list<string> */
    public function restored(Restored $done): array
    {
        $lines = [Say::it('keep.restored', ['holds' => $this->holds($done->contents)])];
        if ($done->kept !== null) {
            $lines[] = Say::it('keep.kept', ['name' => $done->kept]);
        }
        if ($done->putAside !== null) {
            $lines[] = Say::it('keep.put-aside', ['path' => $done->putAside]);
        }

        return $lines;
    }

    /** @return non-empty-list<string> */
    public function wouldRestore(string $holds): array
    {
        return [$holds, Say::it('keep.would-restore')];
    }

    /** @return non-empty-list<string> */
    public function imported(Imported $done, bool $isInto, bool $isTrial): array
    {
        $won = array_count_values(array_column($done->conflicts, 'won'));
        $lines = [Say::it(($isInto ? 'keep.import.into' : 'keep.import.new').($isTrial ? '-would' : ''), [
            'name' => $done->name, 'added' => $done->added, 'same' => $done->same, 'photos' => count($done->photos),
        ])];
        if ($done->isRenamed) {
            $lines[] = Say::it('keep.import.renamed', ['name' => $done->name]);
        }
        if ($done->conflicts !== []) {
            $lines[] = Say::it('keep.import.conflicts', [
                'number' => count($done->conflicts) + $done->conflictsNotListed,
                'file' => $won['file'] ?? 0,
                'here' => $won['here'] ?? 0,
            ]);
        }
        foreach ($done->conflicts as $one) {
            $lines[] = Say::it("keep.import.$one[won]", ['table' => Say::it("keep.table.$one[table]"), 'name' => $one['name']]);
        }

        return $lines;
    }

    /** By the clocks of the first garden in it. */
    private function when(CarbonImmutable $at, string $zone): string
    {
        $known = in_array($zone, timezone_identifiers_list(), true) ? $zone : 'UTC';

        return $this->catalogue->hear($at->setTimezone($known)->format('j F Y, H:i'));
    }

    public function size(int $bytes): string
    {
        return $bytes < 950_000 ? Say::it('keep.kilo', ['kb' => (int) ceil($bytes / 1000)]) : Say::it('keep.size', ['mb' => $bytes / 1e6]);
    }
}

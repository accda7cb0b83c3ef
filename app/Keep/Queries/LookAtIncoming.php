<?php

declare(strict_types=1);

namespace App\Keep\Queries;

use App\Keep\Backup\BadBackup;
use App\Keep\Backup\Incoming;
use App\Keep\Backup\RestoreBackup;
use App\Keep\KeepWords;
use App\Keep\Resources\IncomingResource;
use App\Keep\Takeout\BadGarden;
use App\Keep\Takeout\ImportGarden;
use ZipArchive;

/** Whether what was sent is a backup or a garden, and what is in it. What is neither is not kept. */
final readonly class LookAtIncoming
{
    public function __construct(
        private Incoming $incoming,
        private RestoreBackup $restore,
        private ImportGarden $import,
        private KeepWords $words,
    ) {}

    /**
     * @throws BadBackup
     * @throws BadGarden
     */
    public function __invoke(string $id): IncomingResource
    {
        $file = $this->incoming->file($id);
        try {
            if ($this->isBackup($file)) {
                $holds = $this->restore->look($file, $this->words->holds(...));

                return new IncomingResource($id, 'backup', $this->words->wouldRestore($holds));
            }
            $would = ($this->import)($file, null, true);

            return new IncomingResource($id, 'garden', $this->words->imported($would, false, true));
        } catch (BadBackup|BadGarden $e) {
            $this->incoming->forget($id);
            throw $e;
        }
    }

    private function isBackup(string $file): bool
    {
        $zip = new ZipArchive;
        if ($zip->open($file, ZipArchive::RDONLY) !== true) {
            return false;
        }
        $is = $zip->locateName('manifest.json') !== false;
        $zip->close();

        return $is;
    }
}

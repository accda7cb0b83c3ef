<?php

declare(strict_types=1);

namespace App\Database;

use Closure;
use RuntimeException;

/**
 * Lets writers through side by side, and holds them all while the garden's file is exchanged: what was acknowledged before is in the
 * copy that is kept, what comes after is in the new file.
 */
final class WriteGate
{
    /** @var resource|null held by this process already */
    private $held = null;

    /**
     * @template T
     *
     * @param  Closure(): T  $work
     * @return T
     */
    public function through(Closure $work): mixed
    {
        return $this->behind(LOCK_SH, $work);
    }

    /**
     * @template T
     *
     * @param  Closure(): T  $work
     * @return T
     */
    public function closed(Closure $work): mixed
    {
        return $this->behind(LOCK_EX, $work);
    }

    /**
     * @template T
     *
     * @param  LOCK_SH|LOCK_EX  $how
     * @param  Closure(): T  $work
     * @return T
     */
    private function behind(int $how, Closure $work): mixed
    {
        $path = self::path();
        if ($path === null || $this->held !== null) {
            return $work();
        }
        // Where no such file can be made, as on a disk that is full, writing says so itself.
        $file = @fopen("$path.gate", 'c');
        if ($file === false) {
            return $how === LOCK_SH ? $work() : throw new RuntimeException("$path.gate cannot be made");
        }
        flock($file, $how);
        $this->held = $file;
        try {
            return $work();
        } finally {
            $this->held = null;
            fclose($file);
        }
    }

    /** Of the garden's file; null where it is kept in memory. */
    public static function path(): ?string
    {
        $path = config()->string('database.connections.sqlite.database');

        return $path === ':memory:' || $path === '' ? null : $path;
    }
}

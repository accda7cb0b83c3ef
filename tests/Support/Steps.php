<?php

declare(strict_types=1);

namespace Tests\Support;

use Illuminate\Database\Connection;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use RuntimeException;

/** Migrations one by one, on the connection "steps". */
final class Steps
{
    public static function on(string $file): void
    {
        config(['database.connections.steps' => ['database' => $file, 'journal_mode' => 'delete', 'synchronous' => 'off'] + config('database.connections.sqlite')]);
        self::anew();
    }

    public static function anew(): Connection
    {
        DB::purge('steps');

        return DB::connection('steps');
    }

    public static function forth(string $path): void
    {
        Artisan::call('migrate', ['--database' => 'steps', '--path' => $path, '--realpath' => true, '--force' => true]);
    }

    /** Every table as it is made, and every row. */
    public static function whatIsIn(string $connection): string
    {
        $db = DB::connection($connection);
        $all = array_map(
            static fn (object $one): string => "$one->name $one->sql",
            $db->select("select name, coalesce(sql, '') as sql from sqlite_master where name not like 'sqlite_%' order by name"),
        );
        foreach ($db->select("select name from sqlite_master where type = 'table' and name not like 'sqlite_%' order by name") as $table) {
            $all[] = json_encode($db->select("select * from \"$table->name\" order by rowid"));
        }

        return md5(implode("\n", $all).$db->scalar('pragma user_version'));
    }

    /**
     * Stopped before the first statement, the second, and so on, until it goes through: each time all is as it was. Afterwards it is
     * done.
     *
     * @return int how often it was stopped
     */
    public static function stopAtEach(string $path): int
    {
        $number = self::anew()->table('migrations')->count();
        $before = self::whatIsIn('steps');
        $stopped = 0;
        for ($n = 1; ; $n++) {
            $count = 0;
            self::anew()->beforeExecuting(static function () use (&$count, $n): void {
                if (++$count === $n) {
                    throw new RuntimeException('stopped');
                }
            });
            try {
                self::forth($path);
                break;
            } catch (RuntimeException $e) {
                expect($e->getMessage())->toBe('stopped');
            }
            // After its end only the foreign keys are taken up again: then it is done.
            if (self::anew()->table('migrations')->count() === $number + 1) {
                break;
            }
            expect(self::whatIsIn('steps'))->toBe($before, basename($path)." at $n");
            $stopped++;
        }
        $db = self::anew();
        expect($db->table('migrations')->count())->toBe($number + 1)
            ->and((int) $db->scalar('pragma user_version'))->toBe($number + 1)
            ->and($db->select('pragma foreign_key_check'))->toBe([])
            ->and($db->scalar('pragma integrity_check'))->toBe('ok');

        return $stopped;
    }
}

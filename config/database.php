<?php

declare(strict_types=1);

return [
    'default' => 'sqlite',
    'connections' => [
        'sqlite' => [
            'driver' => 'sqlite',
            'database' => env('DB_DATABASE', database_path('nebbia.sqlite')),
            'prefix' => '',
            'foreign_key_constraints' => true,
            // Milliseconds a write waits for its turn. Transactions begin with their lock: App\Database\ImmediatePdo.
            'busy_timeout' => 20000,
            'journal_mode' => 'wal',
            // What was acknowledged is on the disk, whatever happens to the machine.
            'synchronous' => env('DB_SYNCHRONOUS', 'full'),
        ],
    ],
    'migrations' => ['table' => 'migrations', 'update_date_on_publish' => true],
];

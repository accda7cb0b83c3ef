<?php

declare(strict_types=1);

return [
    // Where core's data is, and where it is kept compiled.
    'data' => base_path('core/data'),
    'messages' => base_path('messages'),
    'compiled' => storage_path('framework/cache/knowledge.php'),
    // An instant with its offset, like 2026-05-14T07:30:00+02:00, in place of the machine's clock.
    'now' => env('NEBBIA_NOW'),
    // The morning on which a demo garden begins; its own clock runs on from there.
    'demo_begins' => '2026-05-14T07:30:00+02:00',
    // Other names that this machine is reached by, with commas between them.
    'hosts' => env('NEBBIA_HOSTS', '') ?? '',
    // A bench that is typed at asks some ten times a second; a program that runs wild asks more.
    'requests_a_minute' => (int) env('NEBBIA_REQUESTS_A_MINUTE', 3000),
    // How long a change can be undone, days.
    'undo_days' => 7,
    // Where backups are kept; a folder beside the garden's file if left out.
    'backups' => env('NEBBIA_BACKUPS'),
    // Whether the first write of a day has a backup taken, where nothing runs at night.
    'daily_backup' => (bool) env('NEBBIA_DAILY_BACKUP', env('APP_ENV') !== 'testing'),
];

<?php

declare(strict_types=1);

return [
    // Where core's data is, and where it is kept compiled.
    'data' => base_path('core/data'),
    'compiled' => storage_path('framework/cache/knowledge.php'),
    // Other names that this machine is reached by, with commas between them.
    'hosts' => env('NEBBIA_HOSTS', '') ?? '',
    // A bench that is typed at asks some ten times a second; a program that runs wild asks more.
    'requests_a_minute' => (int) env('NEBBIA_REQUESTS_A_MINUTE', 3000),
    // How long a change can be undone, days.
    'undo_days' => 7,
];

<?php

declare(strict_types=1);

return [
    // Where core's data is, and where it is kept compiled.
    'data' => base_path('core/data'),
    'compiled' => storage_path('framework/cache/knowledge.php'),
    // How long a change can be undone, days.
    'undo_days' => 7,
];

<?php

declare(strict_types=1);

$folder = env('NEBBIA_LOGS') ?? storage_path('logs');

return [
    'folder' => $folder,
    'default' => env('LOG_CHANNEL', 'single'),
    'channels' => [
        // A file a day, kept for two weeks.
        'single' => ['driver' => 'daily', 'path' => "$folder/nebbia.log", 'level' => 'warning', 'days' => 14],
        'null' => ['driver' => 'monolog', 'handler' => Monolog\Handler\NullHandler::class],
    ],
];

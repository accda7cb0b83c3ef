<?php

declare(strict_types=1);

return [
    'default' => 'photos',
    'disks' => [
        // Photos stay on this machine, beside the database.
        'photos' => ['driver' => 'local', 'root' => env('PHOTOS', storage_path('app/photos')), 'visibility' => 'private', 'throw' => false],
    ],
];

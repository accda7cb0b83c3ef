<?php

declare(strict_types=1);

// Asks the application one thing as a server would, with the database in DB_DATABASE: php ask.php METHOD PATH [JSON]. Prints status and body.

use Illuminate\Contracts\Http\Kernel;
use Illuminate\Http\Request;

require dirname(__DIR__, 2).'/vendor/autoload.php';
$app = require dirname(__DIR__, 2).'/bootstrap/app.php';
// What the disk is to be like: a pragma of this connection.
if (is_string(getenv('ASK_PRAGMA'))) {
    $app->make(Illuminate\Contracts\Console\Kernel::class)->bootstrap();
    Illuminate\Support\Facades\DB::statement('PRAGMA '.getenv('ASK_PRAGMA'));
}
$answer = $app->make(Kernel::class)->handle(Request::create("http://127.0.0.1{$argv[2]}", $argv[1], server: ['CONTENT_TYPE' => 'application/json', 'HTTP_ACCEPT' => 'application/json'], content: $argv[3] ?? '{}'));
echo $answer->getStatusCode(), "\n", $answer->getContent();

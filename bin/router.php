<?php

declare(strict_types=1);

use App\Http\Middleware\SafeHeaders;

// For PHP's own server: files of public/ with the same headers as everything else, all the rest to the application.

$public = dirname(__DIR__).'/public';
$path = urldecode((string) parse_url((string) ($_SERVER['REQUEST_URI'] ?? '/'), PHP_URL_PATH));
$file = realpath($public.$path);
header_remove('X-Powered-By');

if ($file !== false && is_file($file) && str_starts_with($file, $public.'/') && ! str_ends_with($file, '.php')) {
    require_once dirname(__DIR__).'/vendor/autoload.php';
    $types = ['js' => 'text/javascript', 'css' => 'text/css', 'svg' => 'image/svg+xml', 'woff2' => 'font/woff2', 'png' => 'image/png', 'json' => 'application/json', 'txt' => 'text/plain', 'ico' => 'image/x-icon', 'webmanifest' => 'application/manifest+json'];
    foreach (SafeHeaders::ALL as $name => $value) {
        header("$name: $value");
    }
    header('Content-Type: '.($types[pathinfo($file, PATHINFO_EXTENSION)] ?? 'application/octet-stream'));
    header('Content-Length: '.filesize($file));
    // What is built has its contents in its name.
    header('Cache-Control: '.(str_starts_with($path, '/build/assets/') ? 'public, max-age=31536000, immutable' : 'no-cache'));
    if (($_SERVER['REQUEST_METHOD'] ?? 'GET') !== 'HEAD') {
        readfile($file);
    }

    return true;
}

$_SERVER['SCRIPT_NAME'] = '/index.php';
require $public.'/index.php';

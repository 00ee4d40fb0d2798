<?php

/* Router for PHP's own server: files below public/ as they are, everything else to the application. */

const TYPES = [
    'css' => 'text/css; charset=utf-8', 'ico' => 'image/x-icon', 'js' => 'text/javascript; charset=utf-8', 'json' => 'application/json', 'png' => 'image/png',
    'svg' => 'image/svg+xml', 'txt' => 'text/plain; charset=utf-8', 'woff2' => 'font/woff2',
];

$public = dirname(__DIR__, 2).'/public';
$path = urldecode((string) parse_url((string) $_SERVER['REQUEST_URI'], PHP_URL_PATH));
$file = str_contains($path, "\0") ? false : realpath($public.$path);
$type = $file === false ? null : TYPES[pathinfo($file, PATHINFO_EXTENSION)] ?? null;

if ($path !== '/' && $type !== null && str_starts_with($file, $public.'/') && is_file($file)) {
    // What is built has its hash in its name.
    header('Cache-Control: '.(str_starts_with($path, '/build/assets/') ? 'public, max-age=31536000, immutable' : 'no-cache'));
    header("Content-Type: $type");
    header('Content-Length: '.filesize($file));
    header('X-Content-Type-Options: nosniff');
    readfile($file);

    return true;
}

$_SERVER['SCRIPT_NAME'] = '/index.php';
$_SERVER['SCRIPT_FILENAME'] = $public.'/index.php';

require $public.'/index.php';

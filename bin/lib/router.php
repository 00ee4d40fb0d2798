<?php

/* Router for PHP's own server: files below public/ as they are, everything else to the application. */

$public = dirname(__DIR__, 2).'/public';
$path = urldecode((string) parse_url((string) $_SERVER['REQUEST_URI'], PHP_URL_PATH));
$file = str_contains($path, "\0") ? false : realpath($public.$path);

if ($path !== '/' && $file !== false && str_starts_with($file, $public.'/') && is_file($file) && ! str_ends_with($file, '.php')) {
    return false;
}

$_SERVER['SCRIPT_NAME'] = '/index.php';
$_SERVER['SCRIPT_FILENAME'] = $public.'/index.php';

require $public.'/index.php';

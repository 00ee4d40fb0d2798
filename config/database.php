<?php

declare(strict_types=1);

/*
 * One MariaDB, or several. DB_HOST may name more than one, by commas: any of them is written to, and where one does not answer
 * the next is asked (a Galera cluster). DB_READ_HOST names replicas to read from; whoever wrote reads from where it was
 * written for the rest of that request. DB_SSL_CA turns TLS on.
 */
$hosts = static fn (mixed $names): array => array_values(array_filter(array_map(trim(...), explode(',', is_string($names) ? $names : ''))));
$write = $hosts(env('DB_HOST', '127.0.0.1'));
$read = $hosts(env('DB_READ_HOST', ''));
$ca = env('DB_SSL_CA');

return [
    'connections' => [
        'mariadb' => [
            'driver' => 'mariadb',
            ...$read === [] ? ['host' => $write] : ['read' => ['host' => $read], 'write' => ['host' => $write], 'sticky' => true],
            'port' => env('DB_PORT', '3306'),
            'database' => env('DB_DATABASE', 'velko'),
            'username' => env('DB_USERNAME', 'velko'),
            'password' => env('DB_PASSWORD', ''),
            'charset' => 'utf8mb4',
            'collation' => 'utf8mb4_unicode_ci',
            'prefix' => '',
            'prefix_indexes' => true,
            'strict' => true,
            'engine' => null,
            'options' => is_string($ca) && $ca !== '' ? [PDO::MYSQL_ATTR_SSL_CA => $ca, PDO::MYSQL_ATTR_SSL_VERIFY_SERVER_CERT => true] : [],
        ],
    ],
];

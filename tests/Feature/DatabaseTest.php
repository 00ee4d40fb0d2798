<?php

declare(strict_types=1);

use App\Console\TriggersAllowed;
use Illuminate\Support\Env;

it('says before it begins where a database would not let it make triggers', function (int $logs, int $trusted, array $grants, bool $fails): void {
    $check = fn () => TriggersAllowed::check(['log_bin' => $logs, 'trusted' => $trusted], $grants);
    $fails ? expect($check)->toThrow(RuntimeException::class, 'log_bin_trust_function_creators') : expect($check)->not->toThrow(RuntimeException::class);
})->with([
    'no binary log' => [0, 0, ['GRANT USAGE ON *.* TO `velko`@`%`'], false],
    'a binary log' => [1, 0, ['GRANT USAGE ON *.* TO `velko`@`%`', 'GRANT ALL PRIVILEGES ON `velko`.* TO `velko`@`%`'], true],
    'a binary log, and trust' => [1, 1, ['GRANT USAGE ON *.* TO `velko`@`%`'], false],
    'a binary log, and SUPER' => [1, 0, ['GRANT SELECT, SUPER, PROCESS ON *.* TO `velko`@`%`'], false],
    'a binary log, and everything' => [1, 0, ['GRANT ALL PRIVILEGES ON *.* TO `root`@`localhost`'], false],
]);

it('reads its hosts, its replicas and its certificate from the environment', function (): void {
    $with = function (array $variables): array {
        foreach ($variables as $name => $value) {
            Env::getRepository()->set($name, $value);
        }
        $config = (require config_path('database.php'))['connections']['mariadb'];
        foreach (array_keys($variables) as $name) {
            Env::getRepository()->clear($name);
        }

        return $config;
    };
    expect($with(['DB_READ_HOST' => '10.0.0.7, 10.0.0.8']))->toMatchArray(['read' => ['host' => ['10.0.0.7', '10.0.0.8']], 'sticky' => true])
        ->and($with(['DB_READ_HOST' => ''])['host'])->toBe(['127.0.0.1'])
        ->and($with(['DB_SSL_CA' => '/etc/ssl/velko.pem'])['options'][PDO::MYSQL_ATTR_SSL_CA])->toBe('/etc/ssl/velko.pem');
});

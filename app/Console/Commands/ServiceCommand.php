<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Contracts\ServiceDocument;
use App\Contracts\ServiceRequestDocument;

/** Reads velko.service-request/1 and answers velko.service/1. */
final class ServiceCommand extends EngineCommand
{
    protected $signature = 'velko:service {request : a file, or - for standard input}';

    protected $description = 'Fills a night: velko.service-request/1 in, velko.service/1 out';

    protected function answer(string $json): array
    {
        return ServiceDocument::of(ServiceRequestDocument::read($json));
    }
}

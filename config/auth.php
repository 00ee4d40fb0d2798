<?php

declare(strict_types=1);

/*
 * Cooks sign in as Laravel has it. A device shows its key in every request (Authorization: Bearer …); only the key's
 * hash is kept.
 */
return [
    'guards' => [
        'device' => ['driver' => 'device-key'],
    ],
];

<?php

declare(strict_types=1);

return [
    'channels' => [
        // One file a day, for two weeks, for the house only.
        'daily' => ['driver' => 'daily', 'path' => storage_path('logs/velko.log'), 'level' => env('LOG_LEVEL', 'warning'), 'days' => 14, 'permission' => 0640],
    ],
];

<?php

declare(strict_types=1);

return [
    // The demo kitchen, with its door on the sign-in page and passwords that anybody can read. Never in production, whatever .env still says.
    'demo' => env('APP_ENV', 'production') !== 'production' && filter_var(env('VELKO_DEMO', true), FILTER_VALIDATE_BOOL),

    // Passwords that stand in what we publish: they open nothing outside of a demo.
    'published_passwords' => ['lock-keeper-rice'],

    // Under which names this house is reached, by commas; others are refused outside of APP_ENV=local. The host of APP_URL always is one.
    'hosts' => array_values(array_filter(array_map(trim(...), explode(',', (string) env('TRUSTED_HOSTS', ''))))),

    // Browser tests cook a pan in seconds: their tablets' clocks run ahead on purpose, and are believed.
    'clocks_run_ahead' => env('VELKO_CLOCKS_RUN_AHEAD') === true && env('APP_ENV') !== 'production',

    // Where a node counts what each of its users costs it: it looks after itself.
    'work_store' => env('WORK_STORE', 'file'),

    // Whom one touch signs in to look round the demo kitchen, where it was seeded; empty for no such door.
    'demo_cook' => env('VELKO_DEMO_COOK', 'rice@kiln.example'),
];

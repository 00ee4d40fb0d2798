<?php

declare(strict_types=1);

return [
    // Whose X-Forwarded-* headers are believed: addresses or networks, by commas. None, unless they are named: a list, even an empty
    // one, keeps the framework from trusting everybody for hosts of certain names.
    'proxies' => array_values(array_filter(array_map(trim(...), explode(',', (string) env('TRUSTED_PROXIES', ''))))),
];

<?php

declare(strict_types=1);

return [
    // Whom one touch signs in to look round the demo kitchen, where it was seeded; empty for no such door.
    'demo_cook' => env('VELKO_DEMO_COOK', 'rice@kiln.example'),
];

<?php

declare(strict_types=1);

use Illuminate\Support\Facades\Schedule;

// For a house with a scheduler; without one bin/start does it, and whoever comes back to a kitchen whose day is over.
Schedule::command('velko:farewell')->hourly();

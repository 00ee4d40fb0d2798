<?php

declare(strict_types=1);

use App\Http\Controllers\DeviceLinesController;
use App\Http\Middleware\Work;
use Illuminate\Support\Facades\Route;

/* For devices: no session, no cookie; a key in every request. */

Route::prefix('devices')->middleware(['auth:device', Work::class.':device'])->group(function (): void {
    Route::post('lines', [DeviceLinesController::class, 'store']);
    Route::get('pan', [DeviceLinesController::class, 'pan']);
});

<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Contracts\BadDocument;
use App\Devices\HearLines;
use App\Devices\PanOnRing;
use App\Models\Device;
use App\Stove\DeviceClock;
use Carbon\CarbonImmutable;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** What a device says of its ring, and what a stand-in for one has to know. */
final class DeviceLinesController
{
    private const LONGEST_BODY = 65536;

    /** @throws BadDocument */
    public function store(Request $request, #[CurrentUser('device')] Device $device): Response
    {
        $body = $request->getContent();
        abort_if(strlen($body) > self::LONGEST_BODY, 413);
        $now = CarbonImmutable::now();
        HearLines::of($device, $body, $now, DeviceClock::of($request, $now));

        return new Response(status: 204);
    }

    public function pan(#[CurrentUser('device')] Device $device): JsonResponse
    {
        return new JsonResponse(PanOnRing::of($device, CarbonImmutable::now()));
    }
}

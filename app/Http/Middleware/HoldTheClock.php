<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Time\Clock;
use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** A request is of one instant. */
final readonly class HoldTheClock
{
    public function __construct(private Clock $clock) {}

    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        $this->clock->hold();
        try {
            return $next($request);
        } finally {
            $this->clock->letGo();
        }
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Core\Say;
use Closure;
use Illuminate\Cache\RateLimiter;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;
use Throwable;

/** So many requests a minute for each client. Where that cannot be counted, because the disk is full, say, nobody is turned away. */
final readonly class LimitRequests
{
    public function __construct(private RateLimiter $limiter) {}

    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        return $this->isTooOften($request->ip() ?? '', config()->integer('nebbia.requests_a_minute'))
            ? new JsonResponse(['message' => Say::it('answer.nebbia-was-asked')], 429, ['Retry-After' => '60'])
            : $next($request);
    }

    private function isTooOften(string $client, int $most): bool
    {
        try {
            return $this->limiter->hit("client:$client", 60) > $most;
        } catch (Throwable) {
            return false;
        }
    }
}

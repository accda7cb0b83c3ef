<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Core\Say;
use App\Http\Hosts;
use Closure;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** Answers only by names that are this machine's own: a website's name that is made to lead here gets nothing. */
final readonly class KnownHost
{
    public function __construct(private Hosts $hosts) {}

    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        $header = $request->headers->get('Host');

        return $header !== null && $this->hosts->knows(Hosts::nameIn($header))
            ? $next($request)
            : new JsonResponse(['message' => Say::it('answer.nebbia-does-not')], 421);
    }
}

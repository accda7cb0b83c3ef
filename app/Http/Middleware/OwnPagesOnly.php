<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Core\Say;
use Closure;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/**
 * Keeps other websites out. A browser says from which page a request comes (Origin, Sec-Fetch-Site): from another one nothing is
 * read and nothing written. Programs say neither and may go on, in JSON, which no form of a website can send.
 */
final readonly class OwnPagesOnly
{
    /** Where a file is sent. */
    private const UPLOADS = '#^api/gardens/[^/]+/(?:scoutings/[^/]+/photo|photos)$#';

    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        if ($this->isForeign($request)) {
            return new JsonResponse(['message' => Say::it('answer.came-from-another')], 403);
        }
        if (! $request->isMethodSafe() && ! $this->isReadable($request)) {
            return new JsonResponse(['message' => Say::it('answer.send-as-json')], 415);
        }

        return $next($request);
    }

    private function isForeign(Request $request): bool
    {
        $origin = $request->headers->get('Origin');
        if ($origin !== null && $origin !== $request->getScheme().'://'.$request->headers->get('Host')) {
            return true;
        }
        $site = $request->headers->get('Sec-Fetch-Site');
        if ($site === null || $site === 'same-origin' || $site === 'none') {
            return false;
        }

        // A link that is followed from elsewhere may open a page, which is the same empty shell for everybody; nothing else.
        return ! ($request->isMethod('GET') && $request->headers->get('Sec-Fetch-Mode') === 'navigate'
            && $request->headers->get('Sec-Fetch-Dest') === 'document' && ! $request->is('api/*'));
    }

    private function isReadable(Request $request): bool
    {
        $type = strtolower(trim(explode(';', (string) $request->headers->get('Content-Type'))[0]));
        if ($type === 'multipart/form-data') {
            return preg_match(self::UPLOADS, $request->path()) === 1;
        }
        if ($request->isMethod('DELETE') && $type === '') {
            return true;
        }

        // A backup or a garden; a form of a website cannot send such either.
        if ($type === 'application/octet-stream') {
            return $request->isMethod('PUT') && $request->path() === 'api/incoming';
        }

        return $type === 'application/json';
    }
}

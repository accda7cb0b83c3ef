<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Core\Say;
use Illuminate\Contracts\View\View;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** The page that the browser's part of Nebbia runs in; which view it shows is the browser's to decide. */
final class ShellController
{
    public function __invoke(): View
    {
        return view('shell');
    }

    /** A program that asks for data gets no page. */
    public function missing(Request $request): Response|JsonResponse
    {
        if ($request->is('api', 'api/*') || $request->expectsJson()) {
            return new JsonResponse(['message' => Say::it('answer.there-nothing-at')], 404);
        }

        return response()->view('shell', status: 404);
    }
}

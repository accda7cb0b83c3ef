<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use Illuminate\Contracts\View\View;
use Illuminate\Http\Response;

/** The page that the browser's part of Nebbia runs in; which view it shows is the browser's to decide. */
final class ShellController
{
    public function __invoke(): View
    {
        return view('shell');
    }

    public function missing(): Response
    {
        return response()->view('shell', status: 404);
    }
}

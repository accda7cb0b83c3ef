<?php

declare(strict_types=1);

namespace Tests;

use Carbon\Carbon;
use Carbon\CarbonImmutable;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Foundation\Testing\TestCase as BaseTestCase;

abstract class TestCase extends BaseTestCase
{
    use RefreshDatabase;

    /** The suite takes place at NEBBIA_NOW, where that is set; the clock runs on from there. */
    protected function setUp(): void
    {
        $now = getenv('NEBBIA_NOW');
        if (is_string($now) && $now !== '') {
            CarbonImmutable::setTestNow(CarbonImmutable::parse($now)->utc());
            Carbon::setTestNow(Carbon::parse($now)->utc());
        }
        parent::setUp();
    }
}

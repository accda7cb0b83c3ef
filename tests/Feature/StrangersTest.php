<?php

declare(strict_types=1);

use App\Http\Hosts;
use App\Http\Middleware\SafeHeaders;
use App\Models\Garden;

// What another website, or a name that was made to lead here, may ask for: nothing.

it('answers only by names of its own', function (string $host, int $status): void {
    $this->withoutVite();
    $this->get("http://$host/api/gardens")->assertStatus($status);
    $this->get("http://$host/")->assertStatus($status);
})->with([
    'loopback by name' => ['localhost:8000', 200],
    'loopback by number' => ['127.0.0.1:8000', 200],
    'another loopback' => ['127.0.0.9', 200],
    'loopback, sixth version' => ['[::1]:8000', 200],
    'a website' => ['garden.example', 421],
    'a website that begins like us' => ['localhost.garden.example', 421],
    'a website with a number in it' => ['127.0.0.1.garden.example', 421],
    'someone else in the house' => ['10.255.255.254', 421],
]);

it('knows this machine and the names it is given', function (): void {
    $hosts = new Hosts(['shed.example:8000', 'http://pi.lan']);
    $machine = strtolower((string) gethostname());
    foreach ([$machine, 'shed.example', 'pi.lan', 'localhost'] as $name) {
        expect($hosts->knows(Hosts::nameIn("$name:8000")))->toBeTrue($name);
    }
    foreach (['', 'example', 'shed.example.org', 'a b', 'localhost@evil.example', '127.0.0.1/x'] as $name) {
        expect($hosts->knows(Hosts::nameIn($name)))->toBeFalse($name);
    }
});

it('refuses what comes from another page, read or write', function (array $headers, bool $passes): void {
    $garden = demo();
    $recipe = recipeNamed($garden, 'Evening soap');
    $body = ['name' => 'Taken', 'use' => 'foliar', 'body' => $recipe->body, 'version' => $recipe->version];
    foreach ([$this->getJson(at($garden, 'recipes'), $headers), $this->postJson(at($garden, 'bench'), ['recipe' => $recipe->body], $headers)] as $answer) {
        $answer->assertStatus($passes ? 200 : 403);
        $answer->assertHeaderMissing('Access-Control-Allow-Origin');
    }
    $this->deleteJson(at($garden, "recipes/$recipe->id"), [], $headers)->assertStatus($passes ? 200 : 403);
    expect($recipe->refresh()->trashed())->toBe($passes);
    $this->optionsJson(at($garden, 'recipes'), [], $headers + ['Access-Control-Request-Method' => 'PUT'])->assertHeaderMissing('Access-Control-Allow-Origin');
})->with([
    'a program' => [[], true],
    'our own page' => [['Origin' => 'http://127.0.0.1:8000', 'Sec-Fetch-Site' => 'same-origin'], true],
    'an address that was typed' => [['Sec-Fetch-Site' => 'none'], true],
    'another site' => [['Origin' => 'https://garden.example', 'Sec-Fetch-Site' => 'cross-site'], false],
    'another site, old browser' => [['Origin' => 'https://garden.example'], false],
    'another port' => [['Origin' => 'http://127.0.0.1:81', 'Sec-Fetch-Site' => 'same-site'], false],
    'a sandbox' => [['Origin' => 'null'], false],
    'an image of another site' => [['Sec-Fetch-Site' => 'cross-site', 'Sec-Fetch-Mode' => 'no-cors', 'Sec-Fetch-Dest' => 'image'], false],
    'a link of another site to data' => [['Sec-Fetch-Site' => 'cross-site', 'Sec-Fetch-Mode' => 'navigate', 'Sec-Fetch-Dest' => 'document'], false],
]);

it('opens a page, which holds nothing, by a link from elsewhere, but not in a frame', function (): void {
    $this->withoutVite();
    $link = ['Sec-Fetch-Site' => 'cross-site', 'Sec-Fetch-Mode' => 'navigate', 'Sec-Fetch-Dest' => 'document'];
    $this->get('/rounds', $link)->assertOk();
    $this->get('/rounds', ['Sec-Fetch-Dest' => 'iframe'] + $link)->assertForbidden();
});

it('takes a write only as JSON', function (string $type): void {
    $garden = demo();
    $before = $garden->recipes()->count();
    $this->call('POST', at($garden, 'recipes'), server: ['CONTENT_TYPE' => $type, 'HTTP_ACCEPT' => 'application/json'], content: (string) json_encode(['name' => 'X']))->assertStatus(415);
    $recipe = recipeNamed($garden, 'Evening soap');
    $this->call('POST', at($garden, "recipes/$recipe->id"), ['_method' => 'DELETE'], server: ['CONTENT_TYPE' => $type])->assertStatus(415);
    expect($garden->recipes()->count())->toBe($before);
})->with(['text/plain', 'application/x-www-form-urlencoded', 'multipart/form-data', '', 'application/jsonx', 'text/json']);

it('lets no request call itself by another method', function (): void {
    $garden = demo();
    $recipe = recipeNamed($garden, 'Evening soap');
    $this->postJson(at($garden, "recipes/$recipe->id"), ['_method' => 'DELETE'])->assertStatus(405);
    $this->postJson(at($garden, "recipes/$recipe->id"), [], ['X-HTTP-Method-Override' => 'DELETE'])->assertStatus(405);
    expect($recipe->refresh()->trashed())->toBeFalse();
});

it('says on everything what a browser may do with it', function (): void {
    $this->withoutVite();
    $garden = demo();
    foreach (['/', '/no/such/page', '/api/gardens', '/api/gardens/none', at($garden, 'rounds.ics'), at($garden, 'plantings.csv')] as $path) {
        $answer = $this->get($path);
        foreach (SafeHeaders::ALL as $name => $value) {
            $answer->assertHeader($name, $value);
        }
        $answer->assertHeaderMissing('X-Powered-By')->assertHeaderMissing('Access-Control-Allow-Origin');
    }
    expect(SafeHeaders::ALL['Content-Security-Policy'])->toContain("script-src 'self';")->toContain("frame-ancestors 'none'")->not->toContain('unsafe-eval');
});

it('writes no name into its pages that a request has given it', function (): void {
    config(['nebbia.hosts' => 'shed.example']);
    app()->forgetInstance(Hosts::class);
    $page = (string) $this->get('http://shed.example/')->assertOk()->getContent();
    expect($page)->not->toContain('shed.example')->not->toMatch('/<script(?![^>]*\bsrc=)/');
});

it('tells a client that asks without end to wait', function (): void {
    config(['nebbia.requests_a_minute' => 5]);
    $garden = demo();
    for ($n = 0; $n < 5; $n++) {
        $this->getJson(at($garden))->assertOk();
    }
    $this->getJson(at($garden))->assertStatus(429)->assertJsonPath('message', fn (string $said): bool => str_contains($said, 'wait'));
});

it('keeps gardens of strangers apart', function (): void {
    $mine = demo();
    $other = Garden::query()->create(['name' => 'Next door', 'units' => 'metric', 'language' => 'en', 'time_zone' => 'Europe/Rome', 'hardness_mg_l' => 100, 'alkalinity_mg_l' => 100, 'theme' => 'auto']);
    $recipe = recipeNamed($mine, 'Evening soap');
    $this->getJson(at($other, "recipes/$recipe->id"))->assertNotFound();
    $this->deleteJson(at($other, "recipes/$recipe->id"))->assertNotFound();
});

<?php

declare(strict_types=1);

use Illuminate\Support\Facades\DB;
use Nebbia\Core\Tests\Sweep;
use Tests\Support\MutatedRequests;

/** How many: 200 in every run, as many as SOAK says in `make soak`. */
function soak(int $usual = 200): int
{
    return (int) (getenv('SOAK') ?: $usual);
}

it('answers whatever is sent to it, and the garden opens afterwards', function (): void {
    config(['nebbia.requests_a_minute' => PHP_INT_MAX]);
    $garden = demo();
    mt_srand((int) (getenv('SOAK_SEED') ?: 14));
    $requests = new MutatedRequests($garden);
    $faults = [];
    $statuses = [];
    $views = ['', '/today', '/plot', '/lanes', '/courses', '/pantry', '/preparations', '/recipes', '/troubles', '/applications', '/replans', '/shopping', '/ribbon', '/weather', '/plantings.csv', '/rounds.ics'];
    DB::beginTransaction();
    for ($n = 0; $n < soak(); $n++) {
        [$method, $url, $content] = $requests->next();
        $answer = $this->call($method, $url, server: ['CONTENT_TYPE' => 'application/json', 'HTTP_ACCEPT' => 'application/json'], content: $content);
        $status = $answer->getStatusCode();
        $statuses[intdiv($status, 100)] = ($statuses[intdiv($status, 100)] ?? 0) + 1;
        if ($status >= 500) {
            $faults[] = "$status $method $url ".mb_substr($content, 0, 600).' '.$answer->exception?->getMessage().' at '.basename((string) $answer->exception?->getFile()).':'.$answer->exception?->getLine();
        } elseif ($status >= 400 && ! is_string(json_decode((string) $answer->getContent(), true)['message'] ?? null)) {
            $faults[] = "$status without words: $method $url";
        }
        $wrote = $status < 400 && $method !== 'GET';
        if ($wrote && ! preg_match('#/(bench|read|makings|soap|scout|suggest|bottle)#', $url) && mt_rand(0, 3) === 0) {
            foreach ($views as $view) {
                $shown = $this->getJson(at($garden).$view);
                if ($shown->getStatusCode() !== 200) {
                    $faults[] = "after $method $url ".mb_substr($content, 0, 600).": $view gives {$shown->getStatusCode()} {$shown->exception?->getMessage()} at ".basename((string) $shown->exception?->getFile()).':'.$shown->exception?->getLine();
                }
                $data = json_decode((string) $shown->getContent(), true);
                foreach (is_array($data) && mt_rand(0, 9) === 0 ? Sweep::faultsOf($data) : [] as $fault) {
                    $faults[] = "after $method $url: $view: $fault";
                }
            }
        }
        // What has been written goes again now and then, so that the garden stays one.
        if ($n % 25 === 24) {
            DB::rollBack();
            DB::beginTransaction();
        }
    }
    DB::rollBack();
    if (getenv('SOAK') !== false) {
        fwrite(STDERR, json_encode($statuses)."\n");
    }
    expect(array_slice(array_unique($faults), 0, 40))->toBe([])->and($statuses[2] ?? 0)->toBeGreaterThan(soak() / 10);
});

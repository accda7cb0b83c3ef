<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Core\Say;
use Closure;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use JsonException;
use Nebbia\Core\Measure\Digits;
use Symfony\Component\HttpFoundation\Response;

/**
 * What is sent is looked over before any work starts: no more of it than a gardener can mean, only numbers that are numbers, and
 * only characters that can be shown. Digits of other scripts become the numbers they are.
 */
final readonly class Bounds
{
    /** Bytes of a request; files of weather and of plantings, which come as text in JSON, may have more. */
    private const BYTES = 512_000;

    private const FILE_BYTES = 3_000_000;

    private const FILES = '#^api/gardens/[^/]+/(weather|plantings/import|recipes/import|import)$#';

    private const DEPTH = 16;

    /** Things in one list, and things altogether. */
    private const LIST = 500;

    private const ALL = 5_000;

    /** What is kept as it is written. */
    private const WORDS = [
        'name',
        'variety',
        'by',
        'outcome',
        'why',
        'reason',
        'note',
        'text',
        'csv',
        'steps',
        'source',
        'label',
        'search',
        'forecast_mapping',
        'forecast_url',
    ];

    /** Fields that may have line breaks. */
    private const TEXTS = ['forecast_mapping', 'note', 'text', 'csv', 'outcome', 'why', 'reason', 'steps', 'source', 'label'];

    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        $query = $request->query->all();
        $said = self::complaint($query, '', $n) ?? self::several($query);
        if ($said === null && $query !== []) {
            $request->query->replace(self::readable($query));
        }
        if ($said === null && $request->isJson()) {
            $said = $this->body($request);
        }
        if ($said !== null) {
            [$field, $message, $status] = $said;

            return new JsonResponse(['message' => $message] + ($field === '' ? [] : ['errors' => [$field => [$message]]]), $status);
        }

        return $next($request);
    }

    /** @return array{string, string, int}|null the field, what is wrong, and the status */
    private function body(Request $request): ?array
    {
        $most = preg_match(self::FILES, $request->path()) === 1 ? self::FILE_BYTES : self::BYTES;
        if (strlen($request->getContent()) > $most) {
            return ['', Say::it('refused.too-large', ['most' => number_format($most / 1000)]), 413];
        }
        if (trim($request->getContent()) === '') {
            return null;
        }
        try {
            $data = json_decode($request->getContent(), true, self::DEPTH, JSON_THROW_ON_ERROR);
        } catch (JsonException) {
            return ['', Say::it('refused.not-valid-json'), 400];
        }
        if (! is_array($data)) {
            return ['', Say::it('refused.send-fields-as'), 400];
        }
        $n = 0;
        $said = self::complaint($data, '', $n);
        if ($said === null) {
            $request->json()->replace(self::readable($data));
        }

        return $said;
    }

    /**
     * @param  array<array-key, mixed>  $data
     * @return array{string, string, int}|null
     */
    private static function complaint(array $data, string $at, ?int &$n): ?array
    {
        if (count($data) > self::LIST) {
            return [$at, Say::it('refused.too-many', ['most' => (string) self::LIST]), 422];
        }
        foreach ($data as $key => $value) {
            $field = $at === '' ? (string) $key : "$at.$key";
            if (++$n > self::ALL) {
                return [$field, Say::it('refused.too-much-at'), 422];
            }
            $said = match (true) {
                is_array($value) => self::complaint($value, $field, $n),
                is_float($value) && ! is_finite($value) => [$field, Say::it('refused.number-too-large'), 422],
                is_string($value) && ! mb_check_encoding($value, 'UTF-8') => [$field, Say::it('refused.cannot-read-send'), 422],
                is_string($value) && self::hasControls($value, (string) $key) => [$field, Say::it('refused.there-character-cannot'), 422],
                default => null,
            };
            if ($said !== null) {
                return $said;
            }
        }

        return null;
    }

    /**
     * In the address each name has one value.
     *
     * @param  array<array-key, mixed>  $query
     * @return array{string, string, int}|null
     */
    private static function several(array $query): ?array
    {
        foreach ($query as $name => $value) {
            if (is_array($value)) {
                return [(string) $name, Say::it('refused.write-one-value'), 422];
            }
        }

        return null;
    }

    /** Control characters, and those that turn the direction of writing about. */
    private static function hasControls(string $text, string $key): bool
    {
        return preg_match(
            in_array($key, self::TEXTS, true) || ctype_digit($key)
                ? '/(?![\t\n\r])\p{Cc}|[\x{202A}-\x{202E}\x{2066}-\x{2069}]/u'
                : '/\p{Cc}|[\x{202A}-\x{202E}\x{2066}-\x{2069}\x{2028}\x{2029}]/u',
            trim($text),
        ) === 1;
    }

    /**
     * @param  array<array-key, mixed>  $data
     * @return array<array-key, mixed>
     */
    private static function readable(array $data): array
    {
        foreach ($data as $key => $value) {
            $data[$key] = match (true) {
                is_array($value) => self::readable($value),
                // Words keep their own writing; whoever reads numbers in them does the same there.
                is_string($value) && ! in_array($key, self::WORDS, true) => Digits::western($value),
                default => $value,
            };
        }

        return $data;
    }
}

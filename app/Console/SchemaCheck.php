<?php

declare(strict_types=1);

namespace App\Console;

use App\Exceptions\BadFile;
use Opis\JsonSchema\Errors\ErrorFormatter;
use Opis\JsonSchema\Errors\ValidationError;
use Opis\JsonSchema\Helper;
use Opis\JsonSchema\Validator;

/**
 * Holds what is read against the published schema of its format. Core's readers speak first and better; this is the net
 * that keeps them and docs/formats of one mind.
 */
final class SchemaCheck
{
    /**
     * @param  string  $format  as in `nebbia.recipe-1`
     *
     * @throws BadFile naming the first field that is off
     */
    public function check(mixed $data, string $format): void
    {
        $error = $this->firstError($data, $format);
        if ($error !== null) {
            throw BadFile::notBySchema(implode('.', array_map(
                static fn (mixed $part): string => is_scalar($part) ? (string) $part : '', $error->data()->fullPath(),
            )), (new ErrorFormatter)->formatErrorMessage($error));
        }
    }

    public function firstError(mixed $data, string $format): ?ValidationError
    {
        $schema = (string) file_get_contents(base_path("docs/formats/$format.schema.json"));
        $error = (new Validator)->validate(Helper::toJSON($data), $schema)->error();
        while ($error !== null && $error->subErrors() !== []) {
            $error = $error->subErrors()[0];
        }

        return $error;
    }
}

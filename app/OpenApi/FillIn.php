<?php

declare(strict_types=1);

namespace App\OpenApi;

use App\Http\Requests\TypedRequest;
use OpenApi\Analysis;
use OpenApi\Annotations as OA;
use OpenApi\Generator;

/**
 * Adds what every operation and schema has without saying so: path parameters, the usual failures, and that a resource
 * always carries all of its fields.
 */
final class FillIn
{
    public function __invoke(Analysis $analysis): void
    {
        $this->fillRequests($analysis);
        foreach ($analysis->getAnnotationsOfType(OA\Schema::class) as $schema) {
            if ($schema instanceof OA\Schema && $schema->required === Generator::UNDEFINED && is_array($schema->properties)) {
                $schema->required = array_map(static fn (OA\Property $property): string => $property->property, $schema->properties);
            }
        }
        foreach ($analysis->getAnnotationsOfType(OA\Operation::class) as $operation) {
            if ($operation instanceof OA\Operation) {
                $this->fillOperation($operation);
            }
        }
    }

    private function fillRequests(Analysis $analysis): void
    {
        foreach ($analysis->getAnnotationsOfType(OA\Schema::class) as $schema) {
            $context = $schema->_context;
            $class = $context === null || ! is_string($context->class) ? '' : ltrim($context->fullyQualifiedName($context->class), '\\');
            if (
                ! ($schema instanceof OA\Schema) ||
                $schema->schema === Generator::UNDEFINED ||
                $schema->properties !== Generator::UNDEFINED ||
                ! is_subclass_of($class, TypedRequest::class)
            ) {
                continue;
            }
            $drawn = new RequestSchema($class, $context);
            $schema->type = 'object';
            $schema->required = $schema->required === Generator::UNDEFINED ? $drawn->required() : $schema->required;
            $schema->properties = $drawn->properties();
            if ($analysis->openapi !== null) {
                array_push($analysis->openapi->components->schemas, ...$drawn->parts());
            }
        }
    }

    private function fillOperation(OA\Operation $operation): void
    {
        preg_match_all('/\{(\w+)\}/', $operation->path, $names);
        $parameters = is_array($operation->parameters) ? $operation->parameters : [];
        foreach ($names[1] as $name) {
            $parameters[] = new OA\PathParameter(['name' => $name, 'required' => true, 'schema' => new OA\Schema(['type' => 'string'])]);
        }
        if ($parameters !== []) {
            $operation->parameters = $parameters;
        }
        $failures = $names[1] === [] ? [] : [404 => '#/components/schemas/Failure'];
        if ($operation->method !== 'get') {
            $failures += [409 => '#/components/schemas/Stale', 422 => '#/components/schemas/Invalid'];
        }
        $responses = is_array($operation->responses) ? $operation->responses : [];
        foreach ($failures as $status => $ref) {
            $responses[] = new OA\Response([
                'response' => $status,
                'description' => 'Refused',
                'content' => [
                    'application/json' => new OA\MediaType(['mediaType' => 'application/json', 'schema' => new OA\Schema(['ref' => $ref])]),
                ],
            ]);
        }
        $operation->responses = $responses;
    }
}

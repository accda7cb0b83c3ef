<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\OpenApi\FillIn;
use Illuminate\Console\Command;
use OpenApi\Generator;

/** Writes docs/openapi.json from the attributes on controllers, requests and resources. */
final class OpenApiCommand extends Command
{
    protected $signature = 'nebbia:openapi {--to= : another file than docs/openapi.json}';

    protected $description = 'Write the OpenAPI document';

    public function handle(): int
    {
        $generator = (new Generator)->setVersion('3.1.0');
        $generator->addProcessor(new FillIn);
        $document = $generator->generate([app_path()])?->toJson(JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE);
        $to = $this->option('to');
        file_put_contents(is_string($to) ? $to : base_path('docs/openapi.json'), $document."\n");

        return self::SUCCESS;
    }
}

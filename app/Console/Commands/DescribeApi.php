<?php

declare(strict_types=1);

namespace App\Console\Commands;

use Illuminate\Console\Command;
use OpenApi\Annotations\Schema;
use OpenApi\Generator;

final class DescribeApi extends Command
{
    protected $signature = 'marrow:openapi {--check : fail when docs/openapi.json is stale instead of writing it}';

    protected $description = 'Write the OpenAPI document of the HTTP API from the PHP code';

    public function handle(): int
    {
        $path = base_path('docs/openapi.json');
        $document = self::document();
        if ($this->option('check')) {
            if (! is_file($path) || file_get_contents($path) !== $document) {
                $this->error('docs/openapi.json is stale: run bin/types.');

                return self::FAILURE;
            }

            return self::SUCCESS;
        }
        file_put_contents($path, $document);
        $this->info('docs/openapi.json is written.');

        return self::SUCCESS;
    }

    private static function document(): string
    {
        $api = Generator::scan([app_path('Http'), app_path('Reckoners')], ['validate' => true]);
        assert($api !== null);
        $schemas = is_array($api->components->schemas) ? $api->components->schemas : [];
        foreach ($schemas as $schema) {
            // Our documents always carry all of their fields; only requests may leave some out.
            if ($schema instanceof Schema && str_ends_with($schema->schema, 'Document') && is_array($schema->properties)) {
                $schema->required = array_map(static fn ($property): string => $property->property, $schema->properties);
            }
        }

        return $api->toJson()."\n";
    }
}

<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Documents\FieldSchemas;
use App\Sheet\SectionDocument;
use Illuminate\Console\Command;
use LogicException;
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
        $api = Generator::scan([app_path('Http'), app_path('Documents'), app_path('Reckoners'), app_path('Steps')], ['validate' => false]);
        assert($api !== null);
        $schemas = is_array($api->components->schemas) ? $api->components->schemas : [];
        $sections = [];
        foreach ($schemas as $schema) {
            if (! $schema instanceof Schema) {
                continue;
            }
            // Our documents always carry all of their fields; only requests may leave some out.
            if (str_ends_with($schema->schema, 'Document') && is_array($schema->properties)) {
                $schema->required = array_map(static fn ($property): string => $property->property, $schema->properties);
            }
            if (self::isSection($schema)) {
                $sections[] = ['$ref' => "#/components/schemas/$schema->schema"];
            }
        }
        /** @var array<string, mixed> $document */
        $document = json_decode($api->toJson(), true, flags: JSON_THROW_ON_ERROR);
        $components = is_array($document['components'] ?? null) ? $document['components'] : [];
        $known = is_array($components['schemas'] ?? null) ? $components['schemas'] : [];
        $document['components'] = [...$components, 'schemas' => [...$known, 'SheetSection' => ['oneOf' => $sections], ...FieldSchemas::all()]];

        array_walk_recursive($document, static function (mixed $value, string|int $key): void {
            // An answer that no folder below was scanned for stays a bare class name.
            if ($key === '$ref' && is_string($value) && ! str_starts_with($value, '#/')) {
                throw new LogicException("$value is answered with but not described.");
            }
        });

        return json_encode($document, JSON_THROW_ON_ERROR | JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE)."\n";
    }

    private static function isSection(Schema $schema): bool
    {
        $context = $schema->_context;
        $class = $context?->fullyQualifiedName($context->class) ?? '';

        return is_subclass_of(ltrim($class, '\\'), SectionDocument::class);
    }
}

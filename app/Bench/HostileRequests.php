<?php

declare(strict_types=1);

namespace App\Bench;

use GuzzleHttp\Psr7\Request;

/**
 * Requests for every route of the API's own description, each with something in it that does not belong there. What is
 * not hostile in one is as it should be, so that the hostile part gets as far as it can.
 *
 * @phpstan-type Schema array<array-key, mixed>
 */
final class HostileRequests
{
    /** @var list<array{string, string, Schema}> method, path, operation */
    private readonly array $operations;

    /**
     * @param  Schema  $api  the OpenAPI document
     * @param  array<string, list<string>>  $known  real values for the parts of addresses and for ids, by name
     * @param  list<string>  $without  operations that are left out, by their ids
     */
    public function __construct(private readonly array $api, private readonly array $known, private readonly Hostile $hostile, array $without = [])
    {
        $operations = [];
        foreach (self::in($api, 'paths') as $path => $methods) {
            foreach (is_array($methods) ? $methods : [] as $method => $operation) {
                if (is_array($operation) && in_array($method, ['get', 'post', 'put'], true) && ! in_array($operation['operationId'] ?? '', $without, true)) {
                    $operations[] = [strtoupper($method), (string) $path, $operation];
                }
            }
        }
        $this->operations = $operations;
    }

    public function count(): int
    {
        return count($this->operations);
    }

    public function next(int $number): Request
    {
        [$method, $path, $operation] = $this->operations[$number % count($this->operations)];
        $address = (string) preg_replace_callback('/\{(\w+)}/', fn (array $part): string => $this->part($part[1]), $path).$this->query($operation);
        $schema = data_get($operation, 'requestBody.content.application/json.schema') ?? self::in(self::in(self::in(self::in($operation, 'requestBody'), 'content'), 'application/json'), 'schema');
        $body = '';
        if ($method !== 'GET') {
            $body = $this->hostile->onceIn(8) ? $this->hostile->body() : (string) json_encode($this->made(is_array($schema) ? $schema : [], 'body', 0), JSON_INVALID_UTF8_SUBSTITUTE | JSON_PARTIAL_OUTPUT_ON_ERROR);
        }
        $headers = ['Accept' => 'application/json'];
        if ($method !== 'GET') {
            $headers['Content-Type'] = $this->hostile->onceIn(40) ? 'text/plain; a=/json' : 'application/json';
        }

        return new Request($method, 'api'.$address, $headers, $body);
    }

    private function part(string $name): string
    {
        $known = $this->known[$name] ?? [];

        return $known === [] || $this->hostile->onceIn(3) ? $this->hostile->address() : $this->hostile->one($known);
    }

    /** @param  Schema  $operation */
    private function query(array $operation): string
    {
        $query = [];
        foreach (self::in($operation, 'parameters') as $parameter) {
            $parameter = is_array($parameter) ? $this->resolved($parameter) : [];
            $name = $parameter['name'] ?? null;
            if (($parameter['in'] ?? null) !== 'query' || ! is_string($name) || $this->hostile->onceIn(3)) {
                continue;
            }
            $query[] = match (true) {
                $name === 'inputs' => sprintf('inputs[%s]=%s', $this->hostile->one(['temperature', 'plants', 'germinated', 'sown', 'moisture', 'crop', 'masses', '', '0']), $this->hostile->address()),
                $this->hostile->onceIn(5) => $name.'[]='.$this->hostile->address(),
                default => "$name=".$this->hostile->address(),
            };
        }

        return $query === [] ? '' : '?'.implode('&', $query);
    }

    /** @param  Schema  $schema */
    private function made(array $schema, string $name, int $depth): mixed
    {
        $schema = $this->resolved($schema);
        if ($depth > 0 && $this->hostile->onceIn(14)) {
            return $this->hostile->value();
        }
        $known = $this->known[$name] ?? [];
        if ($known !== []) {
            return $this->hostile->one($known);
        }
        // Of something that there is, so that what is said of it is read at all.
        $subject = $this->hostile->one(['lot', 'planting']);
        if ($name === 'about' && ($this->known[$subject] ?? []) !== []) {
            return ['subject' => $subject, 'id' => $this->hostile->one($this->known[$subject])];
        }
        $any = self::in($schema, 'anyOf');
        if ($any !== []) {
            $one = $this->hostile->one(array_values($any));

            return $this->made(is_array($one) ? $one : [], $name, $depth);
        }
        $enum = self::in($schema, 'enum');
        if ($enum !== []) {
            return $this->hostile->one(array_values($enum));
        }
        $type = $schema['type'] ?? 'object';
        if ($depth > 6) {
            return null;
        }

        return match (is_array($type) ? ($type[0] ?? '') : $type) {
            'array' => array_map(fn (): mixed => $this->made(self::in($schema, 'items'), $name, $depth + 1), range(1, $this->hostile->onceIn(3) ? 2 : 1)),
            'object' => $this->properties($schema, $depth),
            'integer', 'number' => is_numeric($schema['minimum'] ?? null) ? $schema['minimum'] : 2,
            'boolean' => $this->hostile->onceIn(2),
            default => ($schema['format'] ?? null) === 'uuid' ? self::uuid($this->hostile) : 'A text',
        };
    }

    /**
     * @param  Schema  $schema
     * @return array<string, mixed>|object
     */
    private function properties(array $schema, int $depth): array|object
    {
        $made = [];
        foreach (self::in($schema, 'properties') as $key => $property) {
            // Now and then something is missing.
            if (! $this->hostile->onceIn(25)) {
                $made[(string) $key] = $this->made(is_array($property) ? $property : [], (string) $key, $depth + 1);
            }
        }

        $kind = $made['kind'] ?? null;
        if (is_string($kind) && isset($made['payload']) && ! $this->hostile->onceIn(10)) {
            // The payload of that kind, not of another.
            $made['payload'] = $this->made(['$ref' => '#/components/schemas/Entry'.str_replace('_', '', ucwords($kind, '_'))], 'payload', $depth + 1);
            unset($made['replaces'], $made['begins']);
        }

        return $made === [] ? (object) [] : $made;
    }

    /**
     * @param  Schema  $schema
     * @return Schema
     */
    private function resolved(array $schema): array
    {
        for ($hops = 0; is_string($schema['$ref'] ?? null) && $hops < 10; $hops++) {
            $found = $this->api;
            foreach (explode('/', substr($schema['$ref'], 2)) as $step) {
                $found = self::in($found, $step);
            }
            $schema = $found;
        }

        return $schema;
    }

    private static function uuid(Hostile $hostile): string
    {
        return sprintf('0190f6a0-0000-7000-8000-%012x', $hostile->one(range(1, 5000)));
    }

    /**
     * @param  Schema  $of
     * @return Schema
     */
    private static function in(array $of, string $key): array
    {
        $found = $of[$key] ?? null;

        return is_array($found) ? $found : [];
    }
}

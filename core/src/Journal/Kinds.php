<?php

declare(strict_types=1);

namespace Marrow\Core\Journal;

use LogicException;

/**
 * Every kind of entry by its name, which is the name of its payload's class: `FirstBloom` is `first_bloom`. So one is had
 * without declaring all the others, which a page that shows three kinds has no use for.
 */
final class Kinds
{
    /** @var array<string, Kind> by name, those that were asked for */
    private array $kinds = [];

    /** @param  array<string, class-string<Payload>>  $payloads  by name */
    private function __construct(private readonly array $payloads) {}

    /** @param  iterable<class-string<Payload>>  $payloads */
    public static function of(iterable $payloads): self
    {
        $byName = [];
        foreach ($payloads as $payload) {
            $byName[self::name($payload)] = $payload;
        }

        return new self($byName);
    }

    /**
     * @return array<string, Kind>
     *
     * @throws LogicException where one has another name than its class
     */
    public function all(): array
    {
        $all = [];
        foreach ($this->payloads as $name => $payload) {
            $all[$name] = $this->declared($name, $payload);
        }

        return $all;
    }

    public function named(string $name): ?Kind
    {
        return isset($this->payloads[$name]) ? $this->declared($name, $this->payloads[$name]) : null;
    }

    /**
     * The kind of a payload's class; declared once however often it is asked for.
     *
     * @param  class-string<Payload>  $payload
     */
    public function kindOf(string $payload): Kind
    {
        $name = self::name($payload);

        return ($this->payloads[$name] ?? null) === $payload ? $this->declared($name, $payload) : $payload::kind();
    }

    /**
     * @param  array<array-key, mixed>  $given
     *
     * @throws \Marrow\Core\Fields\Refused
     */
    public function read(string $name, array $given): Payload
    {
        return $this->declared($name, $this->payloads[$name])->read($this->payloads[$name], $given);
    }

    /** @param  array<array-key, mixed>  $kept */
    public function revive(string $name, array $kept): Payload
    {
        return $this->declared($name, $this->payloads[$name])->revive($this->payloads[$name], $kept);
    }

    /** @param  class-string<Payload>  $payload */
    private function declared(string $name, string $payload): Kind
    {
        $kind = $this->kinds[$name] ??= $payload::kind();

        return $kind->name === $name ? $kind : throw new LogicException("$payload is kept as $kind->name: it must be called as its class is, $name.");
    }

    /** @param  class-string<Payload>  $payload */
    private static function name(string $payload): string
    {
        return strtolower((string) preg_replace('/(?<!^)[A-Z]/', '_$0', substr((string) strrchr($payload, '\\'), 1)));
    }
}

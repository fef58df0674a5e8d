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
    /** @var array<string, class-string<Payload>>|null by name */
    private ?array $payloads = null;

    /** @param  iterable<class-string<Payload>>  $given */
    private function __construct(private readonly iterable $given) {}

    /** @param  iterable<class-string<Payload>>  $payloads  gone through when one is first asked for by its name */
    public static function of(iterable $payloads): self
    {
        return new self($payloads);
    }

    /**
     * @return array<string, Kind>
     *
     * @throws LogicException where one has another name than its class
     */
    public function all(): array
    {
        $all = [];
        foreach ($this->payloads() as $name => $payload) {
            $all[$name] = $this->declared($name, $payload);
        }

        return $all;
    }

    public function named(string $name): ?Kind
    {
        $payload = $this->payloads()[$name] ?? null;

        return $payload === null ? null : $this->declared($name, $payload);
    }

    /**
     * @param  array<array-key, mixed>  $given
     *
     * @throws \Marrow\Core\Fields\Refused
     */
    public function read(string $name, array $given): Payload
    {
        $payload = $this->payloads()[$name];

        return $this->declared($name, $payload)->read($payload, $given);
    }

    /** @param  array<array-key, mixed>  $kept */
    public function revive(string $name, array $kept): Payload
    {
        $payload = $this->payloads()[$name];

        return $this->declared($name, $payload)->revive($payload, $kept);
    }

    /** @return array<string, class-string<Payload>> by name */
    public function payloads(): array
    {
        if ($this->payloads === null) {
            $this->payloads = [];
            foreach ($this->given as $payload) {
                $this->payloads[self::name($payload)] = $payload;
            }
        }

        return $this->payloads;
    }

    /** @param  class-string<Payload>  $payload */
    private function declared(string $name, string $payload): Kind
    {
        $kind = Kind::declared($payload);

        return $kind->name === $name ? $kind : throw new LogicException("$payload is kept as $kind->name: it must be called as its class is, $name.");
    }

    /** The step of the work that a kind is of, as its folder is called; empty of one that is not known. */
    public function step(string $name): string
    {
        return self::stepOf($this->payloads()[$name] ?? '');
    }

    /** @param  string  $payload  class of it */
    public static function stepOf(string $payload): string
    {
        return array_slice(explode('\\', $payload), -2, 1)[0] ?? '';
    }

    private static function name(string $payload): string
    {
        return strtolower((string) preg_replace('/(?<!^)[A-Z]/', '_$0', substr((string) strrchr($payload, '\\'), 1)));
    }
}

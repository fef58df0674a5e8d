<?php

declare(strict_types=1);

namespace Marrow\Core\Journal;

/** Every kind of entry by its name. */
final readonly class Kinds
{
    /**
     * @param  array<string, Kind>  $kinds  by name
     * @param  array<string, class-string<Payload>>  $payloads  by name
     */
    private function __construct(private array $kinds, private array $payloads) {}

    /** @param  iterable<class-string<Payload>>  $payloads */
    public static function of(iterable $payloads): self
    {
        $kinds = [];
        $byName = [];
        foreach ($payloads as $payload) {
            $kind = $payload::kind();
            $kinds[$kind->name] = $kind;
            $byName[$kind->name] = $payload;
        }

        return new self($kinds, $byName);
    }

    /** @return array<string, Kind> */
    public function all(): array
    {
        return $this->kinds;
    }

    public function named(string $name): ?Kind
    {
        return $this->kinds[$name] ?? null;
    }

    public function kindOf(Payload $payload): Kind
    {
        $name = array_search($payload::class, $this->payloads, true);

        return $this->kinds[is_string($name) ? $name : ''] ?? $payload::kind();
    }

    /**
     * @param  array<array-key, mixed>  $given
     *
     * @throws \Marrow\Core\Fields\Refused
     */
    public function read(string $name, array $given): Payload
    {
        return $this->kinds[$name]->read($this->payloads[$name], $given);
    }

    /** @param  array<array-key, mixed>  $kept */
    public function revive(string $name, array $kept): Payload
    {
        return $this->kinds[$name]->revive($this->payloads[$name], $kept);
    }
}

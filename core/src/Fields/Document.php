<?php

declare(strict_types=1);

namespace Marrow\Core\Fields;

/** Something larger than a form, read part by part: what is refused says by its path where it stands. */
final readonly class Document
{
    /** @param  array<array-key, mixed>  $given */
    public function __construct(private array $given, private string $path = '') {}

    /** @throws Refused */
    public function read(FieldList $fields): Values
    {
        try {
            return $fields->read($this->given);
        } catch (Refused $refused) {
            throw $refused->within($this->path);
        }
    }

    /** @throws Refused */
    public function part(string $key): self
    {
        $given = $this->given[$key] ?? [];

        return is_array($given) ? new self($given, $this->at($key)) : throw $this->refused($key, 'This cannot be read.');
    }

    /**
     * @return list<self>
     *
     * @throws Refused
     */
    public function several(string $key, int $most): array
    {
        $given = $this->given[$key] ?? [];
        if (! is_array($given) || ! array_is_list($given)) {
            throw $this->refused($key, 'A list is needed here.');
        }
        if (count($given) > $most) {
            throw $this->refused($key, "At most $most are possible here.");
        }
        $several = [];
        foreach ($given as $i => $one) {
            $several[] = is_array($one) ? new self($one, $this->at("$key.$i")) : throw $this->refused("$key.$i", 'This cannot be read.');
        }

        return $several;
    }

    public function has(string $key): bool
    {
        return array_key_exists($key, $this->given);
    }

    public function refused(string $key, string $message): Refused
    {
        return Refused::at($this->at($key), $message);
    }

    private function at(string $key): string
    {
        return $this->path === '' ? $key : $this->path.'.'.$key;
    }
}

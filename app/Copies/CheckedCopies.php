<?php

declare(strict_types=1);

namespace App\Copies;

/**
 * What was found in copies when they were checked: a copy is never written again, and reading the whole of each costs a
 * hundred times the list. Kept in the folder, by name, size and when it was written; what does not match is checked anew.
 */
final class CheckedCopies
{
    private const FILE = '/checked.json';

    /** @var array<string, array{of: string, garden: string, entries: int, lots: int, recordedAt: string, migrations: list<string>, bytes: int, photographs: int}> */
    private array $found = [];

    private bool $isNew = false;

    public function __construct(private readonly string $folder)
    {
        $kept = json_decode((string) @file_get_contents($folder.self::FILE), true);
        foreach (is_array($kept) ? $kept : [] as $name => $found) {
            if (is_string($name) && self::isFinding($found)) {
                $this->found[$name] = $found;
            }
        }
    }

    /** @throws CopyFailed */
    public function copy(string $file): Copy
    {
        clearstatcache(true, $file);
        $of = @filesize($file).' '.@filemtime($file).' '.@fileinode($file);
        $known = $this->found[basename($file)] ?? null;
        if ($known !== null && $known['of'] === $of) {
            return new Copy($file, $known['garden'], $known['entries'], $known['lots'], $known['recordedAt'], $known['migrations'], $known['bytes'], $known['photographs']);
        }
        $copy = Copy::in($file);
        $this->found[basename($file)] = ['of' => $of, 'garden' => $copy->garden, 'entries' => $copy->entries, 'lots' => $copy->lots, 'recordedAt' => $copy->recordedAt, 'migrations' => $copy->migrations, 'bytes' => $copy->bytes, 'photographs' => $copy->photographs];
        $this->isNew = true;

        return $copy;
    }

    /** For the next time; where it cannot be written they are checked again then. */
    public function keep(): void
    {
        if (! $this->isNew) {
            return;
        }
        $there = array_filter($this->found, fn (string $name): bool => is_file("$this->folder/$name"), ARRAY_FILTER_USE_KEY);
        $mask = umask(0o077);
        $part = $this->folder.self::FILE.bin2hex(random_bytes(4));
        if (@file_put_contents($part, json_encode($there, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE)) !== false) {
            @rename($part, $this->folder.self::FILE) || @unlink($part);
        }
        umask($mask);
    }

    /** @phpstan-assert-if-true array{of: string, garden: string, entries: int, lots: int, recordedAt: string, migrations: list<string>, bytes: int, photographs: int} $found */
    private static function isFinding(mixed $found): bool
    {
        return is_array($found) && is_string($found['of'] ?? null) && is_string($found['garden'] ?? null) && is_int($found['entries'] ?? null)
            && is_int($found['lots'] ?? null) && is_string($found['recordedAt'] ?? null) && is_array($found['migrations'] ?? null)
            && array_is_list($found['migrations']) && array_filter($found['migrations'], is_string(...)) === $found['migrations'] && is_int($found['bytes'] ?? null) && is_int($found['photographs'] ?? null);
    }
}

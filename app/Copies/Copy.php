<?php

declare(strict_types=1);

namespace App\Copies;

use PDO;
use PDOException;

/** A garden in a file, looked into without changing it. */
final readonly class Copy
{
    /**
     * @param  string  $recordedAt  when the newest entry was recorded; empty where there is none
     * @param  list<string>  $migrations  the changes of its form that it knows
     * @param  int  $photographs  bytes of it that are photographs
     */
    public function __construct(
        public string $file,
        public string $garden,
        public int $entries,
        public int $lots,
        public string $recordedAt,
        public array $migrations,
        public int $bytes,
        public int $photographs = 0,
    ) {}

    /** @throws CopyFailed when it is no whole garden */
    public static function in(string $file): self
    {
        if (! is_file($file) || filesize($file) === 0) {
            throw new CopyFailed(is_file($file) ? 'The file is empty; it holds no garden.' : 'There is no such file.');
        }
        $pdo = new PDO("sqlite:$file", options: [PDO::ATTR_ERRMODE => PDO::ERRMODE_EXCEPTION, PDO::SQLITE_ATTR_OPEN_FLAGS => PDO::SQLITE_OPEN_READONLY]);
        try {
            if (self::one($pdo, 'PRAGMA quick_check') !== 'ok') {
                throw new CopyFailed('The file is damaged.');
            }
            if ((int) self::one($pdo, "SELECT count(*) FROM sqlite_master WHERE type = 'table' AND name IN ('gardens', 'journal_entries', 'lots', 'varieties', 'migrations')") !== 5) {
                throw new CopyFailed('The file holds no garden of Marrow.');
            }
            $migrations = $pdo->query('SELECT migration FROM migrations ORDER BY migration');

            return new self(
                $file,
                self::one($pdo, 'SELECT name FROM gardens LIMIT 1'),
                (int) self::one($pdo, 'SELECT count(*) FROM journal_entries'),
                (int) self::one($pdo, 'SELECT count(*) FROM lots'),
                self::one($pdo, "SELECT coalesce(max(recorded_at), '') FROM journal_entries"),
                $migrations === false ? [] : array_values(array_map(strval(...), $migrations->fetchAll(PDO::FETCH_COLUMN))),
                (int) filesize($file),
                // A garden of an older program has none.
                self::one($pdo, "SELECT 1 FROM sqlite_master WHERE type = 'table' AND name = 'photographs'") === '1' ? (int) self::one($pdo, 'SELECT coalesce(sum(size), 0) FROM photographs') : 0,
            );
        } catch (PDOException $e) {
            throw new CopyFailed(in_array($e->errorInfo[1] ?? 0, [11, 26], true)
                ? 'The file is damaged, or no garden of Marrow.'
                : 'The file cannot be read: see whether there is room on the disk, and whether it may be read.', previous: $e);
        }
    }

    private static function one(PDO $pdo, string $query): string
    {
        $found = $pdo->query($query);
        $value = $found === false ? null : $found->fetchColumn();

        return is_scalar($value) ? (string) $value : '';
    }
}

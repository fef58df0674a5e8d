<?php

declare(strict_types=1);

namespace App\Copies;

use App\Clock;
use Illuminate\Support\Facades\DB;
use Throwable;

/** Copies of the whole garden: made while it is in use, checked before they count, and gone back to. */
final readonly class Copies
{
    private const DAILY = 7;

    private const WEEKLY = 5;

    private const MONTHLY = 12;

    public function __construct(private Clock $clock) {}

    /** Where the copies lie that are made by themselves; empty where none are made. */
    public function folder(): string
    {
        return config()->string('marrow.copies');
    }

    /**
     * Written aside, checked, and only then moved into place: what bears the name of a copy is one.
     *
     * @throws CopyFailed
     */
    public function take(string $file): Copy
    {
        if (file_exists($file)) {
            throw new CopyFailed('There is a file of that name already. It was not touched; give another name.');
        }
        if (! is_dir(dirname($file)) || ! is_writable(dirname($file))) {
            throw new CopyFailed('Nothing can be written in '.dirname($file).'.');
        }
        $part = "$file.part".bin2hex(random_bytes(4));
        $umask = umask(0o077);
        try {
            $entries = DB::table('journal_entries')->count();
            DB::statement('VACUUM INTO ?', [$part]);
            $copy = Copy::in($part);
            // What was recorded meanwhile is in it or not; what was there before must be.
            if ($copy->entries < $entries) {
                throw new CopyFailed('The copy came out incomplete, and was thrown away.');
            }
            self::onDisk($part);
            if (! rename($part, $file)) {
                throw new CopyFailed('The copy could not be moved into its place.');
            }
        } catch (CopyFailed $failed) {
            throw $failed;
        } catch (Throwable $e) {
            throw new CopyFailed(str_contains($e->getMessage(), 'full') ? 'The disk is full; there is no room for a copy.' : 'The garden could not be copied: its file cannot be read, or the copy cannot be written.', previous: $e);
        } finally {
            umask($umask);
            @unlink($part);
        }

        return Copy::in($file);
    }

    /** @return list<Copy> those that lie in the folder, newest first; what is no whole garden is left out */
    public function all(): array
    {
        $checked = new CheckedCopies($this->folder());
        $copies = [];
        $files = $this->folder() === '' ? [] : (glob($this->folder().'/garden-*.sqlite') ?: []);
        usort($files, static fn (string $a, string $b): int => strnatcmp(basename($b, '.sqlite'), basename($a, '.sqlite')));
        foreach ($files as $file) {
            try {
                $copies[] = $checked->copy($file);
            } catch (CopyFailed) {
                continue;
            }
        }
        $checked->keep();

        return $copies;
    }

    /** @throws CopyFailed */
    public function named(string $name): Copy
    {
        $file = $this->folder()."/garden-$name.sqlite";

        return $this->folder() !== '' && preg_match('/^\d{4}-\d{2}-\d{2}((-before)?-\d{6}(-\d{1,3})?)?$/', $name) === 1 && is_file($file)
            ? Copy::in($file)
            : throw new CopyFailed('There is no such copy.');
    }

    public static function nameOf(Copy $copy): string
    {
        return substr(basename($copy->file, '.sqlite'), strlen('garden-'));
    }

    /**
     * How many entries the garden holds that a copy lacks: what going back to it would lose.
     *
     * @return int|null null when the garden itself cannot be read
     */
    public function lostBy(Copy $copy): ?int
    {
        try {
            DB::statement('ATTACH DATABASE ? AS copy', [$copy->file]);
            try {
                $lost = DB::selectOne('SELECT count(*) AS n FROM main.journal_entries e WHERE NOT EXISTS (SELECT 1 FROM copy.journal_entries c WHERE c.id = e.id)');

                return is_object($lost) && isset($lost->n) && is_numeric($lost->n) ? (int) $lost->n : null;
            } finally {
                DB::statement('DETACH DATABASE copy');
            }
        } catch (Throwable) {
            return null;
        }
    }

    /** The copy of a day, and what need no longer be kept of those before. */
    public function daily(): Copy
    {
        $file = sprintf('%s/garden-%s.sqlite', $this->madeFolder(), $this->clock->now()->format('Y-m-d'));
        $copy = is_file($file) ? Copy::in($file) : $this->take($file);
        $this->prune();
        $this->sweep($this->folder());

        return $copy;
    }

    /** A copy of a moment, because somebody asked for it. */
    public function now(): Copy
    {
        return $this->take($this->freeName($this->madeFolder(), 'Y-m-d-His'));
    }

    /**
     * A name that no copy bears yet, of this moment.
     *
     * @param  string  $form  of the moment, as date() has it
     */
    public function freeName(string $folder, string $form): string
    {
        $name = sprintf('%s/garden-%s', $folder, $this->clock->now()->format($form));
        for ($n = 1, $free = $name; glob("$free.sqlite*") !== []; $free = "$name-".(++$n));

        return "$free.sqlite";
    }

    /** Half-made copies that somebody's end left: nobody is at work on what is an hour old. */
    public function sweep(string $folder, int $olderThan = 3600): void
    {
        foreach (glob("$folder/*.sqlite.part*") ?: [] as $part) {
            if (time() - (int) @filemtime($part) >= $olderThan) {
                @unlink($part);
            }
        }
    }

    /** @throws CopyFailed */
    private function madeFolder(): string
    {
        $folder = $this->folder();
        if ($folder === '') {
            throw new CopyFailed('No folder is named for copies.');
        }

        return is_dir($folder) || @mkdir($folder, 0o700, true) ? $folder : throw new CopyFailed("The folder for copies, $folder, cannot be made.");
    }

    /** Seven days, five weeks and twelve months are kept, the first copy of each; what a keeper asked for stays. */
    private function prune(): void
    {
        $keep = [];
        $spans = ['Y-m-d' => self::DAILY, 'o-W' => self::WEEKLY, 'Y-m' => self::MONTHLY];
        $days = [];
        foreach (glob($this->folder().'/garden-????-??-??.sqlite') ?: [] as $file) {
            $days[substr(basename($file), 7, 10)] = $file;
        }
        ksort($days);
        foreach ($spans as $span => $most) {
            $firsts = [];
            foreach (array_keys($days) as $day) {
                $firsts[(new \DateTimeImmutable($day))->format($span)] ??= $day;
            }
            $keep += array_flip(array_slice(array_values($firsts), -$most));
        }
        foreach (array_diff_key($days, $keep) as $file) {
            unlink($file);
        }
    }

    /** What the name of a copy stands for is on the disk before it gets that name. */
    public static function onDisk(string $file): void
    {
        $handle = fopen($file, 'r+');
        if ($handle === false || ! fsync($handle)) {
            throw new CopyFailed('The copy could not be written to the disk.');
        }
        fclose($handle);
    }
}

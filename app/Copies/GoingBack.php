<?php

declare(strict_types=1);

namespace App\Copies;

use App\Garden\SchemaAge;
use App\Models\Gate;
use App\Models\GateShut;
use App\Models\Marks;
use Illuminate\Contracts\Events\Dispatcher;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use SQLite3;
use Throwable;

/**
 * Puts a copy in the place of the garden, whatever state that is in: the whole of it or nothing, with nobody else in the
 * garden from before it is looked at until it is ready again. So what was confirmed before is in what is kept of it, and
 * what is confirmed after is in the garden as it stands then.
 */
final readonly class GoingBack
{
    public function __construct(private Copies $copies, private Dispatcher $events) {}

    /**
     * @param  ?int  $told  how many entries whoever asks was told that it lacks, -1 when nobody could say; null when nothing was told
     * @param  bool  $mayForget  whether those who were forgotten since are forgotten again
     * @return string what was done, said
     *
     * @throws CopyFailed and then nothing was changed
     */
    public function to(Copy $copy, ?int $told = null, bool $mayForget = true): string
    {
        $garden = config()->string('database.connections.sqlite.database');
        DB::purge();
        try {
            return Gate::shut($garden, function () use ($garden, $copy, $told, $mayForget): string {
                $this->sweep($garden);
                // However it was listed: what is put in place was read to its end just now.
                $copy = Copy::in($copy->file);
                if (SchemaAge::holdsUnknown($copy->migrations)) {
                    throw new CopyFailed(SchemaAge::NEWER);
                }
                $stands = GardenFile::in($garden);
                if ($told !== null && $told !== ($stands === GardenFile::Sound ? self::lacks($copy, $garden) : -1)) {
                    throw new Meanwhile;
                }
                $forgotten = $this->forgotten($stands === GardenFile::Sound ? $garden : '');
                $kept = in_array($stands, [GardenFile::Sound, GardenFile::Other], true) ? $this->within($garden, $copy->file) : $this->over($garden, $copy->file);

                return implode(' ', array_filter([
                    'The garden is as it was in the copy.',
                    $kept === '' ? '' : 'What stood there before is kept as '.basename($kept).'.',
                    ...$this->putRight($forgotten, $mayForget),
                ]));
            });
        } catch (GateShut $shut) {
            throw new CopyFailed($shut->getMessage(), previous: $shut);
        }
    }

    private static function lacks(Copy $copy, string $garden): int
    {
        $database = GardenFile::open($garden);
        try {
            return self::count($database, $copy);
        } finally {
            $database->close();
        }
    }

    private static function count(SQLite3 $database, Copy $copy): int
    {
        $database->exec("ATTACH DATABASE '".SQLite3::escapeString($copy->file)."' AS copy");
        $lost = $database->querySingle('SELECT count(*) FROM main.journal_entries e WHERE NOT EXISTS (SELECT 1 FROM copy.journal_entries c WHERE c.id = e.id)');
        $database->exec('DETACH DATABASE copy');

        return is_int($lost) ? $lost : 0;
    }

    /**
     * By SQLite's own means into a file that can be read: one transaction, after which the old or the new stands there.
     *
     * @return string where what stood there is kept
     *
     * @throws CopyFailed
     */
    private function within(string $garden, string $copy): string
    {
        $aside = $this->copies->freeName($this->asideFolder($garden), 'Y-m-d-\b\e\f\o\r\e-His');
        $part = "$aside.part";
        $mask = umask(0o077);
        try {
            $to = GardenFile::open($garden);
            // No other program gets between what is kept aside and what takes its place.
            $to->exec('PRAGMA locking_mode = EXCLUSIVE');
            $to->exec('BEGIN EXCLUSIVE');
            $to->exec('COMMIT');
            $to->exec("VACUUM INTO '".SQLite3::escapeString($part)."'");
            if (GardenFile::in($part) === GardenFile::Damaged) {
                throw new CopyFailed('What stands in the garden could not be kept aside whole. Nothing was changed.');
            }
            Copies::onDisk($part);
            if (! rename($part, $aside)) {
                throw new CopyFailed('What stands in the garden could not be kept aside. Nothing was changed.');
            }
            try {
                $to->exec('PRAGMA synchronous = FULL');
                self::pour($copy, $to);
            } catch (Throwable $e) {
                @unlink($aside);

                throw $e;
            } finally {
                $to->close();
            }
        } catch (CopyFailed $failed) {
            throw $failed;
        } catch (Throwable $e) {
            throw new CopyFailed(self::why($e), previous: $e);
        } finally {
            umask($mask);
            @unlink($part);
        }

        return $aside;
    }

    /** @throws CopyFailed|\Exception */
    private static function pour(string $copy, SQLite3 $to): void
    {
        $from = new SQLite3($copy, SQLITE3_OPEN_READONLY);
        $from->enableExceptions(true);
        try {
            if (! $from->backup($to)) {
                throw new CopyFailed('The copy could not be put in place: '.$to->lastErrorMsg().'. Nothing was changed.');
            }
        } finally {
            $from->close();
        }
    }

    /**
     * In the place of ruins, or of nothing: made beside it first, so that all that is left to do is to change names.
     *
     * @return string where what stood there is kept; empty where nothing did
     *
     * @throws CopyFailed
     */
    private function over(string $garden, string $copy): string
    {
        $new = "$garden.part";
        $mask = umask(0o077);
        try {
            if (! is_dir(dirname($garden)) || ! @copy($copy, $new)) {
                throw new CopyFailed('The copy cannot be put in place: there is no room on the disk, or nothing can be written there. Nothing was changed.');
            }
            Copies::onDisk($new);
            Copy::in($new);
            $aside = $this->copies->freeName($this->asideFolder($garden), 'Y-m-d-\b\e\f\o\r\e-His').'.damaged';
            $kept = '';
            // What belongs to the old file must not lie beside the new one.
            foreach (['-wal', '-shm', ''] as $of) {
                if (is_file($garden.$of) && filesize($garden.$of) > 0) {
                    if (! @rename($garden.$of, $aside.$of)) {
                        throw new CopyFailed('The damaged garden could not be moved out of the way. Nothing was thrown away.');
                    }
                    $kept = $of === '-shm' ? $kept : $aside;
                } else {
                    @unlink($garden.$of);
                }
            }
        } catch (CopyFailed $failed) {
            @unlink($new);

            throw $failed;
        } finally {
            umask($mask);
        }
        // What is whole is not thrown away for want of a name.
        if (! @rename($new, $garden)) {
            throw new CopyFailed('The copy could not be put in place. It lies beside the garden as '.basename($new).'.');
        }

        return $kept;
    }

    /**
     * What need be done in the garden as it stands now, before anybody sees it.
     *
     * @param  array<string, string>  $forgotten  marks of those who were forgotten, with their days
     * @return list<string> sentences
     */
    private function putRight(array $forgotten, bool $mayForget): array
    {
        try {
            return Gate::within(function () use ($forgotten, $mayForget): array {
                DB::purge();
                $ready = Artisan::call('marrow:ready', ['--later' => true]);
                if ($ready !== 0) {
                    return ['It is not ready yet: '.trim(Artisan::output())];
                }
                foreach ($forgotten as $mark => $day) {
                    Marks::set($mark, $day);
                }
                $back = new GoneBack($mayForget);
                $this->events->dispatch($back);

                return $back->said;
            });
        } catch (Throwable $e) {
            report($e);

            return ['Not everything could be brought up to date in it: start Marrow anew.'];
        } finally {
            // Whoever reads next comes in by the gate.
            DB::purge();
        }
    }

    /**
     * Whoever was forgotten, in the garden or, where that cannot be read, in what was copied of it.
     *
     * @return array<string, string> marks with their days
     */
    private function forgotten(string $garden): array
    {
        $forgotten = [];
        foreach ([...array_map(static fn (Copy $copy): string => $copy->file, $this->copies->all()), ...($garden === '' ? [] : [$garden])] as $file) {
            $forgotten = [...$forgotten, ...Marks::forgottenIn($file)];
        }

        return $forgotten;
    }

    private function asideFolder(string $garden): string
    {
        return $this->copies->folder() === '' || ! is_dir($this->copies->folder()) ? dirname($garden) : $this->copies->folder();
    }

    /** With nobody else in the garden nobody is at work on a copy of it. */
    private function sweep(string $garden): void
    {
        foreach (array_unique([dirname($garden), $this->asideFolder($garden)]) as $folder) {
            $this->copies->sweep($folder, 0);
        }
    }

    private static function why(Throwable $e): string
    {
        return match (true) {
            str_contains($e->getMessage(), 'full') => 'There is no room on the disk to keep what stands in the garden and to put the copy in its place. Nothing was changed.',
            str_contains($e->getMessage(), 'locked'), str_contains($e->getMessage(), 'busy') => 'Another program has the garden open. Close it, and try again; nothing was changed.',
            str_contains($e->getMessage(), 'readonly') => "The garden's file may only be read. Let Marrow write to it and to its folder again; nothing was changed.",
            default => 'The copy could not be put in place. Nothing was changed.',
        };
    }
}

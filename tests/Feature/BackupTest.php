<?php

declare(strict_types=1);

namespace Tests\Feature;

use Illuminate\Support\Facades\Artisan;
use PDO;
use Tests\Support\Keeper;
use Tests\TestCase;

final class BackupTest extends TestCase
{
    public function test_a_copy_holds_every_entry_and_is_never_written_over_another_file(): void
    {
        (new Keeper($this))->storedTomato();
        $file = sys_get_temp_dir().'/marrow-backup-'.bin2hex(random_bytes(6)).'.sqlite';
        try {
            self::assertSame(0, Artisan::call('marrow:backup', ['file' => $file]));
            $copy = new PDO("sqlite:$file");
            $entries = $copy->query('SELECT count(*) FROM journal_entries');
            self::assertNotFalse($entries);
            // Sown, picked, and six steps to the jar.
            self::assertSame(8, $entries->fetchColumn());
            $before = md5_file($file);
            self::assertSame(1, Artisan::call('marrow:backup', ['file' => $file]));
            self::assertSame($before, md5_file($file));
        } finally {
            unlink($file);
        }
        self::assertSame(1, Artisan::call('marrow:backup', ['file' => '/nowhere/at/all.sqlite']));
    }

    public function test_a_new_garden_is_named_once(): void
    {
        Artisan::call('marrow:garden', ['name' => 'Harbour Row']);
        Artisan::call('marrow:garden', ['name' => 'Another']);
        $this->getJson('/api/frame')->assertJsonPath('garden', 'Harbour Row');
    }
}

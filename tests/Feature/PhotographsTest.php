<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Copies\Copy;
use App\Documents\CopyDocument;
use App\Garden\PlainJpeg;
use Illuminate\Support\Str;
use Marrow\Core\Fields\Refused;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Support\Keeper;
use Tests\TestCase;

/** Photographs of plants: kept small, and without a word of what the camera wrote beside them. */
final class PhotographsTest extends TestCase
{
    public function test_nothing_is_kept_but_what_draws_it(): void
    {
        $exif = self::segment(0xE1, "Exif\0\0GPS 51.2 N 1.1 E");
        $told = self::jpeg($exif, self::segment(0xFE, 'taken by Ines'), self::segment(0xE2, 'a smaller picture'));
        $plain = PlainJpeg::of($told)->bytes;
        self::assertSame(self::jpeg(), $plain);
        self::assertStringNotContainsString('GPS', $plain);
        self::assertSame($plain, PlainJpeg::of($plain)->bytes, 'once it is plain it stays as it is');
        // What stands behind its end goes, too, and so does what stands between two scans.
        self::assertSame($plain, PlainJpeg::of("{$told}GPS behind")->bytes);
        $twice = substr(self::jpeg(), 0, -2).$exif.self::segment(0xDA, 'scan')."more\xFF\x00\xFF\xD3drawn\xFF\xD9";
        self::assertSame(str_replace($exif, '', $twice), PlainJpeg::of($twice)->bytes);
    }

    /** @return iterable<string, array{string, string}> */
    public static function refused(): iterable
    {
        yield 'nothing' => ['', 'This is no photograph that can be read.'];
        yield 'a word' => ['picture', 'This is no photograph that can be read.'];
        yield 'cut off' => [substr(self::jpeg(), 0, 20), 'This is no photograph that can be read.'];
        yield 'without an end' => [substr(self::jpeg(), 0, -2), 'This is no photograph that can be read.'];
        yield 'a segment longer than it all' => ["\xFF\xD8\xFF\xDB\xFF\xFFtable", 'This is no photograph that can be read.'];
        yield 'no frame' => ["\xFF\xD8".self::segment(0xDA, 'scan')."drawn\xFF\xD9", 'This is no photograph that can be read.'];
        yield 'too many pixels' => [self::jpeg(width: '9000'), 'The photograph is 9000 by 30 pixels; at most 4000 a side are kept.'];
        yield 'too many bytes' => [self::jpeg(self::segment(0xDB, str_repeat('t', 60_000)), self::segment(0xDB, str_repeat('t', 60_000)), self::segment(0xDB, str_repeat('t', 60_000)), self::segment(0xDB, str_repeat('t', 60_000))), 'The photograph is 240 kB; at most 200 kB are kept.'];
    }

    #[DataProvider('refused')]
    public function test_what_is_no_photograph_is_refused(string $bytes, string $said): void
    {
        try {
            PlainJpeg::of($bytes);
            self::fail('that was kept');
        } catch (Refused $refused) {
            self::assertSame(['jpeg', $said], [$refused->path, $refused->getMessage()]);
        }
    }

    public function test_it_is_of_its_plant_and_in_every_copy_which_says_how_much_they_are(): void
    {
        $keeper = new Keeper($this);
        $row = $keeper->sow($keeper->variety('kale', 'Breakwater'), '2026-03-20T10:00', 12);
        $id = (string) Str::uuid7();
        $this->postJson('/api/photographs', ['id' => $id, 'jpeg' => 'no base64 !'])->assertUnprocessable()->assertJsonPath('errors.jpeg.0', 'This is no photograph that can be read.');
        $this->getJson("/api/photographs/$id")->assertNotFound();
        foreach ([1, 2] as $time) {
            $this->postJson('/api/photographs', ['id' => $id, 'jpeg' => base64_encode(self::jpeg(self::segment(0xE1, 'GPS')))])->assertOk();
        }
        $keeper->records($row, 'plant_photographed', '2026-09-01T10:00', ['plant' => 3, 'photograph' => $id]);
        self::assertSame([['plant' => 3, 'ids' => [$id]]], $this->getJson("/api/plantings/$row")->json('walk.photographs'));
        $shown = $this->get("/api/photographs/$id")->assertOk()->assertHeader('Content-Type', 'image/jpeg');
        self::assertSame(self::jpeg(), $shown->getContent());
    }

    public function test_a_copy_says_how_much_of_it_photographs_are(): void
    {
        $file = tempnam(sys_get_temp_dir(), 'copy');
        $garden = new \PDO("sqlite:$file");
        foreach (['gardens (name)', 'journal_entries (recorded_at)', 'lots (id)', 'varieties (id)', 'migrations (migration)'] as $table) {
            $garden->exec("CREATE TABLE $table");
        }
        self::assertSame(0, Copy::in($file)->photographs, 'a garden of an older program has none');
        $garden->exec('CREATE TABLE photographs (id, size)');
        $garden->exec('INSERT INTO photographs VALUES (1, 150000), (2, 90000)');
        $copy = Copy::in($file);
        self::assertSame(240_000, $copy->photographs);
        self::assertStringEndsWith('(240 kB of it photographs)', str_replace("\u{00A0}", ' ', CopyDocument::of(new Copy('/gardens/2026-09-14.sqlite', 'Acre', 3, 1, '', [], 900_000, $copy->photographs), 0, 0)->holds));
        unlink($file);
    }

    private static function jpeg(string ...$more): string
    {
        $width = 40;
        if (isset($more['width'])) {
            $width = (int) $more['width'];
            unset($more['width']);
        }

        return "\xFF\xD8".implode('', $more).self::segment(0xDB, 'table').self::segment(0xC0, "\x08".pack('nn', 30, $width)."\x01\x01\x11\x00").self::segment(0xC4, 'codes').self::segment(0xDA, 'scan')."dra\xFF\x00wn\xFF\xD0on\xFF\xD9";
    }

    private static function segment(int $marker, string $holds): string
    {
        return "\xFF".chr($marker).pack('n', strlen($holds) + 2).$holds;
    }
}

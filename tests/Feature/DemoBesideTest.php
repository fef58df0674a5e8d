<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Demo\AnotherGarden;
use App\Demo\Beside;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\File;
use Illuminate\Testing\TestResponse;
use Tests\Support\Keeper;
use Tests\TestCase;

/** The demo garden beside a keeper's own: looked at and tried in, and nothing of it is done to their own. */
final class DemoBesideTest extends TestCase
{
    protected function tearDown(): void
    {
        DB::disconnect();
        File::delete(File::glob(Beside::file($this->database).'*'));
        parent::tearDown();
    }

    public function test_it_is_laid_out_when_somebody_wants_to_look(): void
    {
        (new Keeper($this))->variety('tomato', 'My Own');
        $this->getJson('/api/frame', ['X-Garden' => 'demo'])->assertNotFound();
        $this->postJson('/api/demo')->assertOk();
        // Asked for once more it stands as it is.
        $this->postJson('/api/demo')->assertOk();
        self::assertSame(['My Own'], $this->getJson('/api/varieties')->assertOk()->json('*.name'));

        $frame = $this->getJson('/api/frame', ['X-Garden' => 'demo'])->assertOk();
        self::assertSame(["Keepers' Acre", '2026-09-14T10:00'], [$frame->json('garden'), $frame->json('now')]);
    }

    public function test_what_is_tried_there_stays_there(): void
    {
        $this->postJson('/api/demo')->assertOk();
        $lot = $this->inDemo('GET', '/api/lots/L10');
        $this->inDemo('POST', '/api/entries', ['drafts' => [[
            'id' => '01990000-0000-7000-8000-000000000001', 'about' => ['subject' => 'lot', 'id' => $lot->json('id')],
            'kind' => 'noted', 'happened_at' => '2026-09-14', 'payload' => ['text' => 'only tried'],
        ]]]);
        self::assertSame('noted', $this->inDemo('GET', '/api/lots/L10')->json('entries.0.kind'));
        // No copy is made of what is tried.
        self::assertSame('', config('marrow.copies'));
        // The keeper's own file has nothing of it.
        $own = new \SQLite3($this->database, SQLITE3_OPEN_READONLY);
        self::assertSame(0, $own->querySingle('SELECT count(*) FROM journal_entries'));
        $own->close();
    }

    /** @param  array<string, mixed>  $sent */
    private function inDemo(string $method, string $path, array $sent = []): TestResponse
    {
        // Each request is a process of its own; here one after another is asked of one.
        AnotherGarden::use($this->database, null);

        return $this->json($method, $path, $sent, ['X-Garden' => 'demo'])->assertOk();
    }
}

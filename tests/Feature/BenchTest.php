<?php

declare(strict_types=1);

namespace Tests\Feature;

use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Tests\Support\RealServer;
use Tests\TestCase;

/** That what is measured is still what the application answers. How fast it is, is printed and never asserted. */
final class BenchTest extends TestCase
{
    public function test_every_call_is_answered_and_said_with_its_ratio_to_the_bare_framework(): void
    {
        $this->lay('marrow:demo');
        DB::disconnect();
        $server = RealServer::on($this->database, ['MARROW_COPIES' => "$this->database-copies"]);
        try {
            self::assertSame(0, Artisan::call('marrow:bench', ['url' => $server->url(''), '--rounds' => 1, '--lines' => 40, '--label' => 'demo']));
        } finally {
            $server->kill();
        }
        $said = explode("\n", trim(Artisan::output()));
        $lines = array_slice($said, (int) key(preg_grep('/of each call/', $said) ?: []));
        [$list, $copies, $note] = array_slice($lines, -3);
        $record = implode('', preg_grep('/^record an entry/', $lines) ?: []);
        self::assertStringContainsString('(demo, 1 of each call)', $lines[0]);
        self::assertMatchesRegularExpression('/^bare framework route +[\d.]+ +[\d.]+ +[\d.]+$/', $lines[1], 'how far its ratio is from 1 says how far to trust the others');
        self::assertMatchesRegularExpression('/^record an entry +[\d.]+ +[\d.]+ +[\d.]+$/', $record);
        self::assertMatchesRegularExpression('/^40 lines taken in as one: [\d.]+ s; taken back: [\d.]+ s$/', $list);
        self::assertMatchesRegularExpression('/^Copied: [\d.]+ s; gone back to: [\d.]+ s$/', $copies);
        self::assertMatchesRegularExpression('/^A note while everything is reckoned afresh: \d+ ms, the longest \d+ ms \(\d+ notes\)$/', $note);
        self::assertGreaterThan(0, DB::table('journal_entries')->where('payload', 'like', '%Meanwhile%')->count());
        self::assertSame(4, DB::table('journal_entries')->where('payload', 'like', '%Measured%')->count(), 'one, and three to warm up');
    }

    public function test_only_a_server_on_this_machine_is_measured(): void
    {
        self::assertSame(1, Artisan::call('marrow:bench', ['url' => 'http://marrow.example']));
    }
}

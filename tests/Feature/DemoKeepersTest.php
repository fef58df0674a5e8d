<?php

declare(strict_types=1);

namespace Tests\Feature;

use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Tests\TestCase;

/** The demo garden has four keepers, and whoever looks at it is one of them without being asked. */
final class DemoKeepersTest extends TestCase
{
    public function test_whoever_looks_at_the_demo_is_the_first_of_its_four(): void
    {
        Artisan::call('marrow:demo');
        $keepers = $this->getJson('/api/keepers')->assertOk()->json();
        self::assertSame(['Ines owner', 'Marek helper', 'Odile keeper', 'Yusra reader'], array_map(static fn (array $keeper): string => "{$keeper['name']} {$keeper['role']}", $keepers['keepers']));
        self::assertFalse($keepers['me']['signed']);
        self::assertSame('Ines', $this->getJson('/api/me')->json('keeper.name'));
        $lot = $this->getJson('/api/lots/L1')->json('id');
        foreach (['' => 'Ines', 'Odile' => 'Odile'] as $named => $by) {
            $id = (string) Str::uuid7();
            $this->postJson('/api/entries', ['drafts' => [['id' => $id, 'about' => ['subject' => 'lot', 'id' => $lot], 'kind' => 'noted', 'happened_at' => '2026-09-14T09:00', 'payload' => ['text' => 'Looked at']]]], ['X-Keeper' => $named])->assertOk();
            self::assertSame($by, DB::table('journal_entries')->where('id', $id)->value('recorded_by'));
        }
    }
}

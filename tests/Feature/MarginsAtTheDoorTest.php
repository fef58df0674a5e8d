<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Reading\JournalReader;
use App\Reading\Viewpoint;
use DateTimeImmutable;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Marrow\Core\Journal\Entry;
use Marrow\Core\Journal\Subject;
use Tests\Support\Keeper;
use Tests\TestCase;

/** Where the application draws its lines: just inside, and just outside. */
final class MarginsAtTheDoorTest extends TestCase
{
    /** The garden's clock says 10:00; one that goes wrong by some minutes is no reason to lose an entry. */
    public function test_what_happened_up_to_ten_minutes_ahead_is_a_clock_that_goes_wrong(): void
    {
        $keeper = new Keeper($this);
        $lot = $keeper->storedTomato();
        $keeper->tries($lot, 'noted', '2026-09-14T10:10', ['text' => 'Just now'])->assertOk();
        $keeper->tries($lot, 'noted', '2026-09-14T10:11', ['text' => 'To come'])->assertStatus(422);
        $keeper->tries($lot, 'noted', '1950-01-01', ['text' => 'Long ago'], evenSo: true)->assertOk();
        $keeper->tries($lot, 'noted', '1949-12-31', ['text' => 'Too long ago'], evenSo: true)->assertStatus(422);
    }

    public function test_a_new_container_does_not_lie_in_itself(): void
    {
        $keeper = new Keeper($this);
        $lot = $keeper->storedTomato();
        $id = (string) Str::uuid7();
        $this->postJson('/api/containers', ['id' => $id, 'name' => 'Green tin', 'kind' => 'tin'])->assertOk();
        $keeper->tries($lot, 'divided', '2026-09-13', ['seeds' => 5, 'container' => 'jar', 'inside' => $id, 'into' => (string) Str::uuid7()])->assertOk();
        // What it is put into and what it is are one: nothing else says so.
        $own = DB::table('containers')->where('name', '')->where('id', '!=', $keeper->idOf($lot))->value('id');
        self::assertIsString($own);
        $keeper->tries($lot, 'divided', '2026-09-13T09:00', ['seeds' => 5, 'container' => 'jar', 'inside' => $own, 'into' => $own])->assertStatus(422)
            ->assertJsonPath('answers.0.errors.place_id', 'A container cannot lie in itself.');
    }

    /** What is in a tin that goes into the freezer is asked about: what dies of it, and what nobody measured. */
    public function test_a_tin_into_the_freezer_is_asked_about_by_what_is_in_it(): void
    {
        $keeper = new Keeper($this);
        $this->postJson('/api/store-places', ['id' => $freezer = (string) Str::uuid7(), 'name' => 'Freezer', 'temperature' => -18, 'rh' => 70])->assertOk();
        $this->postJson('/api/containers', ['id' => $tin = (string) Str::uuid7(), 'name' => 'Blue tin', 'kind' => 'tin'])->assertOk();
        $placed = ['about' => ['subject' => 'container', 'id' => $tin], 'kind' => 'placed', 'happened_at' => '2026-09-14T09:00', 'payload' => ['place_id' => $freezer]];
        $keeper->sends([...$placed, 'happened_at' => '2026-09-14T08:00'])->assertOk();
        foreach (['garlic' => 'does not bear freezing', 'onion' => 'Nobody has measured that'] as $crop => $said) {
            $lot = $keeper->sends(['about' => ['subject' => 'lot', 'id' => (string) Str::uuid7()], 'begins' => ['variety' => $keeper->variety($crop, "Of $crop")], 'kind' => 'received', 'happened_at' => '2026-09-01', 'payload' => ['how' => 'given', 'year' => 2026]])->assertOk()->json('answers.0.code');
            $keeper->sends([...$keeper->draft($lot, 'stored', '2026-09-02', ['container' => 'paper_envelope', 'inside' => $tin]), 'even_so' => true])->assertOk();
            $asked = $keeper->sends($placed)->assertStatus(422)->json('answers.0');
            self::assertSame('asked', $asked['status'], $crop);
            self::assertStringContainsString($said, implode(' ', $asked['questions']), $crop);
            $keeper->sends([...$keeper->draft($lot, 'seen', '2026-09-04', ['gone' => true]), 'even_so' => true])->assertOk();
        }
    }

    /** Before a moment is what had happened by then; a strike tells what is known, whenever it was made. */
    public function test_a_viewpoint_sees_what_happened_before_and_what_was_known(): void
    {
        $keeper = new Keeper($this);
        $lot = $keeper->storedTomato();
        $ids = [];
        foreach (['2026-09-10T08:00', '2026-09-10T09:00', '2026-09-10T10:00'] as $at) {
            $ids[] = $keeper->records($lot, 'noted', $at, ['text' => $at]);
        }
        $keeper->strikes($ids[0]);
        $journal = app(JournalReader::class);
        $noted = static fn (JournalReader $from): array => array_values(array_map(static fn (Entry $entry): string => $entry->id, array_filter($from->of(Subject::Lot, $keeper->idOf($lot)), static fn (Entry $entry): bool => $entry->kind->name === 'noted')));
        $strikes = static fn (JournalReader $from): int => count(array_filter($from->of(Subject::Lot, $keeper->idOf($lot)), static fn (Entry $entry): bool => $entry->kind->name === 'struck'));
        self::assertSame($ids, $noted($journal));
        $before = $journal->from(new Viewpoint(before: new DateTimeImmutable('2026-09-10 09:00')));
        self::assertSame([$ids[0]], $noted($before), 'what happened at that very moment had not happened before it');
        self::assertSame(1, $strikes($before), 'that it was wrong is known now');
        $then = $journal->from(new Viewpoint(knownAt: new DateTimeImmutable('2026-09-14 09:59')));
        self::assertSame([], $noted($then), 'nobody had recorded it by then');
        self::assertSame($ids, $noted($journal->from(new Viewpoint(knownAt: new DateTimeImmutable('2026-09-14 10:00')))));
    }

    /** In a plan stands whose garden it is that blooms beyond the fence. */
    public function test_who_is_forgotten_is_forgotten_in_plans_too(): void
    {
        $this->postJson('/api/plans', ['year' => 2027])->assertOk();
        DB::update("UPDATE plan_versions SET document = json_set(document, '$.ground.neighbours', json('[{\"name\":\"Old Annick\"}]')) WHERE year = 2027");
        self::assertStringContainsString('Old Annick', (string) DB::table('plan_versions')->where('number', 1)->value('document'));
        $this->postJson('/api/people/forget', ['name' => 'Old Annick'])->assertOk();
        self::assertSame(0, DB::table('plan_versions')->where('document', 'like', '%Annick%')->count());
    }
}

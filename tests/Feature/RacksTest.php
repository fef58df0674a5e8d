<?php

declare(strict_types=1);

namespace Tests\Feature;

use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Tests\Support\Keeper;
use Tests\TestCase;

/** Seed on the racks, as its worksheet and the page of the racks tell of it. */
final class RacksTest extends TestCase
{
    private Keeper $keeper;

    protected function setUp(): void
    {
        parent::setUp();
        $this->keeper = new Keeper($this);
    }

    public function test_by_hand_alone_it_is_probably_dry_and_the_sheet_says_by_what(): void
    {
        $bean = $this->bean();
        self::assertStringStartsWith('How dry it is nobody has tried yet.', $this->drying($bean)['sentence']);
        $this->keeper->records($bean, 'hand_tried', '2026-09-12T09:00', ['hammer' => 'shatters', 'thumbnail' => 'no_mark']);
        $drying = $this->drying($bean);
        self::assertSame('by_hand', $drying['verdict']);
        self::assertStringStartsWith('Probably dry enough for paper or cloth', $drying['sentence']);
        self::assertStringContainsString('it shatters, a thumbnail leaves no mark', $drying['ground']);
        self::assertNull($drying['moisture'], 'no figure is claimed');
        self::assertNull($this->getJson("/api/lots/$bean")->json('forecast'));
        self::assertSame(['jar_read', 'card_read', 'stored'], array_slice(array_column($this->getJson("/api/lots/$bean")->json('offers'), 'kind'), 0, 3));
    }

    public function test_what_contradicts_what_is_said_with_what_to_do(): void
    {
        $bean = $this->bean();
        $this->keeper->records($bean, 'hand_tried', '2026-09-12T09:00', ['hammer' => 'shatters']);
        $this->keeper->records($bean, 'jar_read', '2026-09-13T09:00', ['rh' => 62, 'temperature_c' => 20]);
        self::assertStringContainsString('It shatters, which does not go with that: close it in a jar for a day and read again.', $this->drying($bean)['ground']);
    }

    public function test_a_room_that_never_can_is_said_at_once_with_what_is_at_hand(): void
    {
        $room = $this->place('Wash-house', 17, 68);
        $this->putJson('/api/settings/desiccants', ['value' => 'gel 40'])->assertOk();
        $bean = $this->bean(['place_id' => $room, 'mass_g' => 400]);
        $task = collect($this->getJson("/api/lots/$bean")->json('tasks'))->firstWhere('kind', 'too_damp_here');
        self::assertStringStartsWith('At 68 % RH Wash-house stops at 13.', self::plain($task['why']));
        self::assertStringContainsString('(of the 40 g you have that is 4 fills, dried again in between)', self::plain($task['why']));
        self::assertStringContainsString('there it stops at 13.', self::plain(implode(' ', $this->drying($bean)['says'])));
        // Its air written down anew, it can.
        $this->keeper->sends(['about' => ['subject' => 'place', 'id' => $room], 'kind' => 'air_set', 'happened_at' => '2026-09-12T10:00', 'payload' => ['temperature_c' => 22, 'rh' => 30]])->assertOk();
        self::assertNull(collect($this->getJson("/api/lots/$bean")->json('tasks'))->firstWhere('kind', 'too_damp_here'));
    }

    public function test_the_racks_at_a_glance_tell_each_lot_its_ground_and_the_air(): void
    {
        $room = $this->place('Loft', 24, 32);
        $bean = $this->bean(['place_id' => $room, 'mass_g' => 400]);
        $this->keeper->records($bean, 'card_read', '2026-09-11T09:00', ['card' => '10-20-30-40-50-60', 'damp_to' => 40, 'dry_from' => 60, 'temperature_c' => 20]);
        $racks = $this->getJson('/api/racks')->assertOk();
        self::assertSame([$bean, 'by a card, Friday 11 September', 'Loft', null], [$racks->json('lots.0.code'), $racks->json('lots.0.rests'), $racks->json('lots.0.place'), $racks->json('lots.0.jar')]);
        self::assertMatchesRegularExpression('/^drying: \d+\.\d to \d+\.\d %$/', self::plain($racks->json('lots.0.is')));
        self::assertSame(['Loft', '24 °C, 32 % RH'], [$racks->json('rooms.0.name'), self::plain($racks->json('rooms.0.says'))]);
        $this->keeper->records($bean, 'weighed', '2026-09-11T10:00', ['mass_g' => 392]);
        $this->keeper->records($bean, 'desiccant_in', '2026-09-11T11:00', ['desiccant' => 'gel', 'desiccant_g' => 20]);
        self::assertMatchesRegularExpression('/^20 g of silica gel, change it .* September$/', self::plain($this->getJson('/api/racks')->json('lots.0.jar')));
        self::assertSame([], $this->getJson('/api/racks')->json('rooms'), 'shut in, the air of the room does not matter');
    }

    public function test_with_gel_in_it_the_sheet_says_when_and_how_it_is_dried_again(): void
    {
        $bean = $this->bean(['mass_g' => 400, 'moisture' => 11]);
        $this->keeper->records($bean, 'desiccant_in', '2026-09-11T11:00', ['desiccant' => 'gel', 'desiccant_g' => 20]);
        $says = self::plain(implode(' ', $this->drying($bean)['says']));
        self::assertStringContainsString('In a closed jar with 20 g of silica gel since', $says);
        self::assertStringContainsString('Dry gel again in a thin layer at 110 to 120 °C', $says);
        self::assertStringContainsString('blue gel (cobalt) is poisonous', $says);
        $this->keeper->records($bean, 'desiccant_out', '2026-09-13T11:00', ['desiccant_g' => 23]);
        self::assertStringContainsString('Desiccant has taken 3 g of water out of it so far.', self::plain(implode(' ', $this->drying($bean)['says'])));
    }

    public function test_what_cannot_be_is_refused_at_its_field(): void
    {
        $bean = $this->bean();
        $this->keeper->tries($bean, 'card_read', '2026-09-12T10:00', ['card' => '30-40-50', 'damp_to' => 50, 'dry_from' => 40, 'temperature_c' => 20])->assertUnprocessable()->assertJsonPath('answers.0.errors.dry_from', 'A spot of higher humidity cannot be damper than one of lower: look again, or the card is spent.');
        $this->keeper->tries($bean, 'hand_tried', '2026-09-12T10:00', [])->assertUnprocessable();
        $this->keeper->tries($bean, 'hand_tried', '2026-09-12T10:00', ['hammer' => 'snaps'])->assertUnprocessable();
        $this->keeper->tries($bean, 'desiccant_in', '2026-09-12T10:00', ['desiccant' => 'gel', 'desiccant_g' => 50, 'as_put_in_g' => 40])->assertUnprocessable();
        $this->keeper->tries($bean, 'desiccant_out', '2026-09-12T10:00', [])->assertUnprocessable();
        $this->putJson('/api/settings/desiccants', ['value' => 'sponges 30'])->assertUnprocessable()->assertJsonPath('errors.value.0', '"sponges 30" is no desiccant: gel, clay, rice, salt or sachets, each with its grams.');
        $this->putJson('/api/settings/desiccants', ['value' => 'gel'])->assertUnprocessable();
    }

    public function test_many_are_tried_by_hand_at_once_and_come_late(): void
    {
        $lots = [$this->bean(), $this->bean(variety: 'Tidewrack')];
        $drafts = array_map(fn (string $code): array => $this->keeper->draft($code, 'hand_tried', '2026-09-12T10:00', ['hammer' => 'shatters', 'thumbnail' => 'no_mark']), $lots);
        $this->postJson('/api/entries', ['drafts' => $drafts, 'act' => (string) Str::uuid7()])->assertOk();
        foreach ($lots as $code) {
            self::assertSame('by_hand', $this->drying($code)['verdict']);
        }
        self::assertSame(2, DB::table('journal_entries')->where('kind', 'hand_tried')->count());
    }

    public function test_what_is_spread_out_of_doors_comes_in_before_rain_and_dew(): void
    {
        $bean = $this->bean(['where' => 'shade']);
        $instrument = (string) Str::uuid7();
        $this->postJson('/api/instruments', ['id' => $instrument, 'name' => 'Weather', 'kind' => 'weather', 'address' => ''])->assertOk();
        $this->postJson("/api/instruments/$instrument/readings", ['forecast' => [['day' => '2026-09-15', 'low_c' => 8, 'high_c' => 17, 'rain_mm' => 9, 'rain_chance' => 0.9]]])->assertOk();
        $weather = $this->getJson('/api/today')->assertOk()->json('weather');
        self::assertSame([$bean], array_column(array_column($weather['first'], 'tag'), 'code'), 'before the rain');
        self::assertSame(['Take it in before the dew'], array_column($weather['first'], 'do'));
    }

    /** @param  array<string, mixed>  $spread */
    private function bean(array $spread = [], string $variety = 'Foghorn'): string
    {
        $code = $this->keeper->pick($this->keeper->sow($this->keeper->variety('french-bean', $variety)), '2026-09-01T10:00');
        $this->keeper->records($code, 'threshed', '2026-09-09T09:00');
        $this->keeper->records($code, 'winnowed', '2026-09-09T10:00');
        $this->keeper->records($code, 'spread', '2026-09-10T09:00', ['surface' => 'tray', ...$spread]);

        return $code;
    }

    private function place(string $name, int $temperature, int $rh): string
    {
        $id = (string) Str::uuid7();
        $this->postJson('/api/store-places', ['id' => $id, 'name' => $name, 'temperature' => $temperature, 'rh' => $rh])->assertOk();

        return $id;
    }

    /** @return array<string, mixed> */
    private function drying(string $code): array
    {
        return $this->keeper->section($code, 'drying');
    }

    private static function plain(string $text): string
    {
        return str_replace("\u{00A0}", ' ', $text);
    }
}

<?php

declare(strict_types=1);

namespace Tests\Feature;

use Illuminate\Support\Str;
use Tests\Support\Keeper;
use Tests\TestCase;

/** The round for ripe seed, and what rain changes of it. */
final class RipenessTest extends TestCase
{
    private Keeper $keeper;

    protected function setUp(): void
    {
        parent::setUp();
        $this->keeper = new Keeper($this);
    }

    public function test_what_may_be_ripe_stands_on_the_round_with_its_signs_and_its_marks(): void
    {
        $row = $this->parsnips();
        $this->keeper->records($row, 'marked', '2026-07-10T10:00', ['mark' => 'red wool', 'what' => 'head']);
        $line = $this->round()[0];
        self::assertSame([$row, ['Umbel brown and the seed lifts off with a touch'], ['All of it', 'Head red wool']], [$line['tag']['code'], $line['ripeness']['cues'], array_column($line['ripeness']['each'], 'name')]);
        // It was seen to bloom: seed ripens as unevenly as its flowers opened.
        self::assertMatchesRegularExpression('/^Cut once, about .+, keeps some \d+ % of it \(\d+ % still green, \d+ % fallen\); gathered every 3 days it is some 75 %, were ripe seed to hold 5 days on the average\.$/', self::plain($line['says'][0]));
        $this->putJson('/api/settings/pick_by', ['value' => 'passes'])->assertOk();
        self::assertStringStartsWith('Gathered every 3 days', self::plain($this->round()[0]['says'][0]));
        $this->keeper->records($row, 'ripeness_seen', '2026-09-14T09:00', ['ready' => 'nearly', 'mark' => 'red wool', 'cues' => 'Umbel brown and the seed lifts off with a touch']);
        self::assertSame(['nearly', ['Umbel brown and the seed lifts off with a touch'], 'Today: nearly ripe'], array_values(array_diff_key($this->round()[0]['ripeness']['each'][1], ['mark' => 0, 'name' => 0])));
    }

    public function test_what_is_ready_is_what_picking_offers(): void
    {
        $row = $this->parsnips();
        foreach (['1', '2'] as $mark) {
            $this->keeper->records($row, 'marked', "2026-07-10T10:0$mark", ['mark' => $mark, 'what' => 'plant']);
            $this->keeper->records($row, 'ripeness_seen', "2026-09-14T09:0$mark", ['ready' => 'ready', 'mark' => $mark]);
            $pick = collect($this->getJson("/api/plantings/$row")->json('offers'))->firstWhere('kind', 'picked');
            $usual = array_column($pick['fields'], 'usual', 'key');
            self::assertSame(['Pick what is ready: start a lot', $mark, $mark === '1' ? '1' : null], [$pick['act'], $usual['plants'], $usual['mother']]);
        }
        $this->keeper->pick($row, '2026-09-14T09:30', ['plants' => 2, 'mass_g' => 60]);
        self::assertNull(collect($this->getJson("/api/plantings/$row")->json('tasks'))->firstWhere('kind', 'pick_ready'), 'it is picked');
    }

    public function test_rain_puts_first_what_is_ready_and_lets_the_rest_hang(): void
    {
        [$ready, $nearly] = [$this->parsnips(), $this->parsnips()];
        $this->keeper->records($ready, 'ripeness_seen', '2026-09-13T09:00', ['ready' => 'ready']);
        $this->keeper->records($nearly, 'ripeness_seen', '2026-09-12T09:00', ['ready' => 'nearly']);
        $id = (string) Str::uuid7();
        $this->postJson('/api/instruments', ['id' => $id, 'name' => 'Weather', 'kind' => 'weather'])->assertOk();
        $rain = fn (string $day): array => [['day' => $day, 'low_c' => 9, 'rain_chance' => 0.8]];
        $this->postJson("/api/instruments/$id/readings", ['forecast' => $rain('2026-09-16')])->assertOk();
        $weather = $this->getJson('/api/today')->json('weather');
        self::assertContains("Cut $ready tomorrow, once the dew is off; the rest can hang ($nearly).", $weather['says']);
        self::assertSame(['pick_ready', 'look_at_ripeness'], array_column($weather['first'], 'kind'));
        $this->postJson("/api/instruments/$id/readings", ['forecast' => $rain('2026-09-15')])->assertOk();
        self::assertContains("Cut $ready today; the rest can hang ($nearly).", $this->getJson('/api/today')->json('weather.says'));
    }

    private function parsnips(): string
    {
        $row = $this->keeper->sow($this->keeper->variety('parsnip', 'Groyne '.Str::random(4)), '2025-04-01T10:00', 24);
        $this->keeper->records($row, 'first_bloom', '2026-06-25T10:00');

        return $row;
    }

    /** @return list<array<string, mixed>> */
    private function round(): array
    {
        return $this->getJson('/api/rounds/ripeness')->assertOk()->json('lines');
    }

    private static function plain(string $text): string
    {
        return str_replace("\u{00A0}", ' ', $text);
    }
}

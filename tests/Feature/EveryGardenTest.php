<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Garden\Settings;
use App\Models\Instrument;
use DateTimeImmutable;
use Illuminate\Support\Facades\DB;
use PHPUnit\Framework\Attributes\TestWith;
use Ramsey\Uuid\Uuid;
use Tests\Support\Keeper;
use Tests\TestCase;

/** Gardens that are not of the handbook's north: where no frost comes, and where the year is turned. */
final class EveryGardenTest extends TestCase
{
    public function test_at_9_north_the_months_are_those_of_the_rains_and_of_the_cool_season(): void
    {
        $keeper = new Keeper($this);
        foreach (['okra' => 'Windlass', 'lettuce' => 'Spindrift', 'cabbage' => 'Stanchion'] as $crop => $name) {
            $keeper->variety($crop, $name);
        }
        $this->sets(['latitude' => '9', 'warm_from' => 'june', 'cool_from' => 'november', 'coolest' => '24']);
        $sown = fn (string $day): array => array_column($this->getJson("/api/season?on=$day")->assertOk()->json('sow'), 'note', 'key');
        self::assertArrayHasKey('okra', $sown('2027-06-15'));
        self::assertArrayNotHasKey('lettuce', $sown('2027-06-15'), 'it likes it cool');
        self::assertArrayHasKey('lettuce', $sown('2026-11-20'));
        self::assertArrayNotHasKey('okra', $sown('2026-11-20'));
        $cabbage = array_filter(array_map(static fn (int $month): string => $sown(sprintf('%d-%02d-10', $month > 9 ? 2026 : 2027, $month))['cabbage'] ?? '', range(1, 12)));
        self::assertNotSame([], $cabbage);
        foreach ($cabbage as $note) {
            self::assertStringEndsWith('and will not bloom here', $note);
        }
        $here = fn (string $crop): string => str_replace("\u{00A0}", ' ', (string) $this->getJson("/api/crops/$crop")->json('here'));
        self::assertStringContainsString('out from June on', $here('okra'));
        self::assertStringContainsString('sown from November on', $here('lettuce'));
        self::assertStringContainsString('It will not bloom here of itself: it takes', $here('cabbage'));
        self::assertStringContainsString('your coolest weeks are 24 °C in the mean', $here('cabbage'));
        self::assertStringContainsString('it wants days longer than about 13 h, and the longest here has 12 h', $here('spinach'));
        self::assertStringContainsString('It blooms on days shorter than about 12 h: here from', $here('sweet-potato'));
    }

    public function test_where_frost_comes_every_winter_the_months_of_the_book_stand_alone(): void
    {
        $this->sets(['latitude' => '-34']);
        self::assertStringNotContainsString('on days shorter', (string) $this->getJson('/api/crops/yam-bean')->json('here'));
    }

    public function test_on_the_sheet_stands_why_it_is_not_looked_for(): void
    {
        $keeper = new Keeper($this);
        $cabbage = $keeper->variety('cabbage', 'Stanchion');
        $this->sets(['latitude' => '9', 'coolest' => '24']);
        $row = $keeper->sow($cabbage, '2026-08-10T10:00', 12);
        $facts = array_column($this->getJson("/api/plantings/$row")->json('facts'), 'said', 'label');
        self::assertStringStartsWith('It will not bloom here of itself', $facts['Bloom']);
        self::assertSame([], array_filter($this->getJson("/api/plantings/$row")->json('tasks'), static fn (array $task): bool => $task['kind'] === 'pick'));
        $this->sets(['coolest' => '']);
        $facts = array_column($this->getJson("/api/plantings/$row")->json('facts'), 'said', 'label');
        self::assertStringStartsWith('Whether it blooms here is not known', $facts['Bloom']);
    }

    public function test_how_cool_it_gets_is_told_by_a_year_of_a_weather_station(): void
    {
        $this->sets(['latitude' => '19']);
        $here = fn (): string => (string) $this->getJson('/api/crops/cabbage')->json('here');
        self::assertStringContainsString('is not known', $here());
        $station = Instrument::query()->create(['id' => Uuid::uuid4()->toString(), 'name' => 'Weather', 'kind' => 'weather', 'place_id' => null, 'address' => '', 'errs' => null]);
        for ($n = 0; $n < 360; $n++) {
            $day = (new DateTimeImmutable('2025-09-15'))->modify("+$n days");
            // Four weeks of January at eleven degrees in the mean, twenty-two else.
            $mean = $day->format('Y-m-d') >= '2026-01-03' && $day->format('Y-m-d') <= '2026-01-30' ? 11.0 : 22.0;
            DB::table('reading_days')->insert(['instrument_id' => $station->id, 'measure' => 'temperature', 'day' => $day->format('Y-m-d'), 'least' => $mean - 6, 'greatest' => $mean + 6, 'total' => 2 * $mean, 'readings' => 2]);
        }
        $this->sets(['units' => 'metric']);
        self::assertStringContainsString('It may bloom only in part here', $here());
        self::assertStringContainsString('11', $here());
        $this->sets(['coolest' => '20']);
        self::assertStringContainsString('It will not bloom here of itself', $here(), 'what is set goes first');
    }

    public function test_a_latitude_may_be_typed_as_it_stands_on_a_map(): void
    {
        foreach (['34 S' => -34.0, '33.87° S' => -33.87, '-34 S' => -34.0, '9° N' => 9.0, '51,2' => 51.2, '12 south' => -12.0] as $typed => $degrees) {
            $this->sets(['latitude' => (string) $typed]);
            self::assertSame($degrees, app(Settings::class)->practice()->latitude(), (string) $typed);
        }
        foreach (['91 S', '34 52 S', "34° 52' S", 'S', '34 kg'] as $wrong) {
            $this->putJson('/api/settings/latitude', ['value' => $wrong])->assertStatus(422);
        }
        $this->putJson('/api/settings/longitude', ['value' => '58 W'])->assertOk()->assertJsonPath('now', "-58\u{00A0}°");
    }

    public function test_months_of_own_figures_are_typed_as_the_garden_has_them(): void
    {
        $this->sets(['latitude' => '-51']);
        $bloom = fn (): float => (float) collect($this->getJson('/api/crops/parsnip/figures')->json())->firstWhere('path', 'growing.sowings.0.bloom.0')['value'];
        self::assertGreaterThan(11.0, $bloom(), 'their November or December');
        $this->putJson('/api/crops/parsnip/figures', ['path' => 'growing.sowings.0.bloom.0', 'value' => '12.2'])->assertOk();
        self::assertSame(12.2, $bloom());
        self::assertEqualsWithDelta(6.2, DB::table('crop_figures')->value('value'), 1e-9, 'kept as the book has it');
        self::assertStringContainsString('12.2', (string) json_encode($this->getJson('/api/journal')->json()));
    }

    public function test_what_turns_the_seasons_under_a_plan_is_asked_first(): void
    {
        $this->postJson('/api/plans', ['year' => 2027, 'from' => null])->assertOk();
        $before = $this->getJson('/api/plans/2027')->json('content');
        $asked = $this->putJson('/api/settings/latitude', ['value' => '-34'])->assertStatus(422)->json('errors.even_so.0');
        self::assertStringContainsString('there is a plan for 2027.', $asked);
        self::assertStringContainsString('the plan is called 2027/28', $asked);
        $this->getJson('/api/frame')->assertJsonPath('season_from', 1);
        $this->putJson('/api/settings/latitude', ['value' => '-91'])->assertStatus(422)->assertJsonMissingPath('errors.even_so');
        $this->putJson('/api/settings/latitude', ['value' => '44'])->assertOk();
        $this->putJson('/api/settings/latitude', ['value' => '-34', 'even_so' => true])->assertOk();
        $this->getJson('/api/frame')->assertJsonPath('season_from', 7);
        self::assertSame($before, $this->getJson('/api/plans/2027')->json('content'), 'nothing of it is lost');
        $this->putJson('/api/settings/latitude', ['value' => '-9', 'even_so' => true])->assertOk();
        self::assertStringContainsString('by 2 months', str_replace("\u{00A0}", ' ', (string) $this->putJson('/api/settings/warm_from', ['value' => 'january'])->assertStatus(422)->json('errors.even_so.0')));
    }

    #[TestWith(['Stangenbohne', 'french-bean'])]
    #[TestWith(['haricot à rames', 'french-bean'])]
    #[TestWith(['fagiolo rampicante', 'french-bean'])]
    #[TestWith(['dwarf peas', 'pea'])]
    #[TestWith(['tall sunflowers', 'sunflower'])]
    #[TestWith(['dwarf runner bean', 'runner-bean'])]
    #[TestWith(['climbing pea', 'pea'])]
    #[TestWith(['snake cucumber', 'melon'])]
    #[TestWith(['tree collards', 'perennial-kale'])]
    #[TestWith(['Ewiger Kohl', 'perennial-kale'])]
    #[TestWith(['Luftzwiebel', 'top-onion'])]
    #[TestWith(['walking onion', 'top-onion'])]
    #[TestWith(['jícama', 'yam-bean'])]
    #[TestWith(['Kannenpflanze', 'tropical-pitcher'])]
    #[TestWith(['true potato seed', 'potato-seed'])]
    #[TestWith(['semilla verdadera de papa', 'potato-seed'])]
    #[TestWith(['prairie mimosa', 'bundleflower'])]
    #[TestWith(['groundnut', 'peanut'])]
    public function test_the_word_that_somebody_uses_finds_the_crop(string $word, string $crop): void
    {
        $found = array_values(array_filter($this->getJson('/api/find?text='.urlencode($word))->assertOk()->json(), static fn (array $one): bool => $one['kind'] === 'crop'));
        self::assertSame($crop, $found[0]['key'] ?? 'nothing');
    }

    /** @param  array<string, string>  $settings */
    private function sets(array $settings): void
    {
        foreach ($settings as $key => $value) {
            $this->putJson("/api/settings/$key", ['value' => $value])->assertOk();
        }
    }
}

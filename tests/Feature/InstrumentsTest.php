<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Instruments\Poller;
use App\Instruments\Readings;
use App\Instruments\StandIns\MadeUpWeather;
use App\Instruments\StandIns\StandIns;
use App\Models\Instrument;
use App\Moment;
use DateTimeImmutable;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;
use Marrow\Core\Instruments\Measure;
use Marrow\Core\Instruments\Reading;
use PHPUnit\Framework\Attributes\DataProvider;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Symfony\Component\Process\Process;
use Tests\Support\Keeper;
use Tests\TestCase;

/** Instruments, against the stand-ins that ship, with each of their faults. */
final class InstrumentsTest extends TestCase
{
    private ?Process $standIns = null;

    protected function tearDown(): void
    {
        $this->standIns?->stop(1);
        parent::tearDown();
    }

    public function test_a_field_is_filled_by_the_scale(): void
    {
        [$scale] = $this->standIns();
        $this->add('Kitchen scale', 'scale', "127.0.0.1:$scale");
        self::assertSame(['g'], $this->getJson('/api/frame')->json('reads'));
        $read = $this->postJson('/api/reading', ['unit' => 'g'])->assertOk();
        self::assertMatchesRegularExpression('/^\d+(\.\d+)?$/', (string) $read->json('value'));
        self::assertSame('Kitchen scale', $read->json('said'));
        // In the keeper's own units.
        $this->putJson('/api/settings/units', ['value' => 'us'])->assertOk();
        self::assertLessThan(20.0, (float) $this->postJson('/api/reading', ['unit' => 'g'])->json('value'), 'ounces');
    }

    #[DataProvider('faults')]
    public function test_with_a_fault_nothing_is_filled_and_it_says_what_ails_it(string $fault, string $scale, string $logger): void
    {
        [$port, $web] = $this->standIns($fault);
        $this->add('Kitchen scale', 'scale', "127.0.0.1:$port");
        $id = $this->add('Logger', 'logger', "http://127.0.0.1:$web/air/cupboard");
        $read = $this->postJson('/api/reading', ['unit' => 'g'])->assertOk();
        self::assertNull($read->json('value'));
        self::assertStringContainsString($scale, (string) $read->json('said'));
        $asked = $this->postJson("/api/instruments/$id/ask")->assertOk();
        self::assertStringContainsString($logger, (string) $asked->json('trouble'));
        self::assertSame(0, DB::table('readings')->count());
    }

    /** @return iterable<string, array{string, string, string}> */
    public static function faults(): iterable
    {
        yield 'silent' => ['silent', 'says nothing', 'does not answer'];
        yield 'half a line' => ['half', 'in the middle of its line', 'no JSON'];
        yield 'nonsense' => ['nonsense', 'no mass', 'no JSON'];
    }

    public function test_what_is_not_there_or_leads_elsewhere_is_said(): void
    {
        $this->add('Kitchen scale', 'scale', '127.0.0.1:1');
        self::assertStringContainsString('does not answer', (string) $this->postJson('/api/reading', ['unit' => 'g'])->json('said'));
        self::assertStringContainsString('Nothing here measures temperature', (string) $this->postJson('/api/reading', ['unit' => '°C'])->json('said'));
        foreach (['file:///etc/passwd', 'http://169.254.169.254/latest', 'http://user@10.0.0.1/', 'ftp://10.0.0.1/', 'http://2130706433/', 'nothing'] as $address) {
            $this->postJson('/api/instruments', ['id' => (string) Str::uuid7(), 'name' => 'Logger', 'kind' => 'logger', 'address' => $address])->assertUnprocessable()->assertJsonValidationErrorFor('address');
        }
        $this->postJson('/api/instruments', ['id' => (string) Str::uuid7(), 'name' => 'Scale', 'kind' => 'scale'])->assertUnprocessable()->assertJsonValidationErrorFor('address');
    }

    public function test_loggers_are_asked_in_their_turn_and_their_clock_may_be_wrong(): void
    {
        [, $web] = $this->standIns();
        $id = $this->add('Logger', 'logger', "http://127.0.0.1:$web/air/cupboard");
        app(Poller::class)->due();
        $readings = DB::table('readings')->count();
        self::assertGreaterThan(40, $readings);
        app(Poller::class)->due();
        self::assertSame($readings, DB::table('readings')->count(), 'asked again in ten minutes');
        self::assertNull($this->getJson('/api/instruments')->json('0.trouble'));
        $read = $this->postJson('/api/reading', ['unit' => '°C'])->assertOk();
        self::assertNotNull($read->json('value'));
        foreach ([['at' => '2027-09-14T10:00:00', 'temperature_c' => 18], ['at' => '2026-09-14T09:00:00', 'temperature_c' => 300], []] as $nonsense) {
            $this->sends($id, ['readings' => [$nonsense]])->assertUnprocessable();
        }
        self::assertSame($readings, DB::table('readings')->count());
    }

    public function test_a_logger_that_was_lost_for_a_day_fills_nothing(): void
    {
        $id = $this->add('Logger', 'logger');
        $this->sends($id, ['readings' => [['at' => '2026-09-13T09:00:00', 'temperature_c' => 18]]])->assertOk();
        $read = $this->postJson('/api/reading', ['unit' => '°C']);
        self::assertNull($read->json('value'));
        self::assertStringContainsString('has told nothing since', (string) $read->json('said'));
        $this->sends($id, ['readings' => [['at' => '2026-09-14T09:50:00', 'temperature_c' => 18.4]]])->assertOk();
        self::assertSame('18.4', $this->postJson('/api/reading', ['unit' => '°C'])->json('value'));
    }

    public function test_the_nearest_is_the_one_in_the_same_place(): void
    {
        $place = (string) Str::uuid7();
        $this->postJson('/api/store-places', ['id' => $place, 'name' => 'Cellar'])->assertOk();
        $this->sends($this->add('In the hall', 'logger'), ['readings' => [['at' => '2026-09-14T09:50:00', 'temperature_c' => 21]]]);
        $this->sends($this->add('In the cellar', 'logger', place: $place), ['readings' => [['at' => '2026-09-14T09:50:00', 'temperature_c' => 12]]]);
        self::assertSame(['21', '12'], [$this->postJson('/api/reading', ['unit' => '°C'])->json('value'), $this->postJson('/api/reading', ['unit' => '°C', 'place' => $place])->json('value')]);
    }

    public function test_the_air_of_a_place_follows_its_logger(): void
    {
        $place = (string) Str::uuid7();
        $this->postJson('/api/store-places', ['id' => $place, 'name' => 'Cellar', 'temperature' => 12, 'rh' => 70])->assertOk();
        $id = $this->add('Logger', 'logger', place: $place);
        $rows = [];
        for ($day = 8; $day <= 13; $day++) {
            $rows[] = ['at' => sprintf('2026-09-%02dT10:00:00', $day), 'temperature_c' => 15.5, 'rh' => 60];
        }
        $this->sends($id, ['readings' => $rows])->assertOk();
        self::assertSame("15.5\u{00A0}°C, 60\u{00A0}% RH", $this->getJson('/api/holders')->collect()->firstWhere('id', $place)['said']);
        self::assertSame(1, DB::table('journal_entries')->where('kind', 'air_set')->where('recorded_by', 'Logger')->count());
        self::assertSame(0, DB::table('keepers')->where('name', 'Logger')->count(), 'it is nobody who keeps the garden');
        $this->sends($id, ['readings' => $rows])->assertOk();
        self::assertSame(1, DB::table('journal_entries')->where('kind', 'air_set')->count(), 'it is as it is known');
    }

    public function test_a_logger_that_is_hung_elsewhere_tells_nothing_of_where_it_hung_before(): void
    {
        [$cellar, $attic] = [(string) Str::uuid7(), (string) Str::uuid7()];
        foreach ([$cellar => 'Cellar', $attic => 'Attic'] as $place => $name) {
            $this->postJson('/api/store-places', ['id' => $place, 'name' => $name, 'temperature' => 20, 'rh' => 50])->assertOk();
        }
        $id = $this->add('Logger', 'logger', place: $cellar);
        $told = ['readings' => array_map(static fn (int $day): array => ['at' => sprintf('2026-09-%02dT10:00:00', $day), 'temperature_c' => 12, 'rh' => 75], range(8, 13))];
        $this->putJson("/api/instruments/$id", ['name' => 'Logger', 'kind' => 'logger', 'place_id' => $attic])->assertOk();
        $this->sends($id, $told)->assertOk();
        self::assertSame(0, DB::table('journal_entries')->where('kind', 'air_set')->count());
    }

    public function test_one_that_is_slow_is_not_waited_for(): void
    {
        [$port, $web] = $this->standIns('slow');
        $this->add('Kitchen scale', 'scale', "127.0.0.1:$port");
        self::assertStringContainsString('says nothing', (string) $this->postJson('/api/reading', ['unit' => 'g'])->assertOk()->json('said'));
        $id = $this->add('Logger', 'logger', "http://127.0.0.1:$web/air/cupboard");
        self::assertStringContainsString('does not answer in time', (string) $this->postJson("/api/instruments/$id/ask")->assertOk()->json('trouble'));
    }

    /** However readings come in and are thinned meanwhile, every day keeps its least, its greatest and its mean. */
    #[DataProvider('seeds')]
    public function test_thinning_loses_no_days_figures(int $seed): void
    {
        $chance = new Randomizer(new Mt19937($seed));
        $logger = Instrument::query()->findOrFail($this->add('Logger', 'logger'));
        $readings = app(Readings::class);
        $now = new DateTimeImmutable('2026-09-14 10:00');
        $told = $expected = [];
        for ($n = 0; $n < 120; $n++) {
            $at = $now->modify(sprintf('-%d minutes', $chance->getInt(0, 60 * 24 * 50)));
            $told[] = new Reading(Measure::Temperature, $at, $chance->getInt(-100, 300) / 10);
        }
        foreach ($told as $one) {
            $expected[$one->at->format('Y-m-d')][Moment::keep($one->at)] = $one->value;
        }
        foreach (array_chunk($told, 40) as $some) {
            $readings->keep($logger, $some, $now);
            // Sent again it is the same reading.
            $readings->keep($logger, array_slice($some, 0, 5), $now);
        }
        $readings->thin($now);
        $readings->thin($now->modify('+20 days'));
        foreach ($readings->days($logger, Measure::Temperature, '2026-01-01', '2026-12-31') as $day => $summary) {
            // What came after its day was thinned is not there; of all that was taken nothing is lost.
            if ($day >= $now->modify('-45 days')->format('Y-m-d')) {
                self::assertEqualsWithDelta([min($expected[$day]), max($expected[$day]), array_sum($expected[$day]) / count($expected[$day])], [$summary->least, $summary->greatest, $summary->mean()], 1e-9, $day);
            }
        }
        self::assertSame(0, DB::table('readings')->where('at', '<', Moment::keep($now->modify('-25 days')->setTime(0, 0)))->count());
        // Readings of a day that was thinned, sent again much later, change nothing of it.
        $before = $readings->days($logger, Measure::Temperature, '2026-01-01', '2026-12-31');
        $readings->keep($logger, $told, $now->modify('+400 days'));
        self::assertEquals($before, $readings->days($logger, Measure::Temperature, '2026-01-01', '2026-12-31'));
    }

    /** @return iterable<string, array{int}> */
    public static function seeds(): iterable
    {
        foreach (range(1, 8) as $seed) {
            yield "seed $seed" => [$seed];
        }
    }

    public function test_rain_and_frost_are_said_before_what_they_spoil(): void
    {
        $keeper = new Keeper($this);
        $leek = $keeper->sow($keeper->variety('parsnip', 'Groyne'), '2025-04-01T10:00');
        self::assertNull($this->getJson('/api/today')->json('weather'), 'of weather that nobody foretells nothing is said');
        $id = $this->add('Weather', 'weather');
        $this->sends($id, ['forecast' => [['day' => '2026-09-15', 'low_c' => 9, 'rain_mm' => 6, 'rain_chance' => 0.8], ['day' => '2026-09-16', 'low_c' => -1]]])->assertOk();
        $weather = $this->getJson('/api/today')->json('weather');
        self::assertStringStartsWith('Rain is likely tomorrow, 8 times in 10 by the forecast', $weather['says'][0]);
        self::assertStringStartsWith('Frost is likely in the night to', $weather['says'][1]);
        self::assertSame([$leek], array_column($weather['first'], 'name'));
        self::assertStringContainsString('rain is likely tomorrow: what is shut wants a cover', (string) $this->getJson('/api/rounds/evening')->assertOk()->json('sun'));
        // A dry forecast says nothing.
        $this->sends($id, ['forecast' => [['day' => '2026-09-15', 'low_c' => 9, 'rain_chance' => 0.1], ['day' => '2026-09-16', 'low_c' => 8]]])->assertOk();
        self::assertNull($this->getJson('/api/today')->json('weather'));
    }

    public function test_days_gone_by_are_read_in_from_a_list(): void
    {
        $id = $this->add('Weather', 'weather');
        $rows = [['Day', 'Min', 'Max', 'Rain']];
        for ($day = new DateTimeImmutable('2024-01-01'); $day < new DateTimeImmutable('2026-01-01'); $day = $day->modify('+1 day')) {
            $rows[] = [$day->format('Y-m-d'), '4', '12', '1.5'];
        }
        self::assertSame("731\u{00A0}days read", $this->postJson("/api/instruments/$id/list", ['rows' => $rows])->assertOk()->json('said'));
        self::assertSame([0, 3 * 731 - 731], [DB::table('readings')->count(), DB::table('reading_days')->count()]);
        // Read in again it is the same.
        $this->postJson("/api/instruments/$id/list", ['rows' => $rows])->assertOk();
        self::assertSame(8.0, (float) $this->getJson("/api/instruments/$id?from=2025-12-01")->json('measures.0.days.0.mean'));
        $this->postJson("/api/instruments/$id/list", ['rows' => [['Clouds'], ['many']]])->assertUnprocessable();
    }

    public function test_a_warm_year_moves_what_ripens_and_says_so(): void
    {
        $keeper = new Keeper($this);
        $lettuce = $keeper->sow($keeper->variety('lettuce', 'Spindrift'), '2026-06-01T10:00');
        $pick = fn (): array => collect($this->getJson("/api/plantings/$lettuce")->json('tasks'))->firstWhere('kind', 'pick');
        $usual = $pick();
        self::assertStringNotContainsString('By the warmth', $usual['why']);
        $id = $this->add('Weather', 'weather');
        $days = [];
        // Last year 14 °C all summer, this one 18: 13 above the base where 9 are usual.
        for ($day = new DateTimeImmutable('2025-01-01'); $day < new DateTimeImmutable('2026-09-14'); $day = $day->modify('+1 day')) {
            $mean = $day < new DateTimeImmutable('2026-01-01') ? 14 : 18;
            $days[] = ['instrument_id' => $id, 'measure' => 'temperature', 'day' => $day->format('Y-m-d'), 'least' => $mean - 4, 'greatest' => $mean + 4, 'total' => 2 * $mean, 'readings' => 2];
        }
        foreach (array_chunk($days, 100) as $some) {
            DB::table('reading_days')->insert($some);
        }
        // Each answer reads it anew.
        $this->app->forgetScopedInstances();
        app(Poller::class)->due();
        self::assertGreaterThan(0, DB::table('backlog')->count(), 'what still grows is reckoned anew');
        Artisan::call('marrow:rebuild');
        $warm = $pick();
        self::assertLessThan($usual['best'], $warm['best']);
        self::assertStringContainsString('sooner than usual', str_replace("\u{00A0}", ' ', $warm['why']));
    }

    public function test_nights_too_cold_for_fruit_to_set_are_a_question(): void
    {
        $keeper = new Keeper($this);
        $tomato = $keeper->sow($keeper->variety(), '2026-04-01T10:00');
        $keeper->records($tomato, 'first_bloom', '2026-06-20');
        $asked = fn (): ?string => collect($this->getJson("/api/plantings/$tomato")->json('facts'))->firstWhere('label', 'Weather in bloom')['said'] ?? null;
        self::assertNull($asked(), 'nobody measured it');
        $id = $this->add('Weather', 'weather');
        // Tomato sets from nights of 12 °C to days of 30.
        foreach ([['2026-06-19', 2, 20], ['2026-06-20', 11, 20], ['2026-06-21', 9, 31], ['2026-06-22', 13, 25]] as [$day, $low, $high]) {
            DB::table('reading_days')->insert(['instrument_id' => $id, 'measure' => 'temperature', 'day' => $day, 'least' => $low, 'greatest' => $high, 'total' => $low + $high, 'readings' => 2]);
        }
        self::assertSame('2 nights below 12 °C and 1 day above 30 °C of 3 days: did it set poorly?', str_replace("\u{00A0}", ' ', (string) $asked()));
    }

    public function test_dew_is_said_where_something_lies_in_a_windrow(): void
    {
        $keeper = new Keeper($this);
        $kale = $keeper->sow($keeper->variety('kale', 'Breakwater'), '2025-06-01T10:00');
        $id = $this->add('Weather', 'weather');
        $sent = fn (float $rh): array => ['readings' => [['at' => '2026-09-14T09:30:00', 'temperature_c' => 18, 'rh' => $rh]], 'forecast' => [['day' => '2026-09-15', 'low_c' => 9, 'rain_chance' => 0.1]]];
        $this->sends($id, $sent(80))->assertOk();
        self::assertNull($this->getJson('/api/today')->json('weather'), 'nothing lies out of doors');
        $this->postJson('/api/entries', ['drafts' => [['id' => (string) Str::uuid7(), 'about' => ['subject' => 'lot', 'id' => (string) Str::uuid7()], 'begins' => ['planting' => $keeper->idOf($kale)], 'kind' => 'cut_down', 'happened_at' => '2026-09-13T10:00', 'payload' => ['plants' => 8, 'part' => 'plants', 'kept' => 'windrow']]]])->assertOk();
        // 18 °C at 80 % RH has its dew point at 14.5 °C, at 50 % at 7.4 °C (Magnus).
        self::assertSame(['Dew is likely tonight: what lies in a windrow is covered, or comes in, before evening.'], $this->getJson('/api/today')->json('weather.says'));
        $this->sends($id, $sent(50))->assertOk();
        self::assertNull($this->getJson('/api/today')->json('weather'));
    }

    public function test_the_forecasts_own_record_is_kept_and_shown(): void
    {
        $id = $this->add('Weather', 'weather');
        foreach ([['2026-09-10', 0.8, 5.0, 4.0, 3.0], ['2026-09-11', 0.9, 5.0, 0.0, 3.0], ['2026-09-12', 0.1, 5.0, 7.0, 3.0]] as [$day, $chance, $low, $fell, $night]) {
            DB::table('forecasts')->insert(['instrument_id' => $id, 'for_day' => $day, 'said_on' => (new DateTimeImmutable($day))->modify('-1 day')->format('Y-m-d'), 'low' => $low, 'chance' => $chance]);
            $this->sends($id, ['readings' => [['at' => "{$day}T05:00:00", 'temperature_c' => $night, 'rain_mm' => $fell]]])->assertOk();
        }
        self::assertSame('Of 2 days with rain foretold the day before it rained on 1; on 1 more it rained unforeseen. Of 3 days in all. Its nights are off by 2 °C in the mean, and come 2 °C colder than it says.', str_replace("\u{00A0}", ' ', (string) $this->getJson('/api/instruments')->json('0.record')));
        $this->sends($id, ['forecast' => [['day' => '2026-09-15', 'low_c' => 2]]])->assertOk();
        self::assertStringContainsString('Frost is likely', (string) $this->getJson('/api/today')->json('weather.says.0'), 'it comes two degrees colder than it says');
    }

    public function test_a_year_is_drawn_by_its_days_and_many_years_by_their_months(): void
    {
        $id = $this->add('Logger', 'logger');
        $rows = [];
        for ($day = new DateTimeImmutable('2022-01-01'); $day < new DateTimeImmutable('2026-09-14'); $day = $day->modify('+1 day')) {
            $rows[] = ['instrument_id' => $id, 'measure' => 'temperature', 'day' => $day->format('Y-m-d'), 'least' => 1, 'greatest' => 3, 'total' => 4, 'readings' => 2];
        }
        foreach (array_chunk($rows, 200) as $some) {
            DB::table('reading_days')->insert($some);
        }
        $days = fn (string $from): array => $this->getJson("/api/instruments/$id?from=$from")->assertOk()->json('measures.0.days');
        self::assertSame(['day' => '2026-08-14', 'least' => 1, 'greatest' => 3, 'mean' => 2], $days('2026-08-14')[0]);
        self::assertCount(57, $days('2022-01-01'));
    }

    public function test_one_that_is_taken_down_tells_nothing_more_and_stays_in_the_journal(): void
    {
        $id = $this->add('Logger', 'logger');
        $this->sends($id, ['readings' => [['at' => '2026-09-14T09:50:00', 'temperature_c' => 21]]])->assertOk();
        $this->postJson("/api/instruments/$id/remove")->assertOk();
        self::assertSame([], $this->getJson('/api/instruments')->json());
        self::assertSame([], $this->getJson('/api/frame')->json('reads'));
        self::assertContains('Logger', array_column($this->getJson('/api/journal')->json('lines'), 'name'));
        self::assertSame(1, DB::table('readings')->count());
    }

    public function test_its_stand_ins_err_as_they_say(): void
    {
        $air = StandIns::cupboard(3)->hours(new DateTimeImmutable('2026-01-01'), new DateTimeImmutable('2026-12-31 23:00'));
        self::assertEqualsWithDelta(1 - 1 / 30, count($air) / 8760, 0.01, 'one hour in thirty is missing');
        self::assertSame($air, StandIns::cupboard(3)->hours(new DateTimeImmutable('2026-01-01'), new DateTimeImmutable('2026-12-31 23:00')));
        $weather = new MadeUpWeather(3);
        $right = $days = [false => 0, true => 0];
        for ($day = 0; $day < 3000; $day++) {
            $on = new DateTimeImmutable("2016-01-01 +$day days");
            $rained = $weather->came($on)['rain'] >= 1.0;
            $days[$rained]++;
            $right[$rained] += (int) (($weather->foretold($on)['rain_chance'] >= 0.5) === $rained);
        }
        foreach ([false, true] as $rained) {
            self::assertEqualsWithDelta(0.75, $right[$rained] / $days[$rained], 0.04, 'rain is foretold right three times in four, whether it comes or not');
        }
    }

    private function add(string $name, string $kind, string $address = '', ?string $place = null): string
    {
        $id = (string) Str::uuid7();
        $this->postJson('/api/instruments', ['id' => $id, 'name' => $name, 'kind' => $kind, 'address' => $address, 'place_id' => $place])->assertOk();

        return $id;
    }

    /** @param  array<string, mixed>  $sent */
    private function sends(string $id, array $sent): TestResponse
    {
        return $this->postJson("/api/instruments/$id/readings", $sent);
    }

    /** @return array{string, string} ports of the scale and of the web */
    private function standIns(string $fault = ''): array
    {
        $this->standIns = new Process([PHP_BINARY, base_path('artisan'), 'marrow:stand-ins', '--scale=0', '--web=0', "--fault=$fault"], env: ['DB_DATABASE' => ':memory:']);
        $this->standIns->start();
        $ports = [];
        $this->standIns->waitUntil(static function (string $type, string $output) use (&$ports): bool {
            preg_match_all('/(scale|web) on \S+:(\d+)/', $output, $found, PREG_SET_ORDER);
            foreach ($found as $one) {
                $ports[$one[1]] = $one[2];
            }

            return count($ports) === 2;
        });

        return [$ports['scale'] ?? '', $ports['web'] ?? ''];
    }
}

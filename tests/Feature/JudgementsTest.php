<?php

declare(strict_types=1);

namespace Tests\Feature;

use Illuminate\Support\Str;
use Tests\Support\Keeper;
use Tests\TestCase;

/** The sentences that a gardener acts on, each with its reason and how sure it is. */
final class JudgementsTest extends TestCase
{
    public function test_ten_seeds_say_little_and_it_is_said(): void
    {
        $sentence = $this->tested(1, 10, [[9]])['sentence'];
        self::assertSame('90 %, likely 60 to 98 % of the seed came up. Only 10 seeds were tested, so this says little.', $sentence);
    }

    public function test_between_the_marks_it_is_sown_thicker(): void
    {
        self::assertSame('72 %, likely 58 to 83 % of the seed came up.', $this->tested(2, 25, [[18], [18]])['sentence']);
    }

    public function test_below_them_it_is_not_relied_on(): void
    {
        $test = $this->tested(2, 25, [[11], [12]]);
        self::assertSame('46 %, likely 33 to 60 % of the seed came up.', $test['sentence']);
        self::assertSame('poor', $test['verdict']);
    }

    public function test_replicates_that_differ_too_much_are_called_out(): void
    {
        $test = $this->tested(2, 50, [[48], [30]]);
        self::assertFalse($test['agrees']);
        self::assertStringContainsString('The replicates do not agree (chance of such a difference: under 1 in 1 000)', $test['agreement']);
        self::assertTrue($this->tested(2, 50, [[40], [42]], 'Pilot Cutter')['agrees']);
    }

    public function test_seed_that_never_came_up_has_no_speed_and_no_sowing_rate(): void
    {
        $test = $this->tested(1, 25, [[0]]);
        self::assertSame('0 %, likely 0 to 13 % of the seed came up.', $test['sentence']);
        self::assertNull($test['speed']);
        self::assertNull($test['sowing']);
    }

    public function test_a_running_test_says_what_can_still_happen(): void
    {
        $keeper = new Keeper($this);
        $lot = $keeper->storedTomato();
        $keeper->records($lot, 'test_started', '2026-08-20T18:00', ['test' => 't', 'replicates' => 1, 'seeds' => 50, 'temperature_c' => 24, 'method' => 'dish']);
        self::assertSame('Nothing counted yet. The first count is on day 5.', $this->sheet($lot)['test']['sentence']);
        $keeper->records($lot, 'test_counted', '2026-08-25T09:00', ['test' => 't', 'normal' => [20], 'abnormal' => [5]]);
        self::assertSame('So far 40 % up; it can still end anywhere from 40 % to 90 %.', $this->sheet($lot)['test']['sentence']);
        $keeper->records($lot, 'test_counted', '2026-08-27T09:00', ['test' => 't', 'normal' => [21], 'abnormal' => [0]]);
        self::assertSame('82 %, likely 69 to 90 %: good enough to be sown as usual, whatever the 4 undecided seeds do.', $this->sheet($lot)['test']['sentence']);
        self::assertSame(25, $this->sheet($lot)['test']['day'], 'the day goes by the day looked at');
    }

    public function test_untested_seed_says_what_its_forecast_supposes(): void
    {
        $forecast = $this->sheet((new Keeper($this))->storedTomato())['store']['forecast'];
        self::assertStringContainsString('if 95 % of it was alive at the start: it has not been tested', $forecast['sentence']);
        self::assertSame('Rests on the years that tomato ordinarily lasts; no test of its own yet.', $forecast['ground'][0]);
        self::assertStringContainsString('never tested, so 95 % is taken', $forecast['ground'][1]);
        self::assertStringContainsString('as measured, kept by the tight container', $forecast['ground'][2]);
    }

    public function test_each_ground_of_a_forecast_is_named(): void
    {
        $keeper = new Keeper($this);
        $lot = $this->onion($keeper, 'paper_envelope');
        $ground = $this->sheet($lot)['store']['forecast']['ground'];
        self::assertStringContainsString('in balance with the air of the place, since the container breathes', $ground[2]);
        self::assertStringContainsString('Constants measured for onion (Ellis & Roberts 1981)', $ground[3]);

        $keeper->tries($lot, 'stored', '2026-09-05T09:00', ['container' => 'jar', 'place' => 'Fridge', 'temperature_c' => 5, 'rh' => 60], evenSo: true)->assertOk();
        $sheet = $this->sheet($lot);
        // Seed in balance with 50 % RH takes that moisture into the jar: no danger, and not as dry as it could be.
        self::assertStringContainsString('about 10.3 %, as in balance with the air it was kept in before it was closed in', $sheet['store']['forecast']['ground'][2]);
        self::assertNotContains('open_damp_jar', array_column($sheet['tasks'], 'kind'));

        $keeper->records($lot, 'jar_read', '2026-09-07T09:00', ['rh' => 35, 'temperature_c' => 20]);
        $sheet = $this->sheet($lot);
        self::assertStringContainsString('as measured', $sheet['store']['forecast']['ground'][2]);
        self::assertNotContains('open_damp_jar', array_column($sheet['tasks'], 'kind'));
    }

    public function test_seed_shut_in_damp_is_an_alarm_with_the_figures(): void
    {
        $keeper = new Keeper($this);
        $lot = $this->onion($keeper, 'jar');
        $keeper->records($lot, 'jar_read', '2026-09-12T09:00', ['rh' => 80, 'temperature_c' => 18]);
        $sheet = $this->sheet($lot);
        self::assertSame('open_damp_jar', $sheet['tasks'][0]['kind']);
        self::assertTrue($sheet['tasks'][0]['alarm']);
        self::assertSame('spread', $sheet['offers'][0]['kind'], 'what is first to be done stands first');
        self::assertStringContainsString('seed moulds or sprouts within days to weeks', $sheet['tasks'][0]['why']);
        self::assertSame('open_damp_jar', $this->getJson('/api/today')->json('now.0.kind'));
    }

    public function test_a_ferment_that_lay_too_long_is_remembered(): void
    {
        $keeper = new Keeper($this);
        $lot = $keeper->pick($keeper->sow($keeper->variety()), '2026-08-01T10:00');
        $keeper->records($lot, 'ferment_started', '2026-08-01T12:00', ['temperature_c' => 31, 'cover' => 'cloth']);
        // At 31 °C: 36 h, no later than 72.
        $keeper->records($lot, 'poured_off', '2026-08-05T12:00', ['passes' => 3, 'sprouted' => true]);
        self::assertStringContainsString(
            'Poured off after 96 h; at 31 °C the limit is about 72 h. Sprouted seed was seen',
            $this->sheet($lot)['cleaning']['vessel']['sentence'],
        );
    }

    public function test_cautions_stand_at_the_act_they_belong_to(): void
    {
        $keeper = new Keeper($this);
        $hot = $keeper->pick($keeper->sow($keeper->variety('pepper', 'Flare Gun')), '2026-09-01T10:00');
        $offers = array_column($this->sheet($hot)['offers'], 'cautions', 'kind');
        self::assertStringContainsString('gloves', implode(' ', $offers['rinsed']));
        self::assertSame([], $offers['noted']);
        $tomato = $keeper->pick($keeper->sow($keeper->variety()), '2026-09-01T10:00');
        $offers = array_column($this->sheet($tomato)['offers'], 'cautions', 'kind');
        self::assertStringContainsString('never a screwed-down one', implode(' ', $offers['ferment_started']));
    }

    public function test_what_was_kept_is_said_back_as_it_was_understood(): void
    {
        $keeper = new Keeper($this);
        $lot = $keeper->storedTomato();
        $said = static fn (string $kind, array $payload): string => str_replace("\u{00A0}", ' ', $keeper->tries($lot, $kind, '2026-09-10T09:00', $payload)->assertOk()->json('answers.0.said'));
        self::assertSame('L1: taken out, 20 seeds, given away, Odile', $said('withdrawn', ['purpose' => 'gift', 'seeds' => '20', 'to' => 'Odile']));
        self::assertSame('L1: jar humidity read, 34 % RH, 19.5 °C', $said('jar_read', ['rh' => 34, 'temperature_c' => '19,5']));
        self::assertSame('L1: seeds counted and weighed, samples of 100 seeds, 0.302 g, 0.3 g', $said('sample_weighed', ['counted' => 100, 'masses_g' => ['0,302', '0.3']]));
        self::assertSame('L1: note, Looks well', $said('noted', ['text' => 'Looks well']));
    }

    public function test_seed_from_elsewhere_says_what_was_told_and_what_nobody_knows(): void
    {
        $keeper = new Keeper($this);
        $draft = ['about' => ['subject' => 'lot', 'id' => (string) Str::uuid7()], 'begins' => ['variety' => $keeper->variety('onion', 'Capstan')], 'kind' => 'received', 'happened_at' => '2026-03-01'];
        $lot = $keeper->sends($draft + ['payload' => ['how' => 'bought', 'from' => 'Harbour Seeds', 'claimed' => '85']])->assertOk()->json('answers.0.code');
        $sheet = $this->sheet($lot);
        self::assertNull($sheet['planting']);
        self::assertSame(['origin'], array_column($sheet['sections'], 'section'));
        self::assertSame(['bought, 1 March 2026', 'Harbour Seeds', 'nobody knows', '85 %; nobody knows when, so it is reckoned with nowhere'], array_column($sheet['origin']['facts'], 'said'));
        self::assertSame('stored', $sheet['offers'][0]['kind']);

        $keeper->tries($lot, 'stored', '2026-03-02', ['container' => 'tin', 'place' => 'Hall', 'temperature_c' => 18, 'rh' => 50, 'seeds' => 100], evenSo: true)->assertOk();
        self::assertSame(
            'No forecast: nobody knows how it was kept before it came here. Ordinarily seed of onion lasts 1.5 years in a cupboard. Twenty seeds on damp paper tell it to within about 17 points.',
            str_replace("\u{00A0}", ' ', $this->sheet($lot)['store']['no_forecast']),
        );
        self::assertNull($this->sheet($lot)['tag']['year']);
    }

    public function test_treated_seed_says_so_where_the_hand_is_about_to_act_and_is_eaten_only_after_a_question(): void
    {
        $keeper = new Keeper($this);
        $draft = ['about' => ['subject' => 'lot', 'id' => (string) Str::uuid7()], 'begins' => ['variety' => $keeper->variety('maize', 'Stook')], 'kind' => 'received', 'happened_at' => '2026-03-01'];
        $lot = $keeper->sends($draft + ['payload' => ['how' => 'bought', 'year' => 2024, 'packed_for' => 2025, 'packet' => 'HS-7714', 'seeds' => '60', 'claimed' => '92', 'claimed_on' => '2024-11-03', 'treated' => true, 'terms' => 'not to be sold']])->assertOk()->json('answers.0.code');

        $sheet = $this->sheet($lot);
        $facts = array_column($sheet['origin']['facts'], 'said', 'label');
        self::assertSame('2024, packed for 2025', $facts['Ripened in']);
        self::assertSame('92 %, tested 3 November 2024', str_replace("\u{00A0}", ' ', $facts['Germinates, as it was told']));
        self::assertSame(['HS-7714', 'not to be sold'], [$facts['Number on their packet'], $facts['Terms']]);
        self::assertSame('Treated seed: never eat it, nor feed it to animals. Gloves.', $sheet['origin']['warning']);
        $cautions = array_column($sheet['offers'], 'cautions', 'kind');
        self::assertStringContainsString('gloves', implode(' ', $cautions['withdrawn']));
        self::assertStringContainsString('gloves', implode(' ', $cautions['stored']));

        $keeper->tries($lot, 'withdrawn', '2026-03-02', ['purpose' => 'eaten', 'seeds' => 10])->assertUnprocessable()->assertSee('not to be eaten');
        $keeper->records($lot, 'withdrawn', '2026-03-02', ['purpose' => 'sowing', 'seeds' => 10]);
        self::assertStringStartsWith('50 seeds', str_replace("\u{00A0}", ' ', array_column($this->sheet($lot)['origin']['facts'], 'said', 'label')['Holds']));
    }

    /**
     * @param  list<list<int>>  $up  by replicate
     * @return array<string, mixed>
     */
    private function tested(int $replicates, int $seeds, array $up, string $variety = 'Sluice Gate'): array
    {
        $keeper = new Keeper($this);
        $lot = $keeper->storedTomato($variety);
        $test = ['test' => 't-'.$variety];
        $keeper->records($lot, 'test_started', '2026-08-10T18:00', [...$test, 'replicates' => $replicates, 'seeds' => $seeds, 'temperature_c' => 24, 'method' => 'dish']);
        $keeper->records($lot, 'test_counted', '2026-08-20T09:00', [...$test, 'normal' => array_merge(...$up), 'abnormal' => array_fill(0, $replicates, 0)]);
        $keeper->records($lot, 'test_ended', '2026-08-24T09:00', $test);

        return $this->sheet($lot)['test'];
    }

    private function onion(Keeper $keeper, string $container): string
    {
        $lot = $keeper->pick($keeper->sow($keeper->variety('onion', 'Capstan'), '2025-03-01T10:00'), '2026-08-01T10:00', ['plants' => 20, 'fruits' => 20, 'mass_g' => 300]);
        $keeper->records($lot, 'threshed', '2026-08-25T09:00', ['mass_g' => 90]);
        $keeper->records($lot, 'winnowed', '2026-08-25T10:00', ['mass_g' => 60]);
        $keeper->tries($lot, 'stored', '2026-09-01T09:00', ['container' => $container, 'place' => 'Hall cupboard', 'temperature_c' => 18, 'rh' => 50, 'mass_g' => 60], evenSo: true)->assertOk();

        return $lot;
    }

    /** @return array<string, mixed> with ordinary spaces, as it reads */
    private function sheet(string $lot): array
    {
        $sheet = json_decode(str_replace('\u00a0', ' ', $this->getJson("/api/lots/$lot")->assertOk()->content()), true);

        // Each section by its name; no lot of these has two tests.
        return $sheet + array_column($sheet['sections'], null, 'section');
    }
}

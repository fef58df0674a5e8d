<?php

declare(strict_types=1);

namespace Tests\Feature;

use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;
use Tests\Support\Keeper;
use Tests\TestCase;

/** Germination tests as the worksheet tells of them. */
final class TraysTest extends TestCase
{
    private Keeper $keeper;

    protected function setUp(): void
    {
        parent::setUp();
        $this->keeper = new Keeper($this);
    }

    public function test_floaters_and_sinkers_are_compared_and_count_for_neither_the_lot_nor_its_forecast(): void
    {
        $lot = $this->lot();
        $before = $this->getJson("/api/lots/$lot")->json('advice');
        foreach (['f' => ['floaters', 31], 's' => ['sinkers', 33]] as $test => [$group, $up]) {
            $this->keeper->records($lot, 'test_started', '2026-08-20T09:00', ['test' => $test, 'replicates' => 1, 'seeds' => 36, 'temperature_c' => 18, 'method' => 'dish', 'group' => $group]);
        }
        self::assertSame('Laid side by side: with so many seeds 90 % against 60 % would show 80 times in 100.', self::plain($this->test($lot, 'f')['beside']));
        foreach (['f' => 31, 's' => 33] as $test => $up) {
            $this->keeper->records($lot, 'test_counted', '2026-09-01T09:00', ['test' => $test, 'normal' => [$up], 'abnormal' => [0]]);
            $this->keeper->records($lot, 'test_ended', '2026-09-03T09:00', ['test' => $test]);
        }
        self::assertSame('Floaters 31 of 36, sinkers 33 of 36 came up: no difference shown, and one of up to 21 points would have gone unseen.', self::plain($this->test($lot, 's')['beside']));
        self::assertSame($before, $this->getJson("/api/lots/$lot")->json('advice'));
        self::assertStringContainsString('Of some of the lot alone', $this->test($lot, 'f')['set']);
        self::assertNull($this->test($lot, 'f')['sowing']);
    }

    public function test_a_difference_that_shows_is_said_with_its_limits(): void
    {
        $lot = $this->lot();
        foreach (['a' => ['from the fridge', 34], 'b' => ['from the hall', 14], 'c' => ['from the shed', 30]] as $test => [$group, $up]) {
            $this->keeper->records($lot, 'test_started', '2026-08-20T09:00', ['test' => $test, 'replicates' => 1, 'seeds' => 36, 'temperature_c' => 18, 'method' => 'dish', 'group' => $group]);
            $this->keeper->records($lot, 'test_counted', '2026-09-01T09:00', ['test' => $test, 'normal' => [$up], 'abnormal' => [0]]);
            $this->keeper->records($lot, 'test_ended', '2026-09-03T09:00', ['test' => $test]);
            if ($test === 'b') {
                self::assertStringStartsWith('From the fridge 34 of 36, from the hall 14 of 36 came up: a difference of 56 points (likely 35 to 70 points)', self::plain($this->test($lot, 'b')['beside']));
            }
        }
        self::assertStringContainsString('what differs: from the fridge and from the hall; from the hall and from the shed', self::plain($this->test($lot, 'c')['beside']));
    }

    public function test_the_rest_is_said_by_its_kinds(): void
    {
        $lot = $this->lot();
        $this->keeper->records($lot, 'test_started', '2026-08-20T09:00', ['test' => 't', 'replicates' => 4, 'seeds' => 25, 'temperature_c' => 18, 'method' => 'rolled_cloth', 'sorted' => true]);
        $this->keeper->records($lot, 'test_counted', '2026-08-26T09:00', ['test' => 't', 'normal' => [18, 17, 19, 16], 'abnormal' => [1, 0, 0, 1], 'mouldy' => [0, 2, 0, 0], 'eaten' => [0, 0, 0, 3]]);
        $this->keeper->tries($lot, 'test_ended', '2026-09-03T09:00', ['test' => 't', 'hard' => [7, 0, 0, 0], 'fresh' => [0, 0, 0, 0], 'empty' => [0, 0, 0, 0]])->assertUnprocessable()->assertJsonPath('answers.0.errors.hard', 'Of replicate 1 only 6 are left to be judged; that would make 7.');
        $this->keeper->records($lot, 'test_ended', '2026-09-03T09:00', ['test' => 't', 'hard' => [2, 1, 0, 0], 'fresh' => [1, 0, 0, 0], 'empty' => [0, 0, 4, 0]]);
        self::assertSame('Of the rest 2 abnormal, 2 rotten, 4 empty. 3 hard and 1 firm and swollen may be alive: up to 76 % may yet come, once nicked, chilled or kept longer. 3 seeds were eaten: left out.', self::plain($this->test($lot, 't')['rest']));
        self::assertStringContainsString('empty seed sorted out first', $this->test($lot, 't')['set']);
        self::assertSame(97, $this->test($lot, 't')['germinated'] + 27, 'of 97 that tell');
    }

    public function test_where_empty_seed_was_sorted_out_before_the_test_packets_are_filled_so_too(): void
    {
        $lot = $this->lot();
        $this->keeper->records($lot, 'stored', '2025-09-21T09:00', ['container' => 'jar', 'place' => 'Hall', 'temperature_c' => 18, 'rh' => 50, 'seeds' => 900]);
        foreach (['a' => false, 'b' => true] as $test => $sorted) {
            $this->keeper->records($lot, 'test_started', $sorted ? '2026-08-20T09:00' : '2026-02-01T09:00', ['test' => $test, 'replicates' => 1, 'seeds' => 25, 'temperature_c' => 18, 'method' => 'dish', 'sorted' => $sorted]);
            $this->keeper->records($lot, 'test_counted', $sorted ? '2026-09-01T09:00' : '2026-02-13T09:00', ['test' => $test, 'normal' => [23], 'abnormal' => [0]]);
            $this->keeper->records($lot, 'test_ended', $sorted ? '2026-09-01T10:00' : '2026-02-13T10:00', ['test' => $test]);
            self::assertSame($sorted, str_contains((string) json_encode($this->getJson("/api/lots/$lot/portions")->assertOk()->json()), 'full seed alone'));
        }
    }

    public function test_a_dish_that_was_dropped_is_left_out(): void
    {
        $lot = $this->lot();
        $this->keeper->records($lot, 'test_started', '2026-08-20T09:00', ['test' => 't', 'replicates' => 2, 'seeds' => 25, 'temperature_c' => 18, 'method' => 'dish']);
        $this->keeper->records($lot, 'test_counted', '2026-08-28T09:00', ['test' => 't', 'normal' => [22, 3], 'abnormal' => [0, 0]]);
        self::assertFalse($this->test($lot, 't')['agrees']);
        $this->keeper->records($lot, 'dish_lost', '2026-08-29T09:00', ['test' => 't', 'dish' => 2]);
        $test = $this->test($lot, 't');
        self::assertSame([22, '1 dish was lost: none of it is counted.', null], [$test['germinated'], self::plain($test['rest']), $test['agreement']]);
        $this->keeper->tries($lot, 'dish_lost', '2026-08-30T09:00', ['test' => 't', 'dish' => 3])->assertUnprocessable();
    }

    public function test_the_dish_that_is_least_like_the_others_is_named_by_its_own_number(): void
    {
        $lot = $this->lot();
        $this->keeper->records($lot, 'test_started', '2026-08-20T09:00', ['test' => 't', 'replicates' => 4, 'seeds' => 25, 'temperature_c' => 18, 'method' => 'dish']);
        $this->keeper->records($lot, 'test_counted', '2026-08-28T09:00', ['test' => 't', 'normal' => [2, 22, 21, 9], 'abnormal' => [0, 0, 0, 0]]);
        $this->keeper->records($lot, 'dish_lost', '2026-08-29T09:00', ['test' => 't', 'dish' => 1]);
        self::assertStringContainsString(', dish 4 the least like the others with 9 of 25: one was treated differently', self::plain($this->test($lot, 't')['agreement']));
        $this->keeper->records($lot, 'test_ended', '2026-09-03T09:00', ['test' => 't']);
    }

    public function test_of_a_poor_one_it_is_said_how_it_is_sown_where_there_is_no_other(): void
    {
        $lot = $this->lot();
        $this->keeper->records($lot, 'test_result', '2026-02-20', ['test' => 't', 'seeds' => 40, 'up' => 14]);
        self::assertStringEndsWith('Only if there is no other: sprouted first on damp paper, what comes can be potted on and no module stands empty.', self::plain($this->test($lot, 't')['sowing']));
    }

    public function test_a_running_test_that_is_settled_says_so(): void
    {
        $lot = $this->lot();
        $this->keeper->records($lot, 'test_started', '2026-09-01T09:00', ['test' => 't', 'replicates' => 4, 'seeds' => 25, 'temperature_c' => 18, 'method' => 'dish']);
        foreach (['2026-09-07' => 9, '2026-09-09' => 3, '2026-09-11' => 0] as $day => $up) {
            $this->keeper->records($lot, 'test_counted', "{$day}T09:00", ['test' => 't', 'normal' => [$up, $up, $up, $up], 'abnormal' => [0, 0, 0, 0]]);
        }
        self::assertStringStartsWith('48 % up so far: it will end too few to rely on, as sure as 98 times in 100.', self::plain($this->test($lot, 't')['sentence']));
    }

    public function test_how_many_are_laid_and_what_counts_as_up_is_as_the_keeper_set_it(): void
    {
        $lot = $this->lot();
        $usual = fn (): array => array_intersect_key(array_column(collect($this->getJson("/api/lots/$lot")->json('offers'))->firstWhere('kind', 'test_started')['fields'], 'usual', 'key'), ['replicates' => 1, 'seeds' => 1, 'up' => 1]);
        self::assertSame(['replicates' => '2', 'seeds' => '25', 'up' => 'seedling'], $usual());
        $this->putJson('/api/settings/test_usual', ['value' => 'ten'])->assertOk();
        $this->putJson('/api/settings/counts_as_up', ['value' => 'root'])->assertOk();
        self::assertSame(['replicates' => '1', 'seeds' => '10', 'up' => 'root'], $usual());
        $this->keeper->records($lot, 'test_started', '2026-08-20T09:00', ['test' => 't', 'replicates' => 1, 'seeds' => 10, 'temperature_c' => 18, 'method' => 'folded_paper', 'up' => 'root']);
        self::assertStringContainsString('10 seeds in a bag with folded paper, 18 °C, set Thursday 20 August, up when a root is seen.', self::plain($this->test($lot, 't')['set']));
        self::assertStringStartsWith('Kitchen paper folded twice', $this->test($lot, 't')['steps'][1]);
    }

    public function test_an_old_result_is_one_form_and_counts_as_a_test(): void
    {
        $lot = $this->lot();
        $this->keeper->tries($lot, 'test_result', '2026-02-20', ['test' => 't', 'seeds' => 36, 'up' => 40])->assertUnprocessable()->assertJsonPath('answers.0.errors.up', 'Of 36 seeds not more than 36 can come up.');
        $this->keeper->tries($lot, 'test_result', '2026-02-20', ['test' => 't', 'seeds' => 0, 'up' => 0])->assertUnprocessable();
        $this->keeper->records($lot, 'test_result', '2026-02-20', ['test' => 't', 'seeds' => 36, 'up' => 31]);
        $test = $this->test($lot, 't');
        self::assertSame('86 %, likely 71 to 94 % of the seed came up.', self::plain($test['sentence']));
        self::assertSame('31 of 36 came up, as it was written down; day by day it is not known.', $test['set']);
        self::assertStringContainsString('86 %', self::plain($this->getJson("/api/lots/$lot")->json('advice')));
        $read = $this->postJson('/api/lines/read', ['text' => "$lot old test 31 of 36"])->assertOk();
        self::assertStringContainsString('test_result', (string) json_encode($read->json()));
    }

    public function test_where_nothing_is_up_in_time_it_is_said_what_that_can_mean(): void
    {
        $lot = $this->lot();
        $this->keeper->records($lot, 'test_started', '2026-09-01T09:00', ['test' => 't', 'replicates' => 1, 'seeds' => 20, 'temperature_c' => 9, 'method' => 'dish']);
        $this->keeper->records($lot, 'test_counted', '2026-09-04T09:00', ['test' => 't', 'normal' => [0], 'abnormal' => [0]]);
        self::assertNull($this->test($lot, 't')['rest'], 'too early to say');
        $this->keeper->records($lot, 'test_counted', '2026-09-09T09:00', ['test' => 't', 'normal' => [0], 'abnormal' => [0]]);
        self::assertStringStartsWith('Nothing is up on day 8, when most usually is. Cut one open: firm and white it is alive, soft or brown it is dead. It lies at 9 °C and wants 15 °C', self::plain($this->test($lot, 't')['rest']));
    }

    public function test_the_trays_at_a_glance_are_dish_by_dish_with_what_wants_testing_next(): void
    {
        $lot = $this->lot();
        $this->keeper->records($lot, 'stored', '2025-09-21T09:00', ['container' => 'jar', 'place' => 'Hall', 'temperature_c' => 18, 'rh' => 50, 'seeds' => 900]);
        self::assertSame([$lot, '50 of 900 seeds'], [$this->getJson('/api/trays')->json('next.0.code'), self::plain($this->getJson('/api/trays')->json('next.0.costs'))]);
        $this->keeper->records($lot, 'test_started', '2026-09-06T09:00', ['test' => 't', 'replicates' => 2, 'seeds' => 25, 'temperature_c' => 18, 'method' => 'dish']);
        $this->keeper->records($lot, 'test_counted', '2026-09-13T09:00', ['test' => 't', 'normal' => [12, 14], 'abnormal' => [1, 0], 'mouldy' => [1, 0], 'eaten' => [0, 2]]);
        $trays = $this->getJson('/api/trays')->assertOk();
        self::assertSame([['up' => 12, 'dead' => 2, 'open' => 11], ['up' => 14, 'dead' => 0, 'open' => 9]], $trays->json('tests.0.dishes'));
        self::assertSame('26 of 48 up, counted on day 7', self::plain($trays->json('tests.0.said')));
        self::assertSame('Look tomorrow, day 9', self::plain($trays->json('tests.0.next')));
        self::assertSame([], $trays->json('next'), 'one runs');
    }

    public function test_what_a_test_costs_and_tells_is_said_before_its_seed_is_taken(): void
    {
        $lot = $this->lot();
        $ahead = fn (array $test): array => $this->getJson("/api/lots/$lot/test-ahead?".http_build_query(['test' => ['replicates' => 2, 'seeds' => 25, 'method' => 'damp_towel', 'group' => '', ...$test]]))->assertOk()->json();
        self::assertSame('50 seeds of it; how many there are is not known.', self::plain($ahead([])['costs']));
        $this->keeper->records($lot, 'stored', '2025-09-21T09:00', ['container' => 'jar', 'place' => 'Hall', 'temperature_c' => 18, 'rh' => 50, 'seeds' => 900]);
        self::assertSame('50 of 900 seeds; 850 seeds are left.', self::plain($ahead([])['costs']));
        // By R: prop.test(40, 50, correct = FALSE), prop.test(80, 100, correct = FALSE); the power summed over fisher.test of all outcomes.
        self::assertSame(['Were 40 of 50 to come up, likely 67 to 89 % of the lot would be alive; with 100 seeds likely 71 to 87 %.'], array_map(self::plain(...), $ahead([])['tells']));
        self::assertSame('Beside another of as many, 90 % against 60 % would show 93 times in 100.', self::plain($ahead(['group' => 'floaters'])['tells'][1]));
        self::assertStringEndsWith('to be shown 8 times in 10, it wants 36 seeds of each.', self::plain($ahead(['group' => 'floaters', 'replicates' => 1, 'seeds' => 10])['tells'][1]));
        self::assertSame('9 500 seeds, and there are only 900 seeds.', self::plain($ahead(['replicates' => 10, 'seeds' => 950])['costs']));
        self::assertSame('950 seeds, and there are only 900 seeds.', self::plain($ahead(['replicates' => 10, 'seeds' => 95])['costs']));
        self::assertStringStartsWith('Have ready: dishes with lids', $ahead(['method' => 'dish'])['ready']);
        self::assertStringContainsString('it gives off chlorine', implode(' ', $ahead(['method' => 'dish'])['steps']));
        $this->getJson("/api/lots/$lot/test-ahead?test[replicates]=2&test[seeds]=0&test[method]=dish")->assertUnprocessable();
    }

    public function test_a_chilled_test_is_counted_from_when_it_comes_into_the_warmth(): void
    {
        $lot = $this->lot();
        $this->keeper->records($lot, 'test_started', '2026-08-17T09:00', ['test' => 't', 'replicates' => 2, 'seeds' => 25, 'temperature_c' => 18, 'method' => 'dish', 'chilled_days' => 42]);
        self::assertSame(['Germination test, in the cold', 'In the cold until 28 September 2026; the first count is 6 days later.'], [$this->test($lot, 't')['title'], self::plain($this->test($lot, 't')['sentence'])]);
        $board = $this->getJson('/api/places/trays')->assertOk();
        self::assertStringContainsString('in the cold', (string) json_encode($board->json()));
        $this->keeper->records($lot, 'test_warmed', '2026-09-10T09:00', ['test' => 't']);
        self::assertSame('Germination test, day 4', $this->test($lot, 't')['title']);
        self::assertStringContainsString('first 42 days damp in the cold', self::plain($this->test($lot, 't')['set']));
        $task = collect($this->getJson("/api/lots/$lot")->json('tasks'))->firstWhere('kind', 'wet_test');
        self::assertSame(['kind' => 'test_wetted', 'act' => 'Wet it', 'field' => 'test'], $task['tap']);
        $this->keeper->records($lot, $task['tap']['kind'], '2026-09-14T09:00', [$task['tap']['field'] => $task['about']]);
        self::assertNull(collect($this->getJson("/api/lots/$lot")->json('tasks'))->firstWhere('kind', 'wet_test'), 'it is counted before it wants wetting again');
    }

    public function test_laid_otherwise_than_the_crop_wants_it_says_less(): void
    {
        $lot = $this->lot();
        $this->keeper->records($lot, 'test_started', '2026-08-20T09:00', ['test' => 't', 'replicates' => 1, 'seeds' => 25, 'temperature_c' => 9, 'method' => 'dish']);
        self::assertSame('It was laid at 9 °C, while the crop wants 15 °C to 20 °C: it says less than one laid as it should be, and more of the lot may be alive.', self::plain($this->test($lot, 't')['otherwise']));
        $this->keeper->records($lot, 'test_result', '2026-02-20', ['test' => 'old', 'seeds' => 36, 'up' => 31]);
        self::assertNull($this->test($lot, 'old')['otherwise'], 'nobody knows how it was laid');
    }

    public function test_vigour_is_told_against_its_own_earlier_test_where_the_counts_can_tell_it(): void
    {
        $lot = $this->lot();
        foreach (['a' => ['2026-02-01', [5 => 4, 6 => 10, 7 => 5]], 'b' => ['2026-08-20', [7 => 4, 8 => 10, 10 => 5]], 'c' => ['2026-09-01', [11 => 19]]] as $id => [$on, $counts]) {
            $this->keeper->records($lot, 'test_started', "{$on}T09:00", ['test' => $id, 'replicates' => 1, 'seeds' => 20, 'temperature_c' => 18, 'method' => 'dish']);
            foreach ($counts as $day => $new) {
                $this->keeper->records($lot, 'test_counted', date('Y-m-d\T09:00', strtotime("$on +$day days")), ['test' => $id, 'normal' => [$new], 'abnormal' => [0]]);
            }
            $this->keeper->records($lot, 'test_ended', date('Y-m-d\T10:00', strtotime("$on +12 days")), ['test' => $id]);
        }
        // By hand: 4 before, 5.5 of 10 between days 5 and 6; then between days 7 and 8.
        self::assertSame('Half of those that came up were up by day 5.6 (T50). Fresh seed of the crop: about day 5.6, by an assumed pace.', self::plain(preg_replace('/, the middle half of them within [\d.]+ days/', '', $this->test($lot, 'a')['speed'])));
        self::assertStringEndsWith('In its test of February 2026 it was day 5.6: slower now.', self::plain($this->test($lot, 'b')['speed']));
        self::assertSame('Half of those that came up came between day 0 and day 11: the counts lie too far apart to say how fast.', $this->test($lot, 'c')['speed']);
        self::assertNull($this->test($lot, 'c')['t50']);
    }

    public function test_sprouts_are_potted_on_without_taking_their_seed_twice(): void
    {
        $lot = $this->lot();
        $this->keeper->records($lot, 'stored', '2025-09-21T09:00', ['container' => 'jar', 'place' => 'Hall', 'temperature_c' => 18, 'rh' => 50, 'seeds' => 900]);
        $this->keeper->records($lot, 'test_started', '2026-08-28T09:00', ['test' => 't', 'replicates' => 1, 'seeds' => 20, 'temperature_c' => 18, 'method' => 'modules']);
        $this->keeper->records($lot, 'test_counted', '2026-09-05T09:00', ['test' => 't', 'normal' => [17], 'abnormal' => [0]]);
        $this->keeper->records($lot, 'test_ended', '2026-09-09T09:00', ['test' => 't']);
        self::assertSame([17, true], [$this->test($lot, 't')['sprouts'], $this->test($lot, 't')['leads']]);
        $variety = $this->getJson("/api/lots/$lot")->json('variety');
        $potted = fn (array $payload): TestResponse => $this->keeper->sends(['id' => (string) Str::uuid7(), 'kind' => 'sown', 'about' => ['subject' => 'planting', 'id' => (string) Str::uuid7()], 'begins' => ['variety' => $variety, 'spot' => 'Frame 1'], 'happened_at' => '2026-09-10T10:00', 'payload' => $payload]);
        $sprouts = ['lot' => $this->keeper->idOf($lot), 'plants' => 12, 'sprouts' => true];
        $potted([...$sprouts, 'seeds' => 12])->assertUnprocessable()->assertJsonPath('answers.0.errors.seeds', 'Sprouts of a test take no more seed: it was taken when the test was laid. Leave this empty.');
        $potted($sprouts)->assertOk();
        self::assertStringContainsString('880 seeds', self::plain((string) json_encode($this->getJson("/api/lots/$lot")->json('sections'), JSON_UNESCAPED_UNICODE)));
        self::assertCount(1, $this->getJson("/api/lots/$lot")->json('grown'));
    }

    public function test_lots_of_one_variety_that_were_laid_together_are_compared(): void
    {
        $variety = $this->keeper->variety('onion', 'Capstan');
        $lots = [];
        foreach (['2023' => 11, '2025' => 22] as $year => $up) {
            $lots[] = $lot = $this->keeper->pick($this->keeper->sow($variety, "$year-03-01T10:00"), "$year-08-20T10:00");
            $this->keeper->records($lot, 'threshed', "$year-09-09T09:00");
            $this->keeper->records($lot, 'test_started', '2026-08-20T09:00', ['test' => "t$year", 'replicates' => 1, 'seeds' => 25, 'temperature_c' => 18, 'method' => 'dish']);
            $this->keeper->records($lot, 'test_counted', '2026-09-01T09:00', ['test' => "t$year", 'normal' => [$up], 'abnormal' => [0]]);
            $this->keeper->records($lot, 'test_ended', '2026-09-01T10:00', ['test' => "t$year"]);
        }
        // By R: fisher.test(matrix(c(11, 14, 22, 3), 2))$p.value is 0.00229.
        self::assertSame(["Capstan. $lots[0] 11 of 25, $lots[1] 22 of 25 came up: a difference of 44 points (likely 18 to 63 points), which chance alone makes 1 time in 440."], array_map(self::plain(...), $this->getJson('/api/trays')->json('beside')));
    }

    public function test_of_few_seeds_a_smaller_test_is_wanted_than_the_usual(): void
    {
        $lot = $this->lot();
        $this->keeper->records($lot, 'stored', '2025-09-21T09:00', ['container' => 'jar', 'place' => 'Hall', 'temperature_c' => 18, 'rh' => 50, 'seeds' => 45]);
        self::assertSame('11 of 45 seeds', self::plain($this->getJson('/api/trays')->json('next.0.costs')));
    }

    private function lot(): string
    {
        $lot = $this->keeper->pick($this->keeper->sow($this->keeper->variety('onion', 'Capstan'), '2025-03-01T10:00'), '2025-08-20T10:00');
        $this->keeper->records($lot, 'threshed', '2025-09-09T09:00');
        $this->keeper->records($lot, 'jar_read', '2025-09-20T09:00', ['rh' => 32, 'temperature_c' => 19]);

        return $lot;
    }

    /** @return array<string, mixed> */
    private function test(string $lot, string $id): array
    {
        return collect($this->getJson("/api/lots/$lot")->assertOk()->json('sections'))->firstOrFail(static fn (array $section): bool => $section['section'] === 'test' && $section['id'] === $id);
    }

    private static function plain(?string $text): string
    {
        return str_replace("\u{00A0}", ' ', (string) $text);
    }
}

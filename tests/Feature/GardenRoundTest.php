<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Clock;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;
use Tests\Support\Keeper;
use Tests\TestCase;

/** The garden with a phone in the hand: what to shut tonight and pollinate tomorrow, and how true the line is after that. */
final class GardenRoundTest extends TestCase
{
    private Keeper $keeper;

    protected function setUp(): void
    {
        parent::setUp();
        $this->keeper = new Keeper($this);
    }

    public function test_an_evening_and_a_morning_lead_from_the_flower_to_the_tied_fruit(): void
    {
        $planting = $this->squash();
        $this->at('2026-07-14 18:30');
        self::assertSame([], $this->round('evening')['lines'], 'nobody said that it is to be pollinated by hand');
        $this->keeper->records($planting, 'hand_wanted', '2026-07-14T08:00', ['fruits' => 2]);
        $evening = $this->round('evening');
        self::assertSame([$planting], array_column(array_column($evening['lines'], 'tag'), 'code'));
        self::assertSame('flowers_shut', $evening['lines'][0]['offer']['kind']);
        self::assertSame('', $evening['sun'], 'nobody said where the garden lies');
        $this->putJson('/api/settings/latitude', ['value' => '52'])->assertOk();
        $this->putJson('/api/settings/longitude', ['value' => '5'])->assertOk();
        self::assertMatchesRegularExpression('/^Sunset \d\d:\d\d$/', $this->round('evening')['sun']);

        $this->keeper->records($planting, 'flowers_shut', '2026-07-14T18:20', ['females' => 2, 'males' => 4, 'where' => 'by the path']);
        $morning = $this->round('morning');
        self::assertSame('Tomorrow morning', $morning['title']);
        self::assertSame('2 flowers shut: by the path.', self::plain($morning['lines'][0]['says'][0]));
        self::assertStringContainsString('Pollen of plants 1, 2, 3 next', $morning['lines'][0]['says'][2]);
        $this->at('2026-07-19 10:00');
        $this->keeper->records($planting, 'hand_pollinated', '2026-07-15T06:30', ['flowers' => 2, 'mother' => '2', 'fathers' => '1, 4', 'tie' => 'red wool']);
        $look = $this->round('morning')['lines'];
        self::assertSame(['set_seen'], array_column(array_column($look, 'offer'), 'kind'));
        self::assertContains('Tied with red wool.', $look[0]['says']);
        $this->keeper->records($planting, 'set_seen', '2026-07-19T09:00', ['took' => 2, 'dropped' => 0]);
        self::assertSame([], $this->round('morning')['lines']);
        self::assertSame([], $this->round('evening')['lines'], 'as many took as were wanted');

        $sheet = $this->getJson("/api/plantings/$planting")->json();
        $pick = collect($sheet['offers'])->firstWhere('kind', 'picked');
        self::assertSame('Pick what was tied: start a lot', $pick['act']);
        self::assertSame(['true', '2'], [collect($pick['fields'])->firstWhere('key', 'tied')['usual'], collect($pick['fields'])->firstWhere('key', 'fruits')['usual']]);
        self::assertSame('1 mother, 2 fathers: worth 2.7 equal plants', self::plain(collect($sheet['facts'])->firstWhere('label', 'Parents')['said']));
    }

    public function test_only_tied_fruit_is_seed_and_the_rest_is_asked_about(): void
    {
        $planting = $this->squash();
        $this->keeper->records($planting, 'hand_pollinated', '2026-07-15T06:30', ['flowers' => 2]);
        $this->picks($planting, ['plants' => 1, 'fruits' => 2])->assertStatus(422)->assertJsonPath('answers.0.errors.tied', 'Flowers of this planting were pollinated by hand and tied, and this is not of them: bees made it, and what is not tied is food. Is it kept for seed all the same?');
        $this->picks($planting, ['plants' => 1, 'fruits' => 3, 'tied' => true])->assertStatus(422)->assertJsonPath('answers.0.errors.fruits', 'Only 2 were pollinated by hand and have not dropped.');
        $lot = $this->picks($planting, ['plants' => 1, 'fruits' => 2, 'tied' => true, 'mother' => '2'])->assertOk()->json('answers.0.code');
        self::assertSame('pollinated by hand, only tied fruit, mother 2', collect($this->getJson("/api/tags?codes=$lot")->json('0.lines'))->firstWhere('label', 'Isolation')['said']);
        $open = $this->sown($this->keeper->variety('squash-pepo', 'Other'), '2026-05-10T10:00');
        $this->picks($open, ['plants' => 1, 'fruits' => 2, 'tied' => true])->assertStatus(422)->assertJsonPath('answers.0.errors.tied', 'By what is recorded no flower of this planting was pollinated by hand.');
    }

    public function test_how_true_a_line_is_follows_what_is_recorded_from_lot_to_lot(): void
    {
        $variety = $this->keeper->variety('squash-pepo', 'Bell Buoy');
        $first = $this->sown($variety, '2024-05-10T10:00', 60);
        $mother = $this->picks($first, ['plants' => 20, 'fruits' => 30], '2024-09-20T10:00')->json('answers.0.code');
        self::assertSame(['not known', 'How true it is, nobody knows.'], $this->line($mother));
        $second = $this->sown($variety, '2025-05-10T10:00', 60, $mother);
        $this->keeper->records($second, 'rogued', '2025-06-20T10:00', ['looked_over' => 60, 'pulled' => 0]);
        self::assertSame('near clean', $this->line($mother)[0], 'sixty grown out of it and none strange');
        self::assertSame('near clean', $this->getJson("/api/plantings/$second")->json('tag.line'), 'so are the plants');
        $this->keeper->records($second, 'first_bloom', '2025-07-01T10:00');
        $daughter = $this->picks($second, ['plants' => 20, 'fruits' => 30], '2025-09-20T10:00')->json('answers.0.code');
        self::assertSame('not known', $this->line($daughter)[0], 'nobody wrote down what stood round it');
        $this->keeper->records($second, 'neighbours_seen', '2025-07-10T10:00', ['within_m' => 700]);
        self::assertSame('near clean', $this->line($daughter)[0]);
        $seen = $this->keeper->records($second, 'neighbours_seen', '2025-07-12T10:00', ['within_m' => 100, 'nearest_m' => 20]);
        self::assertSame('doubtful', $this->line($daughter)[0]);
        $this->keeper->strikes($seen);
        self::assertSame('near clean', $this->line($daughter)[0], 'struck, it did not stand there');
        $printed = fn (string $lot): array => array_column($this->getJson("/api/tags?codes=$lot")->json('0.lines'), 'said', 'label');
        self::assertSame(['none it could cross with in bloom within 700 m', 'near clean'], [$printed($daughter)['Isolation'], $printed($daughter)['Line']]);

        $third = $this->sown($variety, '2026-05-10T10:00', 200, $daughter);
        $this->keeper->records($third, 'off_types_seen', '2026-07-10T10:00', ['seen' => 200, 'off' => 0]);
        self::assertSame('clean', $this->line($daughter)[0], 'a grow-out that was clean raises it');
        $this->keeper->records($third, 'off_types_seen', '2026-08-10T10:00', ['seen' => 200, 'off' => 1]);
        self::assertNotSame('crossed', $this->line($daughter)[0], 'one is a suspicion');
        self::assertContains('judge_off_types', array_column($this->getJson("/api/plantings/$third")->json('tasks'), 'kind'));
        $this->keeper->records($third, 'off_types_judged', '2026-08-11T10:00', ['judged' => 'crossed']);
        self::assertSame('crossed', $this->getJson("/api/lots/$daughter")->json('tag.line'));
        self::assertNotSame('crossed', $this->line($mother)[0], 'what it came from is not');
    }

    public function test_only_seed_of_the_mother_that_was_crossed_is_a_cross(): void
    {
        $planting = $this->squash();
        $other = $this->sown($this->keeper->variety('squash-pepo', 'Sounding Lead'), '2026-05-11T10:00');
        $this->keeper->tries($planting, 'hand_pollinated', '2026-07-15T06:30', ['flowers' => 1, 'mother' => '2', 'pollen' => $this->keeper->idOf($other)])->assertStatus(422)
            ->assertJsonPath('answers.0.errors.pollen', "$other is Sounding Lead, another variety: what comes of it is a cross on purpose.");
        $this->keeper->tries($planting, 'hand_pollinated', '2026-07-15T06:30', ['flowers' => 1, 'mother' => '2', 'pollen' => $this->keeper->idOf($other)], evenSo: true)->assertOk();
        $this->keeper->records($planting, 'hand_pollinated', '2026-07-16T06:30', ['flowers' => 1, 'mother' => '5', 'fathers' => '1']);
        $of = fn (string $mother): string => $this->line($this->picks($planting, ['plants' => 1, 'fruits' => 1, 'tied' => true, 'mother' => $mother])->assertOk()->json('answers.0.code'))[0];
        self::assertSame(['crossed', 'not known', 'crossed'], [$of('2'), $of('5'), $of('')]);
    }

    public function test_what_a_variety_is_kept_as_is_said_of_its_lots_at_once(): void
    {
        $variety = $this->keeper->variety('squash-pepo', 'Bell Buoy');
        $planting = $this->sown($variety, '2026-05-10T10:00');
        $lot = $this->picks($planting, ['plants' => 2, 'fruits' => 3])->json('answers.0.code');
        $as = fn (string $type): array => [$this->putJson("/api/varieties/$variety", ['name' => 'Bell Buoy', 'crop' => 'squash-pepo', 'type' => $type, 'generation' => '', 'note' => ''])->assertOk() ? $this->line($lot)[0] : '', $this->getJson("/api/plantings/$planting")->json('tag.line')];
        self::assertSame(['not fixed', 'hybrid'], $as('hybrid'), 'what is picked off a hybrid is no hybrid again');
        self::assertSame(['mixing', 'mixing'], $as('landrace'));
        self::assertSame(['not fixed', 'not fixed'], $as('stabilising'));
        self::assertSame(['not known', 'not known'], $as('open_pollinated'));
    }

    public function test_poured_together_they_are_as_true_as_the_worst(): void
    {
        $variety = $this->keeper->variety('squash-pepo', 'Bell Buoy');
        $lots = array_map(fn (string $on): string => $this->picks($this->sown($variety, $on), ['plants' => 2, 'fruits' => 3])->json('answers.0.code'), ['2026-05-10T10:00', '2026-05-11T10:00']);
        foreach ($lots as $i => $lot) {
            $this->keeper->records($this->sown($variety, '2026-05-2'.$i.'T10:00', 300, $lot), 'off_types_seen', '2026-08-10T10:00', ['seen' => 300, 'off' => 20 * $i]);
        }
        self::assertSame(['clean', 'doubtful'], array_map(fn (string $lot): string => $this->line($lot)[0], $lots));
        $mixed = $this->keeper->sends(['about' => ['subject' => 'lot', 'id' => (string) Str::uuid7()], 'begins' => ['variety' => $variety], 'kind' => 'poured_together', 'happened_at' => '2026-09-10T10:00', 'payload' => ['lot' => $this->keeper->idOf($lots[0]), 'other' => $this->keeper->idOf($lots[1])], 'even_so' => true])->assertOk()->json('answers.0.code');
        self::assertSame('doubtful', $this->line($mixed)[0]);
    }

    public function test_what_is_due_is_put_off_taken_back_and_said_to_be_done(): void
    {
        $this->at('2026-09-14 10:00');
        $planting = $this->sown($this->keeper->variety('pea', 'Coxswain'), '2026-04-20T10:00');
        $due = fn (): ?array => collect($this->getJson('/api/today')->json('now'))->firstWhere('tag.code', $planting);
        $task = $due();
        self::assertSame('pick', $task['kind']);
        $entry = $this->keeper->records($planting, 'put_off', '2026-09-14T10:00', ['task' => 'pick', 'what' => $task['do'], 'how' => 'later', 'until' => '2026-09-20']);
        self::assertNull($due());
        self::assertNotNull(collect($this->getJson('/api/today?on=2026-09-20')->json('now'))->firstWhere('tag.code', $planting));
        $this->keeper->strikes($entry);
        self::assertNotNull($due());
        $this->keeper->tries($planting, 'put_off', '2026-09-14T10:00', ['task' => 'pick', 'how' => 'later'])->assertStatus(422)->assertJsonPath('answers.0.errors.until', 'Until when? Give the day.');
        $this->keeper->records($planting, 'put_off', '2026-09-14T10:00', ['task' => 'pick', 'how' => 'done']);
        self::assertNull($due());
    }

    public function test_what_to_have_ready_is_counted_from_what_is_due(): void
    {
        $planting = $this->squash();
        $this->at('2026-07-14 18:30');
        self::assertSame([], $this->getJson('/api/today')->json('ready'));
        $this->keeper->records($planting, 'hand_wanted', '2026-07-14T08:00', ['fruits' => 3]);
        $toDo = (int) collect($this->getJson("/api/plantings/$planting")->json('tasks'))->map(static fn (array $task): string => preg_replace('/\D+/', '', $task['do']) ?? '')->first();
        self::assertSame(["$toDo tape strips", "$toDo ties"], array_map(self::plain(...), $this->getJson('/api/today')->json('ready')));
    }

    public function test_a_round_that_is_none_is_said(): void
    {
        $this->getJson('/api/rounds/noon')->assertNotFound();
        self::assertSame('To look over', $this->round('looking-over')['title']);
    }

    private function squash(): string
    {
        $planting = $this->sown($this->keeper->variety('squash-pepo', 'Bell Buoy'), '2026-05-10T10:00');
        $this->keeper->records($planting, 'first_bloom', '2026-07-06T08:00');

        return $planting;
    }

    private function sown(string $variety, string $at, int $plants = 5, ?string $lot = null): string
    {
        $planting = (string) Str::uuid7();

        return $this->keeper->sends(['about' => ['subject' => 'planting', 'id' => $planting], 'begins' => ['variety' => $variety], 'kind' => 'sown', 'happened_at' => $at, 'payload' => ['plants' => $plants, ...($lot === null ? [] : ['lot' => $this->keeper->idOf($lot)])]])->assertOk()->json('answers.0.code');
    }

    /** @param  array<string, mixed>  $payload */
    private function picks(string $planting, array $payload, string $at = '2026-09-06T10:00'): TestResponse
    {
        return $this->keeper->sends(['about' => ['subject' => 'lot', 'id' => (string) Str::uuid7()], 'begins' => ['planting' => $this->keeper->idOf($planting)], 'kind' => 'picked', 'happened_at' => $at, 'payload' => $payload]);
    }

    /** @return array{string, string} */
    private function line(string $lot): array
    {
        $sheet = $this->getJson("/api/lots/$lot")->json();

        return [$sheet['tag']['line'], $sheet['line']['says']];
    }

    /** @return array<string, mixed> */
    private function round(string $which): array
    {
        return $this->getJson("/api/rounds/$which")->assertOk()->json();
    }

    private function at(string $now): void
    {
        config(['marrow.now' => $now, 'app.timezone' => 'UTC']);
        $this->app->forgetInstance(Clock::class);
    }

    private static function plain(string $text): string
    {
        return str_replace("\u{00A0}", ' ', $text);
    }
}

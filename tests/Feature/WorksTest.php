<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Garden\Settings;
use App\Models\Backlog;
use App\Works\Doing;
use App\Works\Worker;
use App\Works\Works;
use App\Works\WorkState;
use Closure;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Marrow\Core\Fields\Refused;
use Marrow\Core\Season\SearchStopped;
use Symfony\Component\Process\Process;
use Tests\Support\RealServer;
use Tests\TestCase;

/** What is not done while somebody waits for an answer: the lists that follow a setting, and searches. */
final class WorksTest extends TestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->lay('marrow:ready', ['--demo' => true]);
    }

    public function test_a_setting_answers_at_once_and_each_answer_after_it_does_a_slice(): void
    {
        $before = $this->lists();
        $this->putJson('/api/settings/untested_share', ['value' => '70 %'])->assertOk();
        $behind = Backlog::size();
        self::assertGreaterThan(0, $behind);
        self::assertSame($behind, $this->getJson('/api/frame')->json('behind'));
        for ($asked = 0; ! Backlog::isEmpty() && $asked < 50; $asked++) {
            $this->getJson('/api/frame')->assertOk();
        }
        self::assertSame(0, $this->getJson('/api/frame')->json('behind'));
        $after = $this->lists();
        self::assertNotEquals($before, $after, 'untested seed is another now');
        Artisan::call('marrow:rebuild');
        self::assertEquals($after, $this->lists());
    }

    public function test_a_setting_that_is_only_said_or_printed_with_reckons_nothing(): void
    {
        foreach (['label_width' => '50', 'units' => 'us', 'packet_price' => '3', 'max_empty' => '4 %'] as $key => $value) {
            $this->putJson("/api/settings/$key", ['value' => $value])->assertOk();
            self::assertTrue(Backlog::isEmpty(), $key);
        }
        $this->putJson('/api/settings/good', ['value' => '75 %'])->assertOk();
        self::assertSame(0, DB::table('backlog')->where('phase', Backlog::PLANTINGS)->count(), 'plantings are not asked how seed comes up');
    }

    /** Whoever is killed when: what was kept and what follows from it are one. */
    public function test_killed_right_after_a_setting_the_garden_is_brought_right(): void
    {
        DB::disconnect();
        foreach ([15, 25, 40, 60, 90] as $wait) {
            $server = RealServer::on($this->database);
            $value = (string) (40 + $wait / 5);
            $handle = curl_init($server->url('/api/settings/room_rh'));
            self::assertNotFalse($handle);
            curl_setopt_array($handle, [CURLOPT_CUSTOMREQUEST => 'PUT', CURLOPT_RETURNTRANSFER => true, CURLOPT_HTTPHEADER => ['Content-Type: application/json'], CURLOPT_POSTFIELDS => json_encode(['value' => $value])]);
            $multi = curl_multi_init();
            curl_multi_add_handle($multi, $handle);
            $until = microtime(true) + $wait / 1000;
            do {
                curl_multi_exec($multi, $running);
                usleep(500);
            } while (microtime(true) < $until);
            $server->kill();
            app()->forgetScopedInstances();
            $kept = app(Settings::class)->typedFor('room_rh') === $value;
            self::assertTrue(! $kept || Backlog::size() > 0 || $this->isAsRebuilt(), "after $wait ms");
            self::assertSame(0, Artisan::call('marrow:ready'));
            self::assertTrue($this->isAsRebuilt(), "after $wait ms");
        }
    }

    public function test_a_slice_goes_by_what_was_set_while_it_waited_for_its_turn(): void
    {
        // Read before, and set by another program meanwhile.
        self::assertNotSame('70 %', app(Settings::class)->typedFor('untested_share'));
        DB::table('settings')->updateOrInsert(['key' => 'untested_share'], ['value' => '70 %']);
        Backlog::addAll(plantings: false);
        while (app(Worker::class)->slice()) {
            continue;
        }
        app()->forgetScopedInstances();
        self::assertTrue($this->isAsRebuilt());
    }

    public function test_a_worker_does_it_by_itself_is_alone_and_ends_when_it_is_told_to(): void
    {
        DB::disconnect();
        $worker = $this->worker();
        try {
            self::assertTrue(Worker::isThere());
            $second = $this->worker(wait: false);
            self::assertSame(1, $second->wait());
            self::assertStringContainsString('Another worker is at work', $second->getOutput());
            $this->putJson('/api/settings/untested_share', ['value' => '70 %'])->assertOk();
            self::assertTrue($this->becomes(static fn (): bool => Backlog::isEmpty()), 'without anybody asking for anything');
            $wish = ['shift_days' => 0, 'move' => false, 'cage' => true, 'alternate' => false, 'bag' => true, 'leave_out' => true];
            $id = $this->postJson('/api/plans/2027/remedies', $wish)->assertOk()->json('id');
            self::assertTrue($this->becomes(fn (): bool => $this->getJson("/api/works/$id")->json('state') === 'done'));
            // Another page that asks for the same finds it.
            $this->postJson('/api/plans/2027/remedies', $wish)->assertJsonPath('id', $id)->assertJsonPath('state', 'done');
        } finally {
            $worker->signal(SIGTERM);
            self::assertSame(0, $worker->wait());
        }
        self::assertFalse(Worker::isThere());
        // Meanwhile it may have read an instrument, and what that bears on is left to whoever comes next.
        self::assertSame(0, Artisan::call('marrow:ready'));
        self::assertTrue($this->isAsRebuilt());
    }

    public function test_what_the_worker_finds_is_said_in_the_units_of_whoever_asks(): void
    {
        $this->putJson('/api/settings/units', ['value' => 'us'])->assertOk();
        DB::disconnect();
        $worker = $this->worker();
        try {
            $id = $this->postJson('/api/rota', [])->json('id');
            self::assertTrue($this->becomes(fn (): bool => $this->getJson("/api/works/$id")->json('state') === 'done'));
            $stored = collect($this->getJson("/api/works/$id")->json('found.collisions.0.ways'))->firstWhere('give_up', 'stored');
            self::assertMatchesRegularExpression('/^Store \S+, parsnip 9.°F colder or 1 % drier, and sow it in another year than 2027$/u', $stored['says'], 'a change of 5 °C is one of 9 °F');
        } finally {
            $worker->signal(SIGTERM);
            $worker->wait();
        }
    }

    public function test_what_was_found_by_then_is_there_when_it_is_stopped(): void
    {
        $doing = new class implements Doing {
            public ?Works $works = null;

            public string $id = '';

            public function kind(): string
            {
                return 'counting';
            }

            public function do(array $asked, Closure $report): object
            {
                for ($n = 1; $report($n / 100, (object) ['counted' => $n]) && $n < 100; $n++) {
                    $n === 1 ? $this->works?->stop($this->id) : usleep(20_000);
                }

                return (object) ['counted' => 'all'];
            }
        };
        $works = new Works([$doing]);
        $work = $works->begin('counting', [], 'now');
        [$doing->works, $doing->id] = [$works, $work->id];
        $works->do($work->id);
        self::assertSame([WorkState::Stopped, '{"counted":1}'], [$works->find($work->id)?->state, $works->find($work->id)?->found]);
        // Begun anew it is looked for from the beginning.
        self::assertNull($works->begin('counting', [], 'now')->found);
    }

    public function test_a_worker_that_is_killed_loses_nothing(): void
    {
        DB::disconnect();
        $worker = $this->worker();
        Backlog::addAll();
        $wish = ['shift_days' => 60, 'move' => true, 'cage' => true, 'alternate' => true, 'bag' => true, 'leave_out' => true];
        $id = $this->postJson('/api/plans/2027/remedies', $wish)->json('id');
        usleep(random_int(50_000, 400_000));
        $worker->signal(SIGKILL);
        $worker->wait();
        self::assertFalse(Worker::isThere(), 'its place is free');
        $next = $this->worker();
        try {
            self::assertTrue($this->becomes(fn (): bool => Backlog::isEmpty() && $this->getJson("/api/works/$id")->json('state') === 'done'));
        } finally {
            $next->signal(SIGTERM);
            $next->wait();
        }
        self::assertTrue($this->isAsRebuilt());
    }

    public function test_work_is_stopped_and_begun_anew_and_what_goes_wrong_is_said(): void
    {
        $works = new Works([$this->doing(static function (Closure $report): object {
            self::assertTrue($report(0.1));
            DB::connection('work')->table('works')->update(['state' => WorkState::Stopped->value]);
            usleep(250_000);

            return $report(0.5) ? (object) [] : throw new SearchStopped;
        })]);
        $work = $works->begin('search', ['for' => 'it'], 'as it is');
        self::assertSame(WorkState::Waiting, $work->state);
        $works->do($work->id);
        self::assertSame(WorkState::Stopped, $works->find($work->id)?->state);
        self::assertSame(WorkState::Waiting, $works->begin('search', ['for' => 'it'], 'as it is')->state, 'who asks again has it begun again');
        self::assertNotSame($work->id, $works->begin('search', ['for' => 'it'], 'as it is now')->id);

        $works = new Works([$this->doing(static fn (): object => throw Refused::at('shift_days', 'That is too far.'))]);
        $refused = $works->begin('search', ['for' => 'more'], '')->id;
        $works->do($refused);
        self::assertSame([WorkState::Failed, 'That is too far.'], [$works->find($refused)?->state, $works->find($refused)?->message]);
        $this->postJson('/api/works/'.$work->id.'/stop')->assertOk();
        $this->getJson('/api/works/none')->assertStatus(404);
    }

    public function test_what_was_begun_anew_is_not_stopped_by_whoever_did_it_before(): void
    {
        $works = null;
        $works = new Works([$this->doing(static function (Closure $report) use (&$works): object {
            self::assertTrue($report(0.1));
            $works->stop(DB::connection('work')->table('works')->value('id'));
            // Begun anew by another page, before the first has looked whether it was stopped.
            self::assertSame(WorkState::Waiting, $works->begin('search', [], '')->state);
            usleep(250_000);

            return $report(0.5) ? (object) [] : throw new SearchStopped;
        })]);
        $id = $works->begin('search', [], '')->id;
        $works->do($id);
        self::assertSame(WorkState::Waiting, $works->find($id)?->state);
    }

    /** @param  Closure(Closure(float): bool): object  $do */
    private function doing(Closure $do): Doing
    {
        return new class($do) implements Doing {
            public function __construct(private readonly Closure $do) {}

            public function kind(): string
            {
                return 'search';
            }

            public function do(array $asked, Closure $report): object
            {
                return ($this->do)($report);
            }
        };
    }

    private function worker(bool $wait = true): Process
    {
        $worker = new Process([PHP_BINARY, 'artisan', 'marrow:work'], base_path(), ['DB_DATABASE' => $this->database, 'MARROW_NOW' => '2026-09-14T10:00'], timeout: null);
        $worker->start();
        self::assertTrue(! $wait || $this->becomes(static fn (): bool => Worker::isThere()));

        return $worker;
    }

    /** @param  Closure(): bool  $so */
    private function becomes(Closure $so): bool
    {
        for ($until = microtime(true) + 60; microtime(true) < $until; usleep(50_000)) {
            if ($so()) {
                return true;
            }
        }

        return false;
    }

    private function isAsRebuilt(): bool
    {
        $was = $this->lists();
        Artisan::call('marrow:rebuild');

        return $was == $this->lists();
    }

    /** @return array<string, mixed> */
    private function lists(): array
    {
        $lists = [];
        foreach (['lot_standings' => 'lot_id', 'planting_standings' => 'planting_id', 'lot_containers' => 'lot_id, container_id', 'test_standings' => 'test_id', 'lot_paces' => 'lot_id', 'plan_tasks' => 'year, planting, kind'] as $table => $by) {
            $lists[$table] = DB::select("SELECT * FROM $table ORDER BY $by");
        }
        $lists['tasks'] = DB::select('SELECT subject_id, kind, about, figures, best_at FROM tasks ORDER BY subject_id, kind, about, best_at');

        return $lists;
    }
}

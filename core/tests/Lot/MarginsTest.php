<?php

declare(strict_types=1);

namespace Marrow\Core\Tests\Lot;

use Marrow\Core\Drying\Damp;
use Marrow\Core\Drying\ShutIn;
use Marrow\Core\Lot\KeepingTask;
use Marrow\Core\Lot\LotCourse;
use Marrow\Core\Lot\LotFacts;
use Marrow\Core\Settings\Practice;
use Marrow\Core\Steps\Drying\DryingTask;
use Marrow\Core\Steps\Drying\DryingVerdict;
use Marrow\Core\Steps\Pollinating\PollinatingTask;
use Marrow\Core\Steps\Storing\StoredAt;
use Marrow\Core\Steps\Treating\Bath;
use Marrow\Core\Steps\Treating\Bathed;
use Marrow\Core\Tests\Support\CoreTestCase;
use Marrow\Core\Tests\Support\Diary;
use Marrow\Core\Tests\Support\PlotDiary;
use Marrow\Core\Work\Task;
use PHPUnit\Framework\Attributes\DataProvider;

/** Where a rule draws its line: a figure just on this side of it and one just on the other, a table a strand. */
final class MarginsTest extends CoreTestCase
{
    /**
     * @param  \Closure(float): mixed  $answer
     */
    #[DataProvider('drying')]
    #[DataProvider('shut')]
    #[DataProvider('cleaning')]
    #[DataProvider('origin')]
    #[DataProvider('storing')]
    #[DataProvider('stock')]
    #[DataProvider('laidOut')]
    #[DataProvider('treating')]
    #[DataProvider('trueness')]
    public function test_the_line_is_drawn_there(\Closure $answer, float $here, mixed $said, float $beyond, mixed $otherwise): void
    {
        self::assertSame($said, $answer($here));
        self::assertSame($otherwise, $answer($beyond));
    }

    /** @return iterable<string, array{\Closure, float, mixed, float, mixed}> */
    public static function drying(): iterable
    {
        $steady = static function (float $hours): DryingVerdict {
            $diary = self::onRacks(100, null);
            $diary->record('weighed', self::after('2025-09-01 08:00', $hours), ['mass_g' => 100]);

            return $diary->course()->drying->verdict();
        };
        yield 'two weighings closer than twenty hours tell no trend' => [$steady, 19.9, DryingVerdict::Drying, 20.0, DryingVerdict::Steady];
        // 3 g above what a jar wants, at so many a day.
        $pace = static function (float $loss): DryingVerdict {
            $dry = 97.0 * (100.0 - (self::crop('onion')->jarMoisture ?? 0.0)) / 100.0;
            $diary = self::onRacks(100 + $loss, 100.0 - 100.0 * $dry / (100 + $loss));
            $diary->record('weighed', '2025-09-02 08:00', ['mass_g' => 100]);

            return $diary->course()->drying->verdict();
        };
        yield 'what would take longer than ten days has stopped' => [$pace, 0.301, DryingVerdict::Drying, 0.299, DryingVerdict::Stopped];
        $heavier = static fn (float $mass): int => count(self::onRacks(100, null)->asks('weighed', '2025-09-02 08:00', ['mass_g' => $mass])->questions);
        yield 'drying seed gets no heavier than a quarter more' => [$heavier, 125.0, 0, 125.1, 1];
    }

    /** @return iterable<string, array{\Closure, float, mixed, float, mixed}> of seed that is shut in, by the air inside, and by how cold it lies */
    public static function shut(): iterable
    {
        $inside = static fn (float $rh): Damp => ShutIn::of(self::crop('onion')->balance, self::crop('onion')->balance->moisture($rh, 20.0), 20.0)->damp;
        yield 'from 50 % RH on it ages faster than it need' => [$inside, 0.495, Damp::Dry, 0.505, Damp::Ages];
        yield 'from 65 % on it moulds' => [$inside, 0.645, Damp::Ages, 0.655, Damp::Moulds];
        yield 'from 75 % on it rots' => [$inside, 0.745, Damp::Moulds, 0.755, Damp::Rots];
        $frozen = static fn (float $rh): Damp => ShutIn::of(self::crop('onion')->balance, self::crop('onion')->balance->moisture($rh, 20.0), -18.0)->damp;
        yield 'damper than in balance with 75 % RH its water freezes' => [$frozen, 0.745, Damp::Ages, 0.755, Damp::Freezes];
        $cold = static fn (float $temperature): Damp => ShutIn::of(self::crop('onion')->balance, self::crop('onion')->balance->moisture(0.9, 20.0), $temperature)->damp;
        yield 'at five degrees of frost and below' => [$cold, -4.9, Damp::Rots, -5.0, Damp::Freezes];
        $cool = static fn (float $temperature): bool => ShutIn::of(self::crop('onion')->balance, 12.0, $temperature)->isCool;
        yield 'below ten degrees it is cool' => [$cool, 10.0, false, 9.9, true];
    }

    /** @return iterable<string, array{\Closure, float, mixed, float, mixed}> */
    public static function cleaning(): iterable
    {
        $winnowed = static function (float $mass): int {
            $diary = new Diary(self::crop('pea'), '2025-03-01');
            $diary->record('picked', '2025-07-20', ['plants' => 40, 'mass_g' => 500]);
            $diary->record('threshed', '2025-08-10', ['mass_g' => 100]);

            return count($diary->asks('winnowed', '2025-08-11', ['mass_g' => $mass])->questions);
        };
        yield 'winnowing only takes away' => [$winnowed, 100.0, 0, 100.1, 1];
        $threshed = static function (float $mass): int {
            $diary = new Diary(self::crop('pea'), '2025-03-01');
            $diary->record('picked', '2025-07-20', ['plants' => 40, 'mass_g' => 500]);
            $diary->record('threshed', '2025-08-10');

            return count($diary->asks('winnowed', '2025-08-11', ['mass_g' => $mass])->questions);
        };
        yield 'and nothing comes out that did not go in' => [$threshed, 500.0, 0, 500.1, 1];
    }

    /** @return iterable<string, array{\Closure, float, mixed, float, mixed}> */
    public static function origin(): iterable
    {
        $asks = static fn (array $told): int => count((new Diary(self::crop('onion')))->asks('received', '2026-05-01', ['how' => 'given', ...$told])->questions);
        yield 'seed of more than thirty years is asked about' => [static fn (float $year): int => $asks(['year' => (int) $year]), 1996.0, 0, 1995.0, 1];
        yield 'seed is packed for the next year, and no later' => [static fn (float $year): int => $asks(['packed_for' => (int) $year]), 2027.0, 0, 2028.0, 1];
        yield 'and did not ripen after it came' => [static fn (float $year): int => $asks(['year' => (int) $year]), 2026.0, 0, 2027.0, 1];
    }

    /** @return iterable<string, array{\Closure, float, mixed, float, mixed}> */
    public static function storing(): iterable
    {
        $stored = static fn (float $mass): int => count(self::onRacks(20, null)->asks('stored', '2025-09-20', ['container' => 'paper_envelope', 'place' => 'Shed', 'temperature_c' => 10, 'rh' => 55, 'mass_g' => $mass])->questions);
        yield 'from the racks comes a twentieth more than was weighed at the most' => [$stored, 21.0, 0, 21.1, 1];
        $said = static function (string $as): \Closure {
            return static function (float $hours) use ($as): bool {
                $diary = new Diary(self::crop($as === 'wet' ? 'tomato' : 'pea'), '2025-03-01');
                $diary->record('picked', '2025-08-01 08:00', ['plants' => 4, 'mass_g' => 1500, ...($as === 'wet' ? ['fruits' => 12] : [])]);
                if ($as === 'wet') {
                    foreach ([['ferment_started', '2025-08-01 10:00', ['temperature_c' => 24, 'cover' => 'cloth']], ['poured_off', '2025-08-03 18:00', ['passes' => 4]], ['rinsed', '2025-08-03 19:00', []]] as [$kind, $at, $payload]) {
                        $diary->record($kind, $at, $payload);
                    }
                } else {
                    $diary->insist('threshed', '2025-08-03 19:00', ['mass_g' => 900]);
                }
                $question = $diary->asks('stored', self::after('2025-08-03 19:00', $hours), ['container' => 'jar', 'place' => 'Shed', 'temperature_c' => 10, 'rh' => 55, 'mass_g' => 20])->questions[0]->message ?? '';

                return str_contains($question, $as === 'wet' ? 'It was wet' : 'It was threshed');
            };
        };
        yield 'for three days it was wet' => [$said('wet'), 71.9, true, 72.0, false];
        yield 'for two days it was green' => [$said('green'), 47.9, true, 48.0, false];
        $taken = static fn (float $seeds): int => count(self::packet()->asks('withdrawn', '2025-12-01', ['purpose' => 'sowing', 'seeds' => (int) $seeds, 'container' => 'packet'])->questions);
        yield 'no more is taken out of a packet than is in it' => [$taken, 40.0, 0, 41.0, 1];
    }

    /** @return iterable<string, array{\Closure, float, mixed, float, mixed}> */
    public static function stock(): iterable
    {
        // 1000 seeds weigh 4 g, of a lot whose seeds were counted.
        $weighed = static function (float $mass): ?float {
            $diary = new Diary(self::crop('onion'));
            $diary->record('received', '2025-09-01', ['how' => 'given', 'seeds' => 250, 'mass_g' => 1.0]);
            $diary->insist('stored', '2025-09-02', ['container' => 'paper_envelope', 'place' => 'Shed', 'temperature_c' => 10, 'rh' => 55, 'mass_g' => $mass]);

            return round($diary->course()->stock->stock->seeds() ?? 0.0, 1);
        };
        yield 'the same seed on another scale is as many' => [$weighed, 0.981, 250.0, 0.97, 242.5];
        $likely = static function (float $seeds): int {
            $crop = self::crop('onion');
            $diary = new Diary($crop);

            return count($diary->asks('received', '2025-09-01', ['how' => 'given', 'seeds' => (int) $seeds, 'mass_g' => 1000 * $crop->tsmHigh / 1000])->questions);
        };
        yield 'a thousand seeds weigh no more than four times what is usual' => [$likely, 250.0, 0, 249.0, 1];
    }

    /** @return iterable<string, array{\Closure, float, mixed, float, mixed}> */
    public static function laidOut(): iterable
    {
        $leaves = static function (float $seeds): int {
            $diary = new Diary(self::crop('onion'));
            $diary->record('received', '2025-09-01', ['how' => 'given', 'year' => 2025, 'seeds' => 100]);

            return count($diary->asks('test_started', '2025-10-01', ['test' => '0198a5b0-0000-7000-8000-000000000001', 'replicates' => 1, 'seeds' => (int) $seeds, 'temperature_c' => 20, 'method' => 'dish'])->questions);
        };
        yield 'a test that leaves less than a tenth is asked about' => [$leaves, 90.0, 0, 91.0, 1];
    }

    /** @return iterable<string, array{\Closure, float, mixed, float, mixed}> */
    public static function treating(): iterable
    {
        $usual = self::crop('tomato')->health->hotWater() ?? throw new \LogicException('Tomato is bathed.');
        $asks = static function (float $temperature, float $minutes): int {
            $diary = new Diary(self::crop('tomato'));
            $diary->record('received', '2025-09-01', ['how' => 'given', 'year' => 2025, 'seeds' => 500]);

            return count($diary->asks('bathed', '2026-02-01', ['temperature_c' => $temperature, 'minutes' => (int) $minutes])->questions);
        };
        yield 'two degrees hotter than usual is too hot' => [static fn (float $more): int => $asks($usual->temperature + $more, $usual->minutes), 2.0, 0, 2.1, 1];
        yield 'twice as long is long enough' => [static fn (float $minutes): int => $asks($usual->temperature, $minutes), 2.0 * $usual->minutes, 0, 2.0 * $usual->minutes + 1, 1];
        $costs = static fn (float $more): float => round(Bath::of(new \DateTimeImmutable('2026-02-01'), new Bathed($usual->temperature + $more, $usual->minutes), $usual)->cost, 9);
        yield 'a usual bath costs a quarter of a probit, two degrees more twice that' => [$costs, 0.0, 0.25, 2.0, 0.5];
        yield 'and none more than four' => [$costs, 8.0, 4.0, 20.0, 4.0];
    }

    /** @return iterable<string, array{\Closure, float, mixed, float, mixed}> */
    public static function trueness(): iterable
    {
        $shows = static function (float $off): bool {
            $diary = new PlotDiary(self::crop('leek'));
            $diary->record('sown', '2025-04-01', ['plants' => 3]);
            $diary->insist('rogued', '2025-07-01', ['looked_over' => 2, 'pulled' => (int) $off, 'why' => 'off_type']);

            return $diary->course()->trueness->showsCrossing();
        };
        yield 'one plant that differs is a stray, though it be one of two; both are none' => [$shows, 1.0, false, 2.0, true];
    }

    /** Within a hundred days of November, the older the sooner; what came later than that within thirty; a day more by its number. */
    #[DataProvider('winters')]
    public function test_seed_from_elsewhere_is_tested_over_the_winter(string $came, int $year, string $on): void
    {
        $diary = new Diary(self::crop('onion'));
        $diary->record('received', $came, ['how' => 'given', 'year' => $year, 'seeds' => 300]);
        $diary->insist('stored', $came, ['container' => 'paper_envelope', 'place' => 'Shed', 'temperature_c' => 10, 'rh' => 55]);
        $test = array_values(array_filter($diary->course()->tasks(), static fn (Task $task): bool => $task->kind === KeepingTask::TestFirst))[0] ?? null;
        self::assertSame($on, $test?->best->format('Y-m-d'));
    }

    /** @return iterable<string, array{string, int, string}> onion lasts a year in a cupboard, and ripened at 0.7 of its year */
    public static function winters(): iterable
    {
        $years = self::crop('onion')->ordinaryYears;
        // On 1 September 243 of 365 days of the year are gone.
        $share = 1.0 - min(1.0, (1 + 243 / 365 - 0.7) / $years);
        yield 'of this year, in autumn' => ['2025-09-01', 2025, '2026-02-10'];
        yield 'of the year before' => ['2025-09-01', 2024, (new \DateTimeImmutable('2025-11-01'))->modify(sprintf('+%d days', (int) round(100 * $share) + 1))->format('Y-m-d')];
    }

    public function test_weighing_is_asked_for_once_a_week_and_can_be_done_some_hours_before(): void
    {
        // In a room of 25 % RH, hardly any drier than yesterday: at that pace it takes weeks.
        $diary = self::onRacks(100, 25);
        $diary->record('weighed', '2025-09-02 08:00', ['mass_g' => 99]);
        $course = LotCourse::fold(new LotFacts('L1', self::crop('onion'), null, []), $diary->entries(), new Practice(['room_rh' => '25']));
        self::assertGreaterThan(new \DateTimeImmutable('2025-09-12'), $course->drying->dryBy()?->middle);
        $weigh = array_values(array_filter($course->tasks(), static fn (Task $task): bool => $task->kind === DryingTask::Weigh))[0];
        self::assertSame(['2025-09-09 02:00', '2025-09-09 08:00'], [$weigh->opens->format('Y-m-d H:i'), $weigh->best->format('Y-m-d H:i')]);
    }

    public function test_a_bath_wets_what_was_shut_in_and_leaves_what_breathes_to_its_air(): void
    {
        $moisture = static function (string $container): ?float {
            $diary = new Diary(self::crop('tomato'));
            $diary->record('received', '2025-09-01', ['how' => 'given', 'year' => 2025, 'seeds' => 500]);
            $diary->insist('stored', '2025-09-02', ['container' => $container, 'place' => 'Fridge', 'temperature_c' => 5, 'rh' => 60]);
            $before = $diary->course()->storing->moisture;
            $diary->insist('bathed', '2026-02-01', ['temperature_c' => 50, 'minutes' => 25]);

            return round(($diary->course()->storing->moisture ?? 0.0) - ($before ?? 0.0), 6);
        };
        self::assertSame(0.0, $moisture('paper_envelope'), 'it is in balance with the fridge again');
    }

    public function test_where_the_air_is_too_damp_for_anything_sooner_a_jar_is_left_shut_for_half_a_day(): void
    {
        $diary = new Diary(self::crop('onion'), null, ['freezer' => new StoredAt('Freezer', -18, 70), 'wash house' => new StoredAt('Wash house', 20, 99)]);
        $diary->record('received', '2025-09-01', ['how' => 'given', 'year' => 2025, 'seeds' => 300]);
        $diary->record('jar_read', '2025-09-30', ['rh' => 20, 'temperature_c' => 20]);
        $diary->record('stored', '2025-10-01 10:00', ['container' => 'jar', 'place_id' => 'freezer', 'seeds' => 300]);
        $diary->record('stored', '2026-03-01 10:00', ['container' => 'jar', 'place_id' => 'wash house', 'seeds' => null]);
        self::assertSame('2026-03-01 22:00', $diary->course()->storing->now?->coldUntil?->format('Y-m-d H:i'));
    }

    /** Twenty flowers of a kind of which 40 to 60 of a hundred take: (0.5 · 10 + took) / (10 + took + dropped). */
    public function test_what_takes_is_the_usual_until_many_were_seen_and_is_looked_for_after_five_days(): void
    {
        $crop = self::crop('squash-pepo');
        [$low, $high] = $crop->byHand->take ?? throw new \LogicException('It is pollinated by hand.');
        $diary = new PlotDiary($crop);
        $diary->record('sown', '2026-05-01', ['plants' => 6]);
        $diary->insist('first_bloom', '2026-07-01');
        $diary->insist('hand_pollinated', '2026-07-02 08:00', ['flowers' => 4]);
        $task = array_values(array_filter($diary->course()->tasks(), static fn (Task $task): bool => $task->kind === PollinatingTask::LookAtSet))[0] ?? null;
        self::assertSame(['2026-07-05', '2026-07-07'], [$task?->opens->format('Y-m-d'), $task?->best->format('Y-m-d')]);
        $diary->insist('set_seen', '2026-07-07', ['took' => 3, 'dropped' => 1]);
        self::assertEqualsWithDelta((($low + $high) / 2 * 10 + 3) / 14, $diary->course()->pollinating->take(), 1e-12);
    }

    private static function onRacks(float $mass, ?float $moisture): Diary
    {
        $diary = new Diary(self::crop('onion'), '2024-04-01');
        $diary->record('picked', '2025-08-20', ['plants' => 40, 'mass_g' => 900]);
        $diary->record('threshed', '2025-08-31', ['mass_g' => 150]);
        $diary->record('winnowed', '2025-08-31 18:00', ['mass_g' => 140]);
        $diary->record('spread', '2025-09-01 08:00', ['surface' => 'tray', 'mass_g' => $mass, ...($moisture === null ? [] : ['moisture' => $moisture])]);

        return $diary;
    }

    /** 40 seeds in a packet of their own, of 300. */
    private static function packet(): Diary
    {
        $diary = new Diary(self::crop('onion'), null, ['shed' => new StoredAt('Shed', 10, 55)]);
        $diary->record('received', '2025-09-01', ['how' => 'given', 'year' => 2025, 'seeds' => 300]);
        $diary->record('stored', '2025-10-01', ['container' => 'paper_envelope', 'place_id' => 'shed', 'seeds' => 300, 'into' => 'main']);
        $diary->record('divided', '2025-11-01', ['seeds' => 40, 'container' => 'paper_envelope', 'place_id' => 'shed', 'into' => 'packet']);

        return $diary;
    }

    private static function after(string $at, float $hours): string
    {
        return (new \DateTimeImmutable($at))->modify(sprintf('+%d minutes', (int) round($hours * 60)))->format('Y-m-d H:i');
    }
}

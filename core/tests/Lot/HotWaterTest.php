<?php

declare(strict_types=1);

namespace Marrow\Core\Tests\Lot;

use Marrow\Core\Lot\Counsel;
use Marrow\Core\Lot\KeepingTask;
use Marrow\Core\Steps\Storing\MoistureGround;
use Marrow\Core\Steps\Treating\TreatingTask;
use Marrow\Core\Tests\Support\CoreTestCase;
use Marrow\Core\Tests\Support\Diary;
use Marrow\Core\Work\Offer;
use Marrow\Core\Work\Place;

/** Seed bathed in hot water: what is usual is offered, what it cost counts in the forecast until a test tells. */
final class HotWaterTest extends CoreTestCase
{
    public function test_the_usual_bath_is_offered_where_there_is_one(): void
    {
        $offers = $this->cabbage()->course()->offers();
        $bath = array_values(array_filter($offers, static fn (Offer $offer): bool => $offer->kind->name === 'bathed'))[0];
        self::assertSame([50.0, 25], array_map(static fn ($field): mixed => $field->usual, $bath->fields));
        $pea = new Diary(self::crop('pea'));
        $pea->record('received', '2026-09-01 10:00', ['how' => 'swapped', 'from' => 'Odile', 'year' => 2026]);
        self::assertNotContains('bathed', array_map(static fn (Offer $offer): string => $offer->kind->name, $pea->course()->offers()));
    }

    public function test_it_counts_in_the_forecast_as_a_quarter_of_a_probit(): void
    {
        $at = new \DateTimeImmutable('2026-11-01');
        $before = $this->cabbage()->course()->forecast()?->shareAt($at);
        $bathed = $this->cabbage();
        $bathed->record('bathed', '2026-10-20 10:00', ['temperature_c' => 50, 'minutes' => 25]);
        $after = $bathed->course()->forecast()?->shareAt($at);
        // R: pnorm(qnorm(p) - 0.25).
        self::assertEqualsWithDelta(self::probit((float) $before) - 0.25, self::probit((float) $after), 0.002);
        $twice = $this->cabbage();
        $twice->record('bathed', '2026-10-20 10:00', ['temperature_c' => 52, 'minutes' => 25]);
        self::assertEqualsWithDelta(self::probit((float) $before) - 0.5, self::probit((float) $twice->course()->forecast()?->shareAt($at)), 0.004, 'two degrees more cost twice as much');
        self::assertSame($this->cabbage()->course()->forecast()?->shareAt(new \DateTimeImmutable('2026-10-01')), $bathed->course()->forecast()?->shareAt(new \DateTimeImmutable('2026-10-01')), 'before it nothing is otherwise');
    }

    public function test_a_test_after_it_replaces_the_guess(): void
    {
        $diary = $this->cabbage();
        $diary->record('bathed', '2026-10-20 10:00', ['temperature_c' => 50, 'minutes' => 25]);
        foreach ([$diary, $plain = $this->cabbage()] as $one) {
            $one->record('test_started', '2026-11-20 09:00', ['test' => 'a', 'replicates' => 4, 'seeds' => 50, 'temperature_c' => 20, 'method' => 'dish']);
            $one->record('test_counted', '2026-11-28 09:00', ['test' => 'a', 'normal' => [46, 46, 46, 46], 'abnormal' => [0, 0, 0, 0]]);
            $one->record('test_ended', '2026-11-30 09:00', ['test' => 'a']);
        }
        $at = new \DateTimeImmutable('2027-06-01');
        self::assertEqualsWithDelta((float) $plain->course()->forecast()?->shareAt($at), (float) $diary->course()->forecast()?->shareAt($at), 0.02);
    }

    public function test_it_is_wet_until_it_is_spread(): void
    {
        $diary = $this->cabbage();
        $diary->record('bathed', '2026-10-20 10:00', ['temperature_c' => 50, 'minutes' => 25]);
        $wet = array_filter($diary->course()->tasks(), static fn ($task): bool => $task->kind === TreatingTask::DryBathed);
        self::assertCount(1, $wet);
        self::assertSame('2026-10-20 22:00', array_values($wet)[0]->latest?->format('Y-m-d H:i'));
        $diary->record('spread', '2026-10-20 11:00', ['surface' => 'mesh', 'mass_g' => 30]);
        self::assertSame([], array_filter($diary->course()->tasks(), static fn ($task): bool => $task->kind === TreatingTask::DryBathed));
    }

    public function test_from_a_tight_jar_it_is_no_longer_as_dry_as_it_was_measured(): void
    {
        $diary = $this->cabbage();
        $diary->insist('stored', '2026-10-01 10:00', ['container' => 'jar', 'place' => 'Shelf', 'temperature_c' => 18, 'rh' => 50]);
        $diary->record('jar_read', '2026-10-02 10:00', ['rh' => 30, 'temperature_c' => 20]);
        self::assertSame(MoistureGround::Measured, $diary->course()->storing->ground);
        $measured = $diary->course()->storing->moisture;
        self::assertNull($diary->course()->advice(new \DateTimeImmutable('2026-10-03'))?->counsel->asks(), 'it is as it should be');

        $diary->record('bathed', '2026-10-20 10:00', ['temperature_c' => 50, 'minutes' => 25]);
        $wet = $diary->course();
        self::assertSame(Counsel::DryFirst, $wet->advice(new \DateTimeImmutable('2026-10-20 12:00'))?->counsel);
        self::assertSame('spread', $wet->offers(new \DateTimeImmutable('2026-10-20 12:00'))[0]->kind->name);
        self::assertSame([TreatingTask::DryBathed], array_values(array_map(static fn ($task) => $task->kind, array_filter($wet->tasks(), static fn ($task): bool => $task->place === Place::Store && ! $task->kind instanceof KeepingTask))));
        self::assertSame(MoistureGround::Assumed, $wet->storing->ground);
        self::assertGreaterThan($measured, $wet->storing->moisture);
        self::assertNull($wet->drying->moisture());

        // Dried without a word, and read in its jar again.
        $diary->record('jar_read', '2026-11-05 10:00', ['rh' => 35, 'temperature_c' => 20]);
        self::assertFalse($diary->course()->treating->isWet());
        self::assertSame(MoistureGround::Measured, $diary->course()->storing->ground);
        self::assertNotSame(Counsel::DryFirst, $diary->course()->advice(new \DateTimeImmutable('2026-11-06'))?->counsel);
    }

    public function test_hotter_or_longer_than_usual_is_asked_about(): void
    {
        $diary = $this->cabbage();
        try {
            $diary->record('bathed', '2026-10-20 10:00', ['temperature_c' => 55, 'minutes' => 25]);
            self::fail('it was not asked about');
        } catch (\Marrow\Core\Fields\Refused $asked) {
            self::assertStringContainsString('50 °C for 25 minutes is usual', $asked->getMessage());
        }
    }

    private function cabbage(): Diary
    {
        $diary = new Diary(self::crop('cabbage'));
        $diary->record('picked', '2026-08-01 10:00', ['plants' => 10, 'mass_g' => 900]);
        $diary->record('threshed', '2026-08-20 10:00', ['mass_g' => 60]);
        $diary->record('winnowed', '2026-08-21 10:00', ['mass_g' => 40]);
        $diary->record('stored', '2026-09-10 10:00', ['container' => 'paper_envelope', 'place' => 'Shelf', 'temperature_c' => 18, 'rh' => 50, 'mass_g' => 40]);

        return $diary;
    }

    private static function probit(float $share): float
    {
        return \Marrow\Core\Statistics\Normal::probit($share);
    }
}

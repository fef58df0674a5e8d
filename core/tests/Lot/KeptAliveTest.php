<?php

declare(strict_types=1);

namespace Marrow\Core\Tests\Lot;

use Marrow\Core\Fields\Refused;
use Marrow\Core\Folding\Question;
use Marrow\Core\Lot\Counsel;
use Marrow\Core\Lot\KeepingTask;
use Marrow\Core\Steps\Cellar\CellarTask;
use Marrow\Core\Steps\Drying\DryingTask;
use Marrow\Core\Tests\Support\CoreTestCase;
use Marrow\Core\Tests\Support\Diary;
use Marrow\Core\Work\Offer;
use Marrow\Core\Work\Task;
use Marrow\Core\Work\TaskKind;
use PHPUnit\Framework\Attributes\TestWith;

/** Cloves, tubers and bulbs: they cure, go into store and are planted again; no rack, no jar, no test, no forecast. */
final class KeptAliveTest extends CoreTestCase
{
    #[TestWith(['garlic', '2026-07-05'])]
    #[TestWith(['potato', '2026-08-20'])]
    #[TestWith(['shallot', '2026-07-10'])]
    #[TestWith(['jerusalem-artichoke', '2026-11-20'])]
    #[TestWith(['oca', '2026-11-20'])]
    public function test_what_is_lifted_is_cured_and_stored_and_never_dried(string $crop, string $lifted): void
    {
        $diary = new Diary(self::crop($crop));
        $diary->record('picked', "$lifted 10:00", ['plants' => 12, 'mass_g' => 900]);
        $course = $diary->course();
        self::assertSame([DryingTask::Cure], array_map(static fn ($task) => $task->kind, $course->tasks()));
        self::assertSame(Counsel::PlantAlive, $course->advice(new \DateTimeImmutable('2026-12-01'))?->counsel);
        $offered = array_map(static fn (Offer $offer): string => $offer->kind->name, $course->offers());
        self::assertSame([], array_intersect(['threshed', 'rinsed', 'ferment_started', 'winnowed', 'spread', 'weighed', 'jar_read', 'test_started', 'bathed'], $offered));
        self::assertContains('stored', $offered);

        $diary->record('stored', '2026-12-01 10:00', ['container' => 'tin', 'place' => 'Cellar', 'temperature_c' => 5, 'rh' => 80, 'mass_g' => 850]);
        $course = $diary->course();
        self::assertSame([CellarTask::LookOver, KeepingTask::PlantAgain], array_map(static fn ($task) => $task->kind, $course->tasks()));
        self::assertNull($course->forecast());
        self::assertNull($course->storing->moisture, 'it is in balance with no air');
        self::assertFalse($course->storing->isShutInDamp());
    }

    public function test_it_is_planted_in_its_next_months(): void
    {
        // Garlic lifted in July and stored in August: planted from October to November of that year.
        $diary = new Diary(self::crop('garlic'));
        $diary->record('picked', '2026-07-05 10:00', ['plants' => 12, 'mass_g' => 900]);
        $diary->record('stored', '2026-08-01 10:00', ['container' => 'tin', 'place' => 'Loft', 'temperature_c' => 15, 'rh' => 60, 'mass_g' => 850]);
        $task = self::task($diary, KeepingTask::PlantAgain);
        self::assertSame(['2026-10-01', '2026-12-01'], [$task->opens->format('Y-m-d'), $task->latest?->format('Y-m-d')]);
        // Potatoes lifted in August keep for eight months, into April, when they are planted.
        $diary = new Diary(self::crop('potato'));
        $diary->record('picked', '2026-08-20 10:00', ['plants' => 12, 'mass_g' => 9000]);
        $diary->record('stored', '2026-09-05 10:00', ['container' => 'tin', 'place' => 'Cellar', 'temperature_c' => 5, 'rh' => 90, 'mass_g' => 8500]);
        $task = self::task($diary, KeepingTask::PlantAgain);
        self::assertSame(['2027-04-01', '2027-04-21'], [$task->opens->format('Y-m-d'), $task->latest?->format('Y-m-d')]);
    }

    public function test_put_away_while_it_is_being_planted_it_goes_out_that_very_season(): void
    {
        $diary = new Diary(self::crop('garlic'));
        $diary->record('received', '2026-10-12 10:00', ['how' => 'bought', 'mass_g' => 400]);
        $diary->record('stored', '2026-10-12 11:00', ['container' => 'cloth_bag', 'place' => 'Loft', 'temperature_c' => 15, 'rh' => 60, 'mass_g' => 400]);
        $task = self::task($diary, KeepingTask::PlantAgain);
        self::assertSame([KeepingTask::PlantAgain, '2026-10-12', '2026-12-01'], [$task->kind, $task->opens->format('Y-m-d'), $task->latest?->format('Y-m-d')]);
        self::assertGreaterThan($task->opens, $task->best);
    }

    #[TestWith(['wild-rice'])]
    #[TestWith(['chayote'])]
    #[TestWith(['marsh-marigold'])]
    #[TestWith(['angelica'])]
    public function test_what_dies_when_it_dries_is_offered_no_rack(string $crop): void
    {
        $diary = new Diary(self::crop($crop));
        $diary->record('received', '2026-09-01 10:00', ['how' => 'swapped', 'from' => 'Odile', 'year' => 2026]);
        $offered = array_map(static fn (Offer $offer): string => $offer->kind->name, $diary->course()->offers());
        self::assertSame([], array_intersect(['spread', 'weighed', 'jar_read'], $offered));
        self::assertContains('stored', $offered);
    }

    public function test_what_would_kill_it_or_tells_nothing_is_asked_about(): void
    {
        $garlic = new Diary(self::crop('garlic'));
        $garlic->record('picked', '2026-07-05 10:00', ['plants' => 12, 'mass_g' => 900]);
        $stored = ['place' => 'Loft', 'temperature_c' => 15, 'rh' => 60, 'mass_g' => 850];
        self::assertSame(['container'], self::asked($garlic, 'stored', ['container' => 'jar', ...$stored]));
        self::assertSame([], self::asked($garlic, 'stored', ['container' => 'cloth_bag', ...$stored]));
        self::assertSame([], self::asked($garlic, 'spread', ['surface' => 'mesh']), 'it cures airy');
        self::assertSame(['rh'], self::asked($garlic, 'jar_read', ['rh' => 40, 'temperature_c' => 20]));
        self::assertSame(['method'], self::asked($garlic, 'test_started', ['test' => 'a', 'replicates' => 1, 'seeds' => 10, 'temperature_c' => 20, 'method' => 'dish']));
        $garlic->insist('jar_read', '2026-07-20 10:00', ['rh' => 40, 'temperature_c' => 20]);
        self::assertNull($garlic->course()->drying->moisture(), 'a clove has no moisture by the air of a jar');
        $put = array_values(array_filter($garlic->course()->offers(), static fn (Offer $offer): bool => $offer->kind->name === 'stored'))[0];
        self::assertSame('cloth_bag', $put->fields[0]->usual);

        $rice = new Diary(self::crop('wild-rice'));
        $rice->record('received', '2026-09-01 10:00', ['how' => 'swapped']);
        self::assertSame(['surface'], self::asked($rice, 'spread', ['surface' => 'mesh']));
        self::assertSame(['rh'], self::asked($rice, 'jar_read', ['rh' => 40, 'temperature_c' => 20]));
    }

    public function test_it_is_looked_over_once_a_month_and_sooner_after_rot(): void
    {
        $diary = self::inTheCellar();
        $when = static fn (): array => [($task = self::task($diary, CellarTask::LookOver))->best->format('Y-m-d'), $task->figures['rotten']];
        self::assertSame(['2026-10-03', 0], $when());
        $diary->record('kept_looked_over', '2026-10-03 10:00', ['sound' => 39, 'rotten' => 1]);
        self::assertSame(['2026-10-31', 1], $when(), 'one of forty is no plague');
        $diary->record('kept_looked_over', '2026-10-31 10:00', ['sound' => 33, 'shrunken' => 2, 'rotten' => 4]);
        self::assertSame(['2026-11-14', 4], $when(), 'four of thirty-nine are more than one in twenty');
        $diary->record('kept_looked_over', '2026-11-14 10:00', ['rotten' => 3]);
        self::assertSame(['2026-11-28', 3], $when(), 'nobody counted the rest');
        $course = $diary->course();
        self::assertSame([40, 8, 32.0], [$course->cellar->began, $course->cellar->rotted(), $course->stock->stock->seeds()]);
        $diary->record('kept_looked_over', '2026-11-28 10:00', ['sound' => 0, 'rotten' => 32]);
        self::assertTrue($diary->course()->isUsedUp());
        self::assertSame([], $diary->course()->tasks());
    }

    public function test_what_cannot_be_of_a_look_is_said_at_its_field(): void
    {
        $diary = self::inTheCellar();
        self::assertSame(['sound'], self::asked($diary, 'kept_looked_over', ['sound' => 60, 'rotten' => 1]), 'there were forty');
        foreach ([[], ['rotten' => 0]] as $nothing) {
            try {
                $diary->record('kept_looked_over', '2026-10-03 10:00', $nothing);
                self::fail('nothing was said');
            } catch (Refused $refused) {
                self::assertSame('sound', $refused->path);
            }
        }
        $bean = new Diary(self::crop('french-bean'));
        $bean->record('received', '2026-09-01 10:00', ['how' => 'bought', 'seeds' => 60]);
        self::assertNotContains('kept_looked_over', array_map(static fn (Offer $offer): string => $offer->kind->name, $bean->course()->offers()));
        self::assertNotSame([], $bean->asks('kept_looked_over', '2026-09-20 10:00', ['sound' => 60])->questions);
    }

    /** Forty tubers, put in store on the fifth of September. */
    private static function inTheCellar(): Diary
    {
        $diary = new Diary(self::crop('potato'));
        $diary->record('received', '2026-09-05 09:00', ['how' => 'swapped', 'seeds' => 40]);
        $diary->record('stored', '2026-09-05 10:00', ['container' => 'cloth_bag', 'place' => 'Cellar', 'temperature_c' => 5, 'rh' => 90]);

        return $diary;
    }

    private static function task(Diary $diary, TaskKind $kind): Task
    {
        return array_find($diary->course()->tasks(), static fn (Task $task): bool => $task->kind === $kind) ?? self::fail("There is no task $kind->value.");
    }

    /**
     * @param  array<string, mixed>  $payload
     * @return list<string> fields
     */
    private static function asked(Diary $diary, string $kind, array $payload): array
    {
        return array_map(static fn (Question $question): string => $question->field, $diary->asks($kind, '2026-09-20 10:00', $payload)->questions);
    }
}

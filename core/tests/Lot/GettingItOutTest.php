<?php

declare(strict_types=1);

namespace Marrow\Core\Tests\Lot;

use Marrow\Core\Fields\Refused;
use Marrow\Core\Folding\Asked;
use Marrow\Core\Lot\Harm;
use Marrow\Core\Lot\LotCourse;
use Marrow\Core\Lot\LotFacts;
use Marrow\Core\Settings\Practice;
use Marrow\Core\Steps\Cleaning\CleaningTask;
use Marrow\Core\Tests\Support\CoreTestCase;
use Marrow\Core\Tests\Support\Diary;
use Marrow\Core\Tests\Support\MakesEntries;
use Marrow\Core\Work\Loss;
use Marrow\Core\Work\Offer;
use Marrow\Core\Work\Task;

/** Seed on its way out of fruit, pods and heads. */
final class GettingItOutTest extends CoreTestCase
{
    use MakesEntries;

    public function test_a_squash_soaks_over_night_and_must_be_out_before_it_sprouts(): void
    {
        $diary = self::picked('squash-pepo');
        $diary->record('fruit_opened', '2026-09-20 18:00', ['how' => 'scooped', 'fruits' => 6, 'look' => 'plump', 'bitter' => 1]);
        $diary->record('soaked', '2026-09-20 18:30', ['temperature_c' => 28]);
        [$task] = $diary->course()->tasks();
        self::assertSame(CleaningTask::LiftOut, $task->kind);
        self::assertSame(Loss::Seed, $task->loss);
        // 24 h at 20 °C: 24·2^(−0.8) = 13.784 h at 28 °C.
        self::assertSame('2026-09-21 08:17', $task->latest?->format('Y-m-d H:i'));
        self::assertSame(['rinsed'], self::offered($diary, ['rinsed', 'soaked', 'fruit_opened']));
        self::assertSame(1, $diary->course()->cleaning->bitter);

        $diary->record('rinsed', '2026-09-21 07:30');
        $soak = $diary->course()->cleaning->soak;
        self::assertSame(13.0, $soak?->hours());
        self::assertFalse($soak->wasTooLong());
        self::assertSame([], $diary->course()->harms());
    }

    public function test_what_lay_in_water_too_long_begins_lower(): void
    {
        foreach (['2026-09-21 09:00' => [Harm::Overfermented], '2026-09-21 08:00' => []] as $out => $harms) {
            $diary = self::picked('squash-pepo');
            $diary->record('soaked', '2026-09-20 18:30', ['temperature_c' => 28]);
            $diary->record('rinsed', $out);
            self::assertSame($harms, $diary->course()->harms(), $out);
        }
        $diary = self::picked('squash-pepo');
        $diary->record('soaked', '2026-09-20 18:30');
        $diary->record('rinsed', '2026-09-21 08:00', ['sprouted' => true]);
        self::assertSame([Harm::Sprouted], $diary->course()->harms());
    }

    public function test_dry_pods_are_neither_opened_nor_soaked(): void
    {
        $diary = self::picked('pea');
        foreach (['soaked' => [], 'fruit_opened' => ['how' => 'cut']] as $kind => $payload) {
            try {
                $diary->record($kind, '2026-09-20 18:00', $payload);
                self::fail("$kind was taken.");
            } catch (Asked $asked) {
                self::assertStringContainsString('Pea is threshed', $asked->getMessage());
            }
        }
    }

    public function test_stalks_cut_early_finish_on_a_sheet_and_are_turned_until_they_are_threshed(): void
    {
        $diary = new Diary(self::crop('lettuce'), '2026-04-10');
        $diary->record('cut_down', '2026-08-25 10:00', ['plants' => 9, 'part' => 'stalks', 'kept' => 'sheet', 'where' => 'loft']);
        $course = $diary->course();
        self::assertSame([9, '2026-08-25'], [$course->origin->plants(), $course->origin->firstAt()?->format('Y-m-d')]);
        $turn = array_values(array_filter($course->tasks(), static fn (Task $task): bool => $task->kind === CleaningTask::Turn))[0] ?? null;
        self::assertSame('2026-08-27 10:00', $turn?->best->format('Y-m-d H:i'));
        self::assertSame(['turned', 'threshed'], self::offered($diary, ['turned', 'threshed']));

        $diary->record('turned', '2026-08-27 09:00', ['caught_g' => 4]);
        $diary->record('turned', '2026-08-29 09:00', ['caught_g' => 2.5]);
        self::assertSame(6.5, $diary->course()->cleaning->caught);
        $diary->record('threshed', '2026-09-10 10:00', ['mass_g' => 90]);
        self::assertSame([], array_filter($diary->course()->tasks(), static fn (Task $task): bool => $task->kind === CleaningTask::Turn));
        // What fell by itself was put with it: 95 of 90 g threshed and 6.5 g caught.
        $diary->record('winnowed', '2026-09-10 11:00', ['mass_g' => 95]);
        self::assertEqualsWithDelta(95 / 96.5, $diary->course()->cleaning->cleanShare(), 1e-12);
    }

    public function test_what_hangs_is_not_turned_and_a_tomato_is_not_hung(): void
    {
        $diary = new Diary(self::crop('lettuce'), '2026-04-10');
        $diary->record('cut_down', '2026-08-25 10:00', ['plants' => 9]);
        self::assertSame([CleaningTask::Thresh], array_map(static fn (Task $task): mixed => $task->kind, $diary->course()->tasks()));
        $tomato = new Diary(self::crop('tomato'), '2026-04-10');
        $tomato->insist('cut_down', '2026-08-24 10:00', ['plants' => 9]);
        self::assertFalse($tomato->course()->origin->hasBegun(), 'insisted on, it stands adrift, and nothing begins with it');
        $this->expectException(Asked::class);
        $this->expectExceptionMessage('comes out of wet fruit');
        $tomato->record('cut_down', '2026-08-25 10:00', ['plants' => 9]);
    }

    public function test_each_school_has_its_own_first_step_and_usual_words(): void
    {
        $facts = static fn (Practice $practice): LotCourse => LotCourse::fold(new LotFacts('L1', self::crop('tomato'), new \DateTimeImmutable('2026-03-10')), [self::entry('a', 'picked', '2026-08-20 10:00', ['plants' => 6, 'fruits' => 24])], $practice);
        $first = static fn (LotCourse $lot): array => [$lot->tasks()[0]->kind, $lot->offers()[0]->kind->name];
        self::assertSame([CleaningTask::StartFerment, 'ferment_started'], $first($facts(new Practice)));
        self::assertSame([CleaningTask::Wash, 'rinsed'], $first($facts(new Practice(['gel_school' => 'rinse']))));
        $cover = static fn (Practice $practice): mixed => array_values(array_filter($facts($practice)->offers(), static fn (Offer $offer): bool => $offer->kind->name === 'ferment_started'))[0]->fields[1]->usual;
        self::assertSame(['cloth', 'loose_lid'], [$cover(new Practice), $cover(new Practice(['ferment_cover' => 'loose_lid']))]);
    }

    public function test_what_was_threshed_comes_out_again_but_for_what_blows_away(): void
    {
        $diary = self::picked('pea');
        $diary->record('threshed', '2026-10-01 10:00', ['mass_g' => 400, 'how' => 'feet']);
        $more = ['mass_g' => 300, 'how' => 'wind', 'light_g' => 20, 'chaff_g' => 100];
        self::assertSame('chaff_g', self::askedAbout($diary, 'winnowed', $more));
        self::assertSame('chaff_g', self::askedAbout($diary, 'winnowed', ['chaff_g' => 30] + $more), '350 of 400 g: where is the rest?');
        $diary->record('winnowed', '2026-10-01 11:00', ['chaff_g' => 75] + $more);
        self::assertSame(0.75, $diary->course()->cleaning->cleanShare());
    }

    public function test_of_what_was_looked_over_a_share_with_limits_is_known(): void
    {
        $diary = self::picked('pea');
        self::assertSame([], self::offered($diary, ['picked_over']));
        $diary->record('threshed', '2026-10-01 10:00', ['mass_g' => 400]);
        self::assertSame('looked', self::askedAbout($diary, 'picked_over', ['looked' => 5, 'flat' => 4, 'holed' => 2]));
        $diary->record('picked_over', '2026-10-01 12:00', ['looked' => 100, 'flat' => 2, 'holed' => 4]);
        $bad = $diary->course()->sorting->bad();
        // R: prop.test(6, 100, correct = FALSE)
        self::assertEqualsWithDelta([0.06, 0.02778612, 0.1247682], [$bad?->share, $bad?->low, $bad?->high], 1e-7);
        self::assertSame(['picked_over'], self::offered($diary, ['picked_over']));
    }

    private static function picked(string $crop): Diary
    {
        $diary = new Diary(self::crop($crop), '2026-04-10');
        $diary->record('picked', '2026-08-25 10:00', ['plants' => 4, 'fruits' => 6, 'mass_g' => 9000]);

        return $diary;
    }

    /**
     * @param  list<string>  $of
     * @return list<string>
     */
    private static function offered(Diary $diary, array $of): array
    {
        return array_values(array_intersect($of, array_map(static fn (Offer $offer): string => $offer->kind->name, $diary->course()->offers())));
    }

    /** @param  array<string, mixed>  $payload */
    private static function askedAbout(Diary $diary, string $kind, array $payload): ?string
    {
        try {
            $diary->record($kind, '2026-10-01 11:00', $payload);
        } catch (Asked $asked) {
            return $asked->questions[0]->field;
        } catch (Refused $refused) {
            return $refused->path;
        }

        return null;
    }
}

<?php

declare(strict_types=1);

namespace Marrow\Core\Tests\Lot;

use Marrow\Core\Fields\Refused;
use Marrow\Core\Folding\Asked;
use Marrow\Core\Selection\Plates;
use Marrow\Core\Selection\TasteAgreement;
use Marrow\Core\Steps\Tasting\Tasting;
use Marrow\Core\Tests\Support\CoreTestCase;
use Marrow\Core\Tests\Support\PlotDiary;

/** Tasting blind. */
final class TastingTest extends CoreTestCase
{
    public function test_numbers_are_two_figures_no_two_alike_and_in_no_order_that_tells_anything(): void
    {
        $sorted = 0;
        for ($n = 0; $n < 200; $n++) {
            $plates = Plates::of("tasting $n", TasteAgreement::MOST_SAMPLES);
            self::assertCount(TasteAgreement::MOST_SAMPLES, array_unique($plates->numbers));
            self::assertTrue(min($plates->numbers) >= 11 && max($plates->numbers) <= 98);
            self::assertEqualsCanonicalizing($plates->numbers, $plates->order);
            self::assertEquals($plates, Plates::of("tasting $n", TasteAgreement::MOST_SAMPLES), 'the same however often it is asked for');
            // Of two plates the one that is named first stands first about half of the time.
            $two = Plates::of("pair $n", 2);
            $sorted += (int) ($two->order[0] === $two->numbers[0]);
        }
        self::assertGreaterThan(70, $sorted);
        self::assertLessThan(130, $sorted);
    }

    public function test_marks_are_given_in_the_order_of_the_table_and_are_of_what_lay_on_the_plates(): void
    {
        $diary = self::walked();
        $diary->record('tasting_set', '2026-09-06 18:00', ['tasting' => 't', 'of' => 'plant', 'samples' => [1, 3, 6, 7], 'how' => 'raw']);
        // The scores of a worked table, four samples by three tasters: mean ranks 3, 1, 3.67, 2.33, W 0.777778, p 0.053819 by R.
        foreach (['Ines' => [4, 2, 5, 3], 'Odile' => [3, 2, 5, 4], 'Marek' => [5, 1, 4, 2]] as $taster => $marks) {
            $diary->record('tasting_scored', '2026-09-06 18:30', ['tasting' => 't', 'taster' => $taster, 'scores' => self::asOnTheTable(self::of($diary), $marks)]);
        }
        $tasting = self::of($diary);
        self::assertSame(['Ines', 'Odile', 'Marek'], $tasting->tasters());
        self::assertEqualsWithDelta([1 => 4.0, 3 => 5 / 3, 6 => 14 / 3, 7 => 3.0], $tasting->means(), 1e-12);
        $agreement = $tasting->agreement();
        self::assertEqualsWithDelta([3.0, 1.0, 3.666667, 2.333333], $agreement?->ranks, 1e-6);
        self::assertEqualsWithDelta([0.777778, 0.053819], [$agreement?->w, $agreement?->p], 1e-6);
        self::assertNull($tasting->unblindedAt);
    }

    public function test_a_mark_that_is_missing_and_one_who_tastes_twice_are_asked_about(): void
    {
        $diary = self::walked();
        $diary->record('tasting_set', '2026-09-06 18:00', ['tasting' => 't', 'of' => 'plant', 'samples' => [1, 3, 6], 'how' => 'raw']);
        self::assertAsks('scores', 'There were 3 plates, and 2 were scored: a mark for each, or leave this taster out.', static fn () => $diary->record('tasting_scored', '2026-09-06 18:30', ['tasting' => 't', 'taster' => 'Ines', 'scores' => [4, 2]]));
        $diary->record('tasting_scored', '2026-09-06 18:30', ['tasting' => 't', 'taster' => 'Ines', 'scores' => [4, 2, 3]]);
        self::assertAsks('taster', 'ines has scored this tasting already: nobody tastes twice. Correct that entry, if it was wrong.', static fn () => $diary->record('tasting_scored', '2026-09-06 18:40', ['tasting' => 't', 'taster' => 'ines', 'scores' => [4, 2, 3]]));
        self::assertNull(self::of($diary)->agreement(), 'one alone agrees with nobody');
        $diary->record('tasting_unblinded', '2026-09-06 19:00', ['tasting' => 't']);
        self::assertAsks('taster', 'It was seen on 6 September 2026 which plate was which: what is scored after that is not blind.', static fn () => $diary->record('tasting_scored', '2026-09-06 19:30', ['tasting' => 't', 'taster' => 'Odile', 'scores' => [4, 2, 3]]));
    }

    public function test_a_tasting_has_two_plates_at_least_and_no_plant_twice(): void
    {
        foreach ([[3], [3, 3]] as $samples) {
            try {
                self::walked()->record('tasting_set', '2026-09-06 18:00', ['tasting' => 't', 'of' => 'plant', 'samples' => $samples, 'how' => 'raw']);
                self::fail('that was taken');
            } catch (Refused $refused) {
                self::assertSame('samples', $refused->path);
            }
        }
    }

    public function test_bitter_fruit_is_set_before_nobody(): void
    {
        $diary = new PlotDiary(self::crop('squash-moschata'));
        $diary->record('sown', '2026-03-20', ['plants' => 6]);
        foreach ([1 => 'no', 2 => 'yes', 3 => null] as $fruit => $bitter) {
            $diary->record('fruit_shelved', "2026-08-0$fruit", ['fruit' => $fruit]);
            $diary->record('fruit_cut', '2026-09-20', ['fruit' => $fruit, 'bitter' => $bitter]);
        }
        $set = static fn (array $samples) => $diary->record('tasting_set', '2026-09-21', ['tasting' => 't', 'of' => 'fruit', 'samples' => $samples, 'how' => 'raw']);
        self::assertAsks('samples', 'Fruit 2 was bitter. Nothing of it is eaten: what is bitter in squash and gourd is poisonous.', static fn () => $set([1, 2]));
        self::assertAsks('samples', 'Nobody says that a crumb of fruit 3 was tried first and spat out. What is bitter in squash and gourd is poisonous.', static fn () => $set([1, 3]));
    }

    private static function assertAsks(string $field, string $said, \Closure $done): void
    {
        try {
            $done();
            self::fail('that was not asked about');
        } catch (Asked $asked) {
            self::assertSame([$field, $said], [$asked->path, $asked->getMessage()]);
        }
    }

    private static function of(PlotDiary $diary): Tasting
    {
        return $diary->course()->tasting->tastings['t'];
    }

    /**
     * @param  list<int>  $marks  in the order of the samples
     * @return list<int> in the order of the table
     */
    private static function asOnTheTable(Tasting $tasting, array $marks): array
    {
        $of = array_combine($tasting->set->samples, $marks);

        return array_map(static fn (int $plate): int => $of[$tasting->under()[$plate]], $tasting->table());
    }

    private static function walked(): PlotDiary
    {
        $diary = new PlotDiary(self::crop('kale'));
        $diary->record('sown', '2026-03-20', ['plants' => 12]);

        return $diary;
    }
}

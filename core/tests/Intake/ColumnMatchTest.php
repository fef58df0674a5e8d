<?php

declare(strict_types=1);

namespace Marrow\Core\Tests\Intake;

use Marrow\Core\Intake\Column;
use Marrow\Core\Intake\ColumnMatch;
use Marrow\Core\Intake\CropNames;
use Marrow\Core\Tests\Support\CoreTestCase;
use PHPUnit\Framework\Attributes\TestWith;

/** Columns of lists that nobody made for us. */
final class ColumnMatchTest extends CoreTestCase
{
    private static ?CropNames $names = null;

    public function test_headings_are_known_by_what_people_call_them_and_their_units_are_read(): void
    {
        $match = self::of([['Vegetable', 'Cultivar', 'Weight (oz)', 'Germ. %', 'Supplier', 'Favourite colour', 'NOTES'], ['tomato', 'Weir', '2', '80', 'swap', 'blue', '']]);
        self::assertTrue($match->hasHeadings);
        self::assertSame(['crop', 'variety', 'mass_g', 'germinates', 'from', null, 'note'], self::keys($match));
        self::assertSame(['mass_g' => 'oz'], $match->units);
    }

    public function test_every_label_that_goes_out_is_known_when_it_comes_in_again(): void
    {
        foreach (Column::cases() as $column) {
            self::assertSame($column, Column::headed($column->label()), $column->label());
            self::assertSame($column, Column::headed(mb_strtoupper($column->label())));
        }
    }

    public function test_no_heading_is_that_of_two_columns(): void
    {
        $match = self::of([['Crop', 'Species', 'Variety'], ['tomato', 'Solanum lycopersicum', 'Weir']]);
        self::assertSame(['crop', null, 'variety'], self::keys($match));
    }

    public function test_a_list_without_headings_is_known_by_what_stands_in_it(): void
    {
        $match = self::of([
            ['tomato', 'Sluice Gate', '2021', '40', '85 %', 'jar'],
            ['Runner bean', 'Long Hedge', '2023', 'some', '90 %', 'envelope'],
            ['lettuce', 'Quarry', '', '2 g', '', 'tin'],
        ]);
        self::assertFalse($match->hasHeadings);
        self::assertSame(['crop', 'variety', 'year', 'amount', 'germinates', 'container'], self::keys($match));
    }

    #[TestWith([[['Tomato'], ['Leek']], 'crop'])]
    #[TestWith([[['Sluice Gate'], ['Long Hedge']], 'variety'])]
    #[TestWith([[['Variety'], ['Long Hedge']], 'variety'])]
    /** @param  non-empty-list<list<string>>  $rows */
    public function test_a_list_of_one_column(array $rows, string $column): void
    {
        self::assertSame([$column], self::keys(self::of($rows)));
    }

    /** @param  non-empty-list<list<string>>  $rows */
    private static function of(array $rows): ColumnMatch
    {
        self::$names ??= LineReaderTest::cropNames();

        return ColumnMatch::of($rows, self::$names);
    }

    /** @return list<?string> */
    private static function keys(ColumnMatch $match): array
    {
        return array_map(static fn (?Column $column): ?string => $column?->value, $match->columns);
    }
}

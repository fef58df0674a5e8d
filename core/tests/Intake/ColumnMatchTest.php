<?php

declare(strict_types=1);

namespace Marrow\Core\Tests\Intake;

use Marrow\Core\Intake\Column;
use Marrow\Core\Intake\ColumnMatch;
use Marrow\Core\Intake\CropNames;
use Marrow\Core\Tests\Support\CoreTestCase;
use PHPUnit\Framework\Attributes\DataProvider;
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

    /**
     * @param  list<string>  $headings
     * @param  list<?string>  $columns
     */
    #[DataProvider('abroad')]
    public function test_headings_are_known_in_other_languages(array $headings, array $columns): void
    {
        self::assertSame($columns, self::keys(self::of([$headings, array_fill(0, count($headings), 'x')])));
    }

    /** @return iterable<string, array{list<string>, list<?string>}> */
    public static function abroad(): iterable
    {
        yield 'German' => [['Art', 'Sorte', 'Erntejahr', 'Menge', 'Herkunft', 'Keimfähigkeit (%)', 'Behälter', 'Lagerort', 'Bemerkungen', 'Lieblingsfarbe'], ['crop', 'variety', 'year', 'amount', 'from', 'germinates', 'container', 'place', 'note', null]];
        yield 'French' => [['Espèce', 'Variété', 'Année de récolte', 'Quantité', 'Provenance', 'Faculté germinative', 'Contenant', 'Emplacement', 'Remarques'], ['crop', 'variety', 'year', 'amount', 'from', 'germinates', 'container', 'place', 'note']];
        yield 'Spanish' => [['Especie', 'Variedad', 'Año', 'Cantidad', 'Procedencia', 'Envase', 'Lugar', 'Observaciones'], ['crop', 'variety', 'year', 'amount', 'from', 'container', 'place', 'note']];
        yield 'Italian' => [['Specie', 'Varietà', 'Anno di raccolta', 'Numero di semi', 'Provenienza', 'Contenitore', 'Luogo', 'Osservazioni'], ['crop', 'variety', 'year', 'seeds', 'from', 'container', 'place', 'note']];
        yield 'Dutch' => [['Gewas', 'Ras', 'Oogstjaar', 'Aantal zaden', 'Herkomst', 'Kiemkracht', 'Verpakking', 'Plaats', 'Opmerkingen'], ['crop', 'variety', 'year', 'seeds', 'from', 'germinates', 'container', 'place', 'note']];
    }

    /**
     * @param  non-empty-list<list<string>>  $rows
     * @param  list<?string>  $columns
     */
    #[DataProvider('titled')]
    public function test_what_stands_above_a_list_is_no_packet(array $rows, int $above, bool $hasHeadings, array $columns): void
    {
        $match = self::of($rows);
        self::assertSame([$above, $hasHeadings, $columns], [$match->above, $match->hasHeadings, self::keys($match)]);
    }

    /** @return iterable<string, array{non-empty-list<list<string>>, int, bool, list<?string>}> */
    public static function titled(): iterable
    {
        $list = [['Crop', 'Variety', 'Year'], ['Tomato', 'Weir', '2023'], ['Leek', 'Estuary Blue', '2024']];
        yield 'nothing' => [$list, 0, true, ['crop', 'variety', 'year']];
        yield 'a title' => [[['Seed list 2024', '', ''], ...$list], 1, true, ['crop', 'variety', 'year']];
        yield 'a title, a name and a day' => [[['Our seed', '', ''], ['Ines', '', ''], ['', 'as of', '3 May'], ...$list], 3, true, ['crop', 'variety', 'year']];
        yield 'a title over a list without headings' => [[['My seeds', '', ''], ['Tomato', 'Weir', '2023'], ['Leek', 'Estuary Blue', '2024']], 1, false, ['crop', 'variety', 'year']];
        yield 'a packet called like a heading' => [[['Crop', 'Variety', 'Year', 'Note'], ['Pea', 'Name', '2023', 'Where'], ['Leek', 'Origin', '2024', 'x']], 0, true, ['crop', 'variety', 'year', 'note']];
        yield 'one column alone' => [[['Sluice Gate'], ['Long Hedge']], 0, false, ['variety']];
    }

    public function test_a_column_of_containers_is_no_column_of_crops(): void
    {
        $match = self::of([['Tomate', 'Weir', '2021', 'sachet'], ['Laitue', 'Quai', '2023', 'bocal'], ['Poireau', 'Phare', '2023', 'sachet']]);
        self::assertSame(['crop', 'variety', 'year', 'container'], self::keys($match));
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

<?php

declare(strict_types=1);

namespace Marrow\Core\Tests\Intake;

use Marrow\Core\Botany\VarietyType;
use Marrow\Core\Botany\WhichKey;
use Marrow\Core\Intake\CellDoubt;
use Marrow\Core\Intake\CropNames;
use Marrow\Core\Intake\KnownNames;
use Marrow\Core\Intake\Line;
use Marrow\Core\Intake\LineReader;
use Marrow\Core\Steps\Storing\ContainerKind;
use Marrow\Core\Tests\Support\CoreTestCase;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;

/** Lines of lists as people write them. */
final class LineReaderTest extends CoreTestCase
{
    private static ?CropNames $names = null;

    /** @return iterable<string, array{string, string}> */
    public static function names(): iterable
    {
        yield 'its name' => ['Tomato', 'tomato'];
        yield 'of many, in capitals' => ['TOMATOES', 'tomato'];
        yield 'with its second half first' => ['Bean, runner', 'runner-bean'];
        yield 'in Latin' => ['Lactuca sativa', 'lettuce'];
        yield 'of many ending in ies' => ['Poppies, corn', 'corn-poppy'];
        yield 'a bean that climbs' => ['Climbing bean', 'french-bean'];
        yield 'a bean that does not' => ['dwarf French bean', 'french-bean'];
        yield 'a melon that is called a cucumber' => ['Armenian cucumber', 'melon'];
        yield 'one crop, not six' => ['Courgettes', 'squash-pepo'];
        yield 'chili' => ['chili', 'pepper'];
        foreach (['Tomaten' => 'tomato', 'Möhre' => 'carrot', 'Feldsalat' => 'lambs-lettuce', 'Mangold' => 'chard', 'Zucchini' => 'squash-pepo', 'Rote Bete' => 'beetroot', 'fève' => 'broad-bean', 'Poireaux' => 'leek', 'haricots nains' => 'french-bean', 'calabacín' => 'squash-pepo', 'guisantes' => 'pea', 'Lechuga' => 'lettuce', 'pomodoro' => 'tomato', 'zucchine' => 'squash-pepo', 'fagiolini' => 'french-bean', 'boerenkool' => 'kale', 'sla' => 'lettuce', 'tuinbonen' => 'broad-bean', 'veldsla' => 'lambs-lettuce'] as $name => $key) {
            yield $name => [$name, $key];
        }
    }

    #[DataProvider('names')]
    public function test_a_crop_is_known_by_any_of_its_names(string $written, string $key): void
    {
        $line = self::read(['crop' => $written, 'variety' => 'Sluice Gate']);
        self::assertSame([], $line->doubts);
        self::assertSame($key, $line->packet?->crop);
    }

    public function test_a_name_that_means_several_crops_is_asked_about_and_not_guessed(): void
    {
        $line = self::read(['crop' => 'Squash', 'variety' => 'Old Harbour']);
        self::assertNull($line->packet);
        self::assertSame('crop', $line->doubts[0]->column->value);
        self::assertTrue($line->doubts[0]->stops);
        self::assertGreaterThan(2, count($line->doubts[0]->instead));
        foreach ($line->doubts[0]->instead as $name) {
            self::assertNotNull(self::read(['crop' => $name])->packet, $name);
        }
    }

    #[TestWith(['Kürbis'])]
    #[TestWith(['courge'])]
    #[TestWith(['zucca'])]
    #[TestWith(['Bohnen'])]
    #[TestWith(['beans'])]
    #[TestWith(['corn'])]
    public function test_so_is_one_that_does_in_another_language(string $written): void
    {
        $line = self::read(['crop' => $written, 'variety' => 'x']);
        self::assertNull($line->packet);
        self::assertGreaterThan(1, count($line->doubts[0]->instead), $written);
    }

    public function test_every_name_abroad_is_of_a_crop_that_there_is_and_means_what_it_says(): void
    {
        /** @var array<string, list<string>> $abroad */
        $abroad = json_decode((string) file_get_contents(__DIR__.'/../../data/names.json'), true, flags: JSON_THROW_ON_ERROR);
        $of = self::cropNames();
        foreach ($abroad as $key => $names) {
            self::assertTrue(self::crops()->has($key), $key);
            foreach ($names as $name) {
                $meant = $of->of($name);
                // Another crop's own English name goes before it; a name of several is asked about.
                self::assertTrue($meant->crop === $key || ($meant->crop === null && in_array($of->name($key), $meant->names, true)), "$name is taken as $meant->crop, not as $key");
            }
        }
    }

    /**
     * @param  array<string, string>  $cells
     */
    #[DataProvider('abouts')]
    public function test_what_is_only_about_right_is_kept_as_such_and_as_it_was_written(string $written, ?int $seeds, ?float $grams, bool $about, string $note): void
    {
        $packet = self::read(['crop' => 'tomato', 'amount' => $written])->packet;
        self::assertNotNull($packet);
        self::assertSame([$seeds, $grams, $about, $note], [$packet->received->seeds, $packet->received->massG, $packet->received->about, $packet->note], $written);
    }

    /** @return iterable<array{string, ?int, ?float, bool, string}> */
    public static function abouts(): iterable
    {
        yield ['50', 50, null, false, ''];
        yield ['approx 50', 50, null, true, 'Amount: approx 50'];
        yield ['~200', 200, null, true, 'Amount: ~200'];
        yield ['ca 300', 300, null, true, 'Amount: ca 300'];
        yield ['ca. 300 Korn', 300, null, true, 'Amount: ca. 300 Korn'];
        yield ['40 or so', 40, null, true, 'Amount: 40 or so'];
        yield ['200+', 200, null, true, 'Amount: 200+'];
        yield ['<20', 20, null, true, 'Amount: <20'];
        yield ['±60', 60, null, true, 'Amount: ±60'];
        yield ['environ 30 graines', 30, null, true, 'Amount: environ 30 graines'];
        yield ['about 12 g', null, 12.0, true, 'Amount: about 12 g'];
        yield ['1.200 Korn', 1200, null, false, ''];
        yield ['2,5 dkg', null, 25.0, false, ''];
        yield ['a handful', null, null, false, 'Amount: a handful'];
        yield ['some', null, null, false, ''];
        yield ['not known', null, null, false, ''];
    }

    public function test_a_year_that_cannot_be_is_asked_and_one_over_the_turn_of_the_year_is_its_first(): void
    {
        $line = self::read(['crop' => 'basil', 'year' => '1922']);
        self::assertNull($line->packet);
        self::assertSame('“1922” would be 104 years ago. Is the year right?', $line->doubts[0]->message);
        self::assertSame(['2022'], $line->doubts[0]->instead);
        self::assertSame(2022, self::read(['crop' => 'basil', 'year' => '22-23'])->packet?->received->year);
        self::assertSame(2022, self::read(['crop' => 'basil', 'year' => '2022/23'])->packet?->received->year);
    }

    public function test_the_keepers_own_seed_is_nobody_elses_and_so_is_its_test(): void
    {
        foreach (['own', 'My own', 'saved', 'eigene Ernte', 'self'] as $from) {
            $received = self::read(['crop' => 'tomato', 'from' => $from, 'germinates' => '42 of 50', 'tested_on' => '3 March 2025'])->packet?->received;
            self::assertSame(['own', '', 0.84, 50, '2025-03-03'], [$received?->how, $received?->from, $received?->claimed, $received?->claimedOf, $received?->claimedOn], $from);
        }
        self::assertSame(['found', 'Odile'], [($received = self::read(['crop' => 'tomato', 'from' => 'Odile'])->packet?->received)?->how, $received?->from]);
    }

    public function test_ones_own_list_brought_again_doubles_nothing_not_even_what_has_no_name(): void
    {
        foreach ([['L7', 'tomato', 'Sluice Gate', true], ['L8', 'French bean', '', true], ['L8', 'French bean', 'Name unknown 2', true], ['L8', 'tomato', '', false], ['L7', 'tomato', '', false]] as [$code, $crop, $name, $stands]) {
            self::assertSame($stands, self::read(['code' => $code, 'crop' => $crop, 'variety' => $name])->stands !== null, "$code $crop $name");
        }
    }

    public function test_a_slip_of_the_pen_is_understood_and_said(): void
    {
        $line = self::read(['crop' => 'Lettuse']);
        self::assertSame('lettuce', $line->packet?->crop);
        self::assertSame(['“Lettuse” is taken as Lettuce.'], self::messages($line));
    }

    public function test_what_is_no_crop_stops_the_line(): void
    {
        $line = self::read(['crop' => 'Quixquax', 'variety' => 'Whatever']);
        self::assertNull($line->packet);
        self::assertStringStartsWith('The handbook has no crop called “Quixquax”', $line->doubts[0]->message);
        self::assertSame(['Which crop is it?'], self::messages(self::read([])));
    }

    public function test_crop_and_variety_may_stand_in_one_cell(): void
    {
        foreach ([['variety' => 'Runner bean Long Hedge'], ['variety' => 'Long Hedge runner bean'], ['crop' => 'Runner bean: Long Hedge']] as $cells) {
            $packet = self::read($cells)->packet;
            self::assertSame(['runner-bean', 'Long Hedge'], [$packet?->crop, $packet?->name]);
        }
    }

    public function test_a_variety_of_the_garden_is_known_again_without_its_crop_and_a_lot_that_stands_is_not_taken_in_twice(): void
    {
        $line = self::read(['variety' => 'sluice  gate']);
        self::assertSame(['tomato', 'v1'], [$line->packet?->crop, $line->packet?->variety]);
        self::assertSame('L7', self::read(['code' => 'l7', 'crop' => 'tomato', 'variety' => 'Sluice Gate'])->stands);
        // The same code on another list is another lot.
        self::assertNull(self::read(['code' => 'L7', 'crop' => 'lettuce', 'variety' => 'Quarry'])->stands);
    }

    /** @return iterable<string, array{string, ?int, ?int, int}> */
    public static function years(): iterable
    {
        yield 'a year' => ['2023', 2023, null, 0];
        yield 'two digits' => ['23', 2023, null, 0];
        yield 'two digits of the century before' => ["'98", 1998, null, 0];
        yield 'a month' => ['Oct 2021', 2021, null, 0];
        yield 'a day' => ['14.9.2022', 2022, null, 0];
        yield 'a season over two years' => ['2022/23', 2022, null, 1];
        yield 'packed for' => ['packed for 2025', null, 2025, 0];
        yield 'packed for, in short' => ['pf 25', null, 2025, 0];
        yield 'nobody knows' => ['?', null, null, 0];
        yield 'words' => ['before we moved', null, null, 1];
    }

    #[DataProvider('years')]
    public function test_years_as_they_stand_on_packets(string $written, ?int $year, ?int $packedFor, int $doubts): void
    {
        $line = self::read(['crop' => 'tomato', 'year' => $written]);
        self::assertSame([$year, $packedFor], [$line->packet?->received->year, $line->packet?->received->packedFor]);
        self::assertCount($doubts, $line->doubts);
        if ($doubts > 0 && $year === null) {
            self::assertStringContainsString($written, $line->packet->note ?? '', 'what could not be read is kept');
        }
    }

    #[TestWith(['2031', 'It is 2026 now: seed cannot have ripened in 2031.'])]
    #[TestWith(['packed for 2040', 'Packed for 2040? It is 2026 now.'])]
    public function test_a_year_that_cannot_be_stops_the_line(string $written, string $message): void
    {
        $line = self::read(['crop' => 'tomato', 'year' => $written]);
        self::assertNull($line->packet);
        self::assertSame([$message], self::messages($line));
    }

    /** @return iterable<string, array{array<string, string>, ?int, ?float, int}> */
    public static function amounts(): iterable
    {
        yield 'a number is of seeds' => [['amount' => '50'], 50, null, 0];
        yield 'about' => [['amount' => 'ca. 40 seeds'], 40, null, 0];
        yield 'thousands' => [['amount' => '1,200'], 1200, null, 0];
        yield 'grams' => [['amount' => '2.5 g'], null, 2.5, 0];
        yield 'with a decimal comma' => [['amount' => '2,5 g'], null, 2.5, 0];
        yield 'ounces and a fraction' => [['amount' => '½ oz'], null, 14.1747615625, 0];
        yield 'pounds and ounces' => [['amount' => '1 lb 4 oz'], null, 566.99046250, 0];
        yield 'some' => [['amount' => 'a few'], null, null, 0];
        yield 'packets tell nothing' => [['amount' => '2 packets'], null, null, 1];
        yield 'a bare mass under its heading' => [['mass_g' => '12'], null, 12.0, 0];
        yield 'seeds and mass' => [['seeds' => '300', 'mass_g' => '0.9'], 300, 0.9, 0];
    }

    /** @param  array<string, string>  $cells */
    #[DataProvider('amounts')]
    public function test_amounts_as_people_write_them(array $cells, ?int $seeds, ?float $grams, int $doubts): void
    {
        $line = self::read(['crop' => 'tomato'] + $cells);
        self::assertSame($seeds, $line->packet?->received->seeds);
        $grams === null ? self::assertNull($line->packet?->received->massG) : self::assertEqualsWithDelta($grams, $line->packet?->received->massG, 1e-6);
        self::assertCount($doubts, $line->doubts);
    }

    public function test_a_unit_in_the_heading_is_that_of_bare_numbers_below_it(): void
    {
        $line = self::reader()->read(['crop' => 'tomato', 'mass_g' => '2'], ['mass_g' => 'oz']);
        self::assertEqualsWithDelta(56.69904625, $line->packet?->received->massG, 1e-6);
    }

    public function test_less_than_none_stops_the_line(): void
    {
        foreach (['-5', '0', '−3 g'] as $written) {
            self::assertSame(['There cannot be less than none.'], self::messages(self::read(['crop' => 'tomato', 'amount' => $written])), $written);
        }
    }

    /** @return iterable<string, array{string, string, ?float, ?string, int}> */
    public static function germinations(): iterable
    {
        yield 'per cent' => ['85 %', '', 0.85, null, 0];
        yield 'a bare number' => ['85', '', 0.85, null, 0];
        yield 'a share' => ['0.85', '', 0.85, null, 0];
        yield 'a count' => ['17/20', '', 0.85, null, 0];
        yield 'a count in words' => ['17 of 20', '', 0.85, null, 0];
        yield 'with its day' => ['85 %', '3 March 2025', 0.85, '2025-03-03', 0];
        yield 'with its day in one cell' => ['85% (3.3.2025)', '', 0.85, '2025-03-03', 0];
        yield 'with its year alone, of which the middle is taken and said' => ['85 %', '2025', 0.85, '2025-07-01', 1];
        yield 'with its month' => ['85 %', 'March 2024', 0.85, '2024-03-15', 1];
        yield 'with its month in figures' => ['85 %', '03/2024', 0.85, '2024-03-15', 1];
        yield 'of the year that is not over' => ['85 %', '2026', 0.85, '2026-07-01', 1];
        yield 'a count in German' => ['17 von 20', '', 0.85, null, 0];
        yield 'a count in French' => ['17 sur 20 graines', '', 0.85, null, 0];
        yield 'nobody has looked' => ['not tested', '', null, null, 0];
        yield 'niemand hat geschaut' => ['nicht getestet', 'not yet', null, null, 0];
        yield 'a day that can be read in two ways' => ['85 %', '4/3/2025', 0.85, null, 1];
        yield 'a day to come' => ['85 %', '2027-01-01', 0.85, null, 1];
        yield 'no share' => ['good', '', null, null, 1];
        yield 'more than all' => ['120 %', '', null, null, 1];
    }

    #[DataProvider('germinations')]
    public function test_germination_as_it_was_told(string $written, string $day, ?float $share, ?string $on, int $doubts): void
    {
        $line = self::read(['crop' => 'tomato', 'germinates' => $written, 'tested_on' => $day]);
        self::assertSame([$share, $on], [$line->packet?->received->claimed, $line->packet?->received->claimedOn]);
        self::assertCount($doubts, $line->doubts);
    }

    public function test_a_hybrid_is_known_by_its_name_or_by_a_column_of_its_own(): void
    {
        self::assertSame(VarietyType::Hybrid, self::read(['crop' => 'tomato', 'variety' => 'Weir F1'])->packet?->type);
        self::assertSame(VarietyType::Hybrid, self::read(['crop' => 'tomato', 'variety' => 'Weir', 'type' => 'yes'])->packet?->type);
        self::assertSame(VarietyType::OpenPollinated, self::read(['crop' => 'tomato', 'variety' => 'Weir', 'type' => 'OP'])->packet?->type);
        $stable = self::read(['crop' => 'tomato', 'variety' => 'Weir', 'type' => 'F4'])->packet;
        self::assertSame([VarietyType::Stabilising, 'F4'], [$stable?->type, $stable?->generation]);
        self::assertNull(self::read(['crop' => 'tomato', 'variety' => 'Weir'])->packet?->type, 'nobody said');
    }

    /** @return iterable<string, array{string, ContainerKind, int}> */
    public static function containers(): iterable
    {
        yield 'a jar' => ['Small jar', ContainerKind::Jar, 0];
        yield 'foil before pouch' => ['foil pouch', ContainerKind::FoilPouch, 0];
        yield 'plastic before bag' => ['plastic bag', ContainerKind::PlasticBag, 0];
        yield 'a box is a box' => ['plastic box', ContainerKind::Box, 0];
        yield 'paper before bag' => ['paper bag', ContainerKind::PaperEnvelope, 0];
        yield 'nothing said' => ['', ContainerKind::PaperEnvelope, 0];
        yield 'not known' => ['sock', ContainerKind::PaperEnvelope, 1];
    }

    #[DataProvider('containers')]
    public function test_containers_by_what_people_call_them(string $written, ContainerKind $kind, int $doubts): void
    {
        $line = self::read(['crop' => 'tomato', 'container' => $written, 'place' => 'Shed']);
        self::assertSame($kind, $line->packet?->container);
        self::assertCount($doubts, $line->doubts);
    }

    public function test_what_is_told_of_the_test_must_be_of_seed_that_was_there(): void
    {
        $line = self::read(['crop' => 'tomato', 'year' => '2025', 'packed_for' => '2024']);
        self::assertNull($line->packet);
        self::assertSame(['Seed that ripened in 2025 cannot have been packed for 2024.'], self::messages($line));
    }

    /** Whatever is written in the cells, the reader answers, and a line that it keeps can be kept. */
    public function test_nothing_that_is_written_makes_it_fail(): void
    {
        mt_srand(12);
        $scraps = ['', '?', '2023', '-1', '1e9', '50 g', 'ca.', "'23", '85%', '=1+1', "\u{202E}abc", 'Tomato', 'squash', '½', '0', '31.2.2024', '99/99/9999', '🌱', str_repeat('x', 3000), '1.000.000', 'packed for 99999', '%', 'NaN', '−', '12,345', 'yes', 'F1', "a\tb", '"'];
        $columns = array_map(static fn (\Marrow\Core\Intake\Column $column): string => $column->value, \Marrow\Core\Intake\Column::cases());
        for ($i = 0; $i < 2000; $i++) {
            $cells = [];
            foreach ($columns as $column) {
                if (mt_rand(0, 2) > 0) {
                    $cells[$column] = $scraps[mt_rand(0, count($scraps) - 1)];
                }
            }
            $line = self::read($cells);
            $stops = array_filter($line->doubts, static fn (CellDoubt $doubt): bool => $doubt->stops) !== [];
            self::assertSame($line->packet === null, $stops || $line->stands !== null);
            if ($line->packet !== null) {
                $kind = $line->packet->received::kind();
                self::assertSame([], $kind->fields->faults($kind->keep($line->packet->received)));
                self::assertLessThanOrEqual(2000, mb_strlen($line->packet->note));
            }
        }
    }

    /** @return list<string> */
    private static function messages(Line $line): array
    {
        return array_map(static fn (CellDoubt $doubt): string => $doubt->message, $line->doubts);
    }

    /** @param  array<string, string>  $cells */
    private static function read(array $cells): Line
    {
        return self::reader()->read($cells);
    }

    private static function reader(): LineReader
    {
        self::$names ??= self::cropNames();

        return new LineReader(self::$names, new KnownNames([['id' => 'v1', 'crop' => 'tomato', 'name' => 'Sluice Gate'], ['id' => 'v2', 'crop' => 'french-bean', 'name' => 'Name unknown 2']], ['p1' => 'Hall cupboard'], ['L7' => 'v1', 'L8' => 'v2']), '2026-11-15');
    }

    public static function cropNames(): CropNames
    {
        $which = json_decode((string) file_get_contents(__DIR__.'/../../data/which.json'), true, flags: JSON_THROW_ON_ERROR);

        /** @var array<string, list<string>> $abroad */
        $abroad = json_decode((string) file_get_contents(__DIR__.'/../../data/names.json'), true, flags: JSON_THROW_ON_ERROR);

        return new CropNames(self::crops()->titles(), array_values(array_map(static fn (mixed $one): WhichKey => WhichKey::read(is_array($one) ? $one : []), is_array($which) ? $which : [])), $abroad);
    }
}

<?php

declare(strict_types=1);

namespace Marrow\Core\Tests\Fields;

use Marrow\Core\Fields\Each;
use Marrow\Core\Fields\Field;
use Marrow\Core\Fields\FieldList;
use Marrow\Core\Fields\Refused;
use Marrow\Core\Steps\Drying\DryingSurface;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What people type into a form, and what becomes of it. */
final class FieldTest extends TestCase
{
    #[DataProvider('numbers')]
    public function test_a_number_is_read_as_people_write_it(string $unit, mixed $typed, float $read): void
    {
        self::assertEqualsWithDelta($read, Field::number('n', 'It weighs', $unit, -1e6, 1e7)->of('plant')->read($typed), 1e-9);
    }

    /** @return iterable<string, array{string, mixed, float}> conversions worked out from 1 oz = 28.349523125 g, 1 lb = 16 oz, 1 ft = 0.3048 m */
    public static function numbers(): iterable
    {
        yield 'a whole number' => ['g', '12', 12.0];
        yield 'a decimal point' => ['g', '12.5', 12.5];
        yield 'a decimal comma' => ['g', '12,5', 12.5];
        yield 'four digits after a comma' => ['g', '1,2504', 1.2504];
        yield 'three after a nought' => ['g', '0,250', 0.25];
        yield 'thousands by commas' => ['g', '1,250,000', 1_250_000.0];
        yield 'thousands by a comma and a point' => ['g', '1,250.5', 1250.5];
        yield 'thousands by a point and a comma' => ['g', '1.250,5', 1250.5];
        yield 'thousands by a blank' => ['g', '1 250', 1250.0];
        yield 'thousands by a narrow blank' => ['g', "1\u{202F}250", 1250.0];
        yield 'three places after a point' => ['g', '12.125', 12.125];
        yield 'thousands by points' => ['g', '1.250.000', 1_250_000.0];
        yield 'two places, and a nought before' => ['g', '0.250', 0.25];
        yield 'a half' => ['g', '½', 0.5];
        yield 'one and a half' => ['g', '1½', 1.5];
        yield 'a fraction' => ['g', '3/4', 0.75];
        yield 'a mixed number of pounds' => ['g', '1 1/2 lb', 680.388555];
        yield 'pounds and ounces' => ['g', '1 lb 4 oz', 566.9904625];
        yield 'ounces' => ['g', '3 oz', 85.048569375];
        yield 'kilos' => ['g', '2 kg', 2000.0];
        yield 'with its own unit' => ['g', '12 g', 12.0];
        yield 'Fahrenheit' => ['°C', '72 °F', 22.0 + 2 / 9];
        yield 'Fahrenheit, short' => ['°C', '72F', 22.0 + 2 / 9];
        yield 'below nought' => ['°C', "\u{2212}18 °C", -18.0];
        yield 'per cent of a share' => ['share', '40 %', 0.4];
        yield 'per cent' => ['%', '40%', 40.0];
        yield 'humidity' => ['% RH', '38 %', 38.0];
        yield 'feet' => ['m', '6 ft', 1.8288];
        yield 'weeks' => ['days', '2 weeks', 14.0];
        yield 'what is counted' => ['', '30 plants', 30.0];
        yield 'a number already' => ['g', 3, 3.0];
        yield 'by powers of ten' => ['g', '1e3', 1000.0];
    }

    #[DataProvider('strange')]
    public function test_what_cannot_be_read_is_refused_in_words(string $unit, mixed $typed, string $says): void
    {
        self::assertRefused($says, static fn () => Field::number('m', 'It weighs', $unit, 0.001, 100_000)->called('the mass')->read($typed));
    }

    /** @return iterable<string, array{string, mixed, string}> */
    public static function strange(): iterable
    {
        yield 'nothing' => ['g', null, 'The mass is missing: weigh it'];
        yield 'blank' => ['g', '  ', 'The mass is missing'];
        yield 'zero' => ['g', '0', 'The mass must be from 0.001 to'];
        yield 'a lorry' => ['g', '100001', "to 100\u{00A0}000 g"];
        yield 'words' => ['g', 'half a cup', 'The mass must be a number'];
        yield 'a foreign unit' => ['g', '12 stone', 'cannot be given in "stone"; write it in g, kg, oz, lb'];
        yield 'the unit of something else' => ['g', '12 °C', 'cannot be given in'];
        yield 'two numbers' => ['g', '1 2', 'must be a number'];
        yield 'read in two ways' => ['g', '1,250', 'Does "1,250" mean 1250 or 1.25?'];
        yield 'thousands by one point, perhaps' => ['g', '1.200', 'Does "1.200" mean 1200 or 1.2?'];
        yield 'three points' => ['g', '1.2.3', 'must be a number'];
        yield 'divided by nothing' => ['g', '1/0', 'must be a number'];
        yield 'a list' => ['g', [12], 'must be a number'];
        yield 'beyond all numbers' => ['g', '1e999', 'The mass must be'];
        yield 'infinity' => ['g', INF, 'The mass must be from'];
        yield 'no number' => ['g', NAN, 'must be a number'];
        yield 'yes' => ['g', true, 'must be a number'];
    }

    public function test_what_is_read_does_not_hang_on_how_it_was_spaced(): void
    {
        foreach (['12,5 g', ' 12,5g', "12,5\u{00A0}g", "\u{200B}12,5 g "] as $typed) {
            self::assertSame(12.5, Field::mass('m', 'm')->read($typed));
        }
    }

    public function test_optional_figures_may_be_left_out_but_not_mistyped(): void
    {
        self::assertNull(Field::mass('m', 'Mass')->optional()->read(''));
        self::assertSame(7, Field::integer('n', 'n', '', 0, 9)->optional(7)->read(null));
        self::assertRefused('must be a number', static fn () => Field::mass('m', 'Mass')->optional()->read('x'));
    }

    public function test_a_list_is_parted_as_people_part_it(): void
    {
        $field = Field::numbers('masses', 'Masses', 'g', 0, 1000);
        foreach (['24 23 25' => [24.0, 23.0, 25.0], '0,35 0,36' => [0.35, 0.36], '0,35; 0,36' => [0.35, 0.36], '0,35, 0,36' => [0.35, 0.36], '24,23,25' => [24.0, 23.0, 25.0], '24, 23.5' => [24.0, 23.5], '7' => [7.0]] as $typed => $read) {
            self::assertSame($read, $field->read((string) $typed), (string) $typed);
        }
    }

    public function test_whole_numbers_lists_and_flags(): void
    {
        self::assertRefused('must be a whole number', static fn () => Field::integer('n', 'Plants', '', 1, 9)->read('2,5'));
        $dishes = Field::integer('n', 'New seedlings', '', 0, 10)->each(Each::of(3));
        self::assertSame([1, 2, 3], $dishes->read(['1', 2, '3']));
        self::assertRefused('are missing', static fn () => $dishes->read(['1', '', '3']));
        $samples = Field::mass('m', 'Sample weighs')->each(Each::startingWith(3));
        self::assertSame([1.5, 2.5], $samples->read(['1,5', '', '2,5']), 'an empty line of a form that grows is none');
        self::assertSame([1.5, 2.5], Field::numbers('m', 'm', 'g', 0, 9)->read('1,5; 2,5'), 'with semicolons, commas are decimal marks');
        $flag = Field::flag('f', 'Sprouted');
        self::assertTrue($flag->read('yes'));
        self::assertFalse($flag->read(null));
        self::assertRefused('yes or no', static fn () => $flag->read('perhaps'));
    }

    public function test_a_choice_comes_as_what_it_is_and_texts_without_what_cannot_be_seen(): void
    {
        $surface = Field::choice('s', 'Spread', DryingSurface::class)->called('what it is spread on');
        self::assertSame(DryingSurface::Mesh, $surface->read('mesh'));
        self::assertSame('on mesh', $surface->options['mesh']);
        self::assertRefused('Choose what it is spread on', static fn () => $surface->read(''));
        self::assertSame('FrontHidden', Field::text('t', 'Name')->read("Front\u{0000}Hidden\u{202E}"));
        self::assertRefused('at most 5 letters', static fn () => Field::text('t', 'Name', 5)->read('sixsix'));
        self::assertRefused('must be a text', static fn () => Field::text('t', 'Name')->read(['a']));
    }

    public function test_a_list_of_fields_names_everything_that_is_wrong(): void
    {
        $fields = FieldList::of(Field::mass('m', 'Mass'), Field::text('t', 'Name'), Field::flag('f', 'Flag'));
        self::assertSame(['m', 't'], array_map(static fn (Refused $refused): string => $refused->path, $fields->faults(['m' => -1])));
        self::assertSame(['m' => 2.0, 't' => 'x', 'f' => false], $fields->read(['m' => '2', 't' => 'x', 'else' => 'passed over'])->all());
    }

    public function test_a_refusal_can_be_placed_within_something_larger(): void
    {
        self::assertSame('plantings.3.plants', Refused::at('plants', 'x')->within('plantings.3')->path);
    }

    private static function assertRefused(string $says, \Closure $act): void
    {
        try {
            $act();
        } catch (Refused $refused) {
            self::assertStringContainsString($says, $refused->getMessage());

            return;
        }
        self::fail('It was not refused.');
    }
}

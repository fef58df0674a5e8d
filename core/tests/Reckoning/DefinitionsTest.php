<?php

declare(strict_types=1);

namespace Marrow\Core\Tests\Reckoning;

use Marrow\Core\Fields\Field;
use Marrow\Core\Fields\FieldType;
use Marrow\Core\Fields\Refused;
use Marrow\Core\Reckoning\Registry;
use Marrow\Core\Tests\Support\CoreTestCase;
use PHPUnit\Framework\Attributes\DataProvider;

/** The definitions that every door reads. */
final class DefinitionsTest extends CoreTestCase
{
    public function test_every_reckoning_says_what_it_answers_and_where_it_comes_from(): void
    {
        foreach (Registry::standard(self::crops())->all() as $reckoning) {
            self::assertMatchesRegularExpression('/^[a-z]+\.[a-z_]+$/', $reckoning->name);
            self::assertStringEndsWith('?', $reckoning->question);
            self::assertNotSame('', $reckoning->source);
            self::assertNotSame([], $reckoning->inputs);
            self::assertNotSame([], $reckoning->outputs);
            $keys = array_map(static fn (Field $input): string => $input->key, $reckoning->inputs);
            self::assertSame(array_unique($keys), $keys, $reckoning->name);
        }
    }

    public function test_every_numeric_input_is_refused_outside_its_bounds_with_the_bound_in_the_message(): void
    {
        foreach (Registry::standard(self::crops())->all() as $reckoning) {
            foreach ($reckoning->inputs as $input) {
                if (in_array($input->type, [FieldType::Crop, FieldType::Choice, FieldType::Date, FieldType::Plan, FieldType::Text], true)) {
                    continue;
                }
                foreach ([$input->max + max(1.0, abs($input->max) * 0.01), $input->min - 1.0] as $outside) {
                    try {
                        $input->read($outside);
                        self::fail("$reckoning->name took $input->key = $outside");
                    } catch (Refused $refused) {
                        self::assertSame($input->key, $refused->path);
                        self::assertStringContainsString($input->bounds(), $refused->getMessage());
                    }
                }
            }
        }
    }

    public function test_bounds_themselves_are_within(): void
    {
        foreach (Registry::standard(self::crops())->all() as $reckoning) {
            foreach ($reckoning->inputs as $input) {
                if (in_array($input->type, [FieldType::Number, FieldType::Share], true) && $input->each === null) {
                    self::assertSame($input->min, $input->read($input->min));
                    self::assertSame($input->max, $input->read((string) $input->max));
                }
            }
        }
    }

    #[DataProvider('readings')]
    public function test_what_is_typed_is_read_in_the_inputs_own_type(Field $input, mixed $typed, mixed $read): void
    {
        self::assertSame($read, $input->read($typed));
    }

    /** @return iterable<string, array{Field, mixed, mixed}> */
    public static function readings(): iterable
    {
        yield 'a number' => [Field::number('n', 'n', 'g', 0, 10), ' 2.5 ', 2.5];
        yield 'a whole number' => [Field::integer('n', 'n', 'seeds', 0, 10), '7', 7];
        yield 'a whole number handed over as a float' => [Field::integer('n', 'n', 'seeds', 0, 10), 7.0, 7];
        yield 'a share' => [Field::share('n', 'n'), '0.82', 0.82];
        yield 'a list' => [Field::numbers('n', 'n', 'g', 0, 10), '1, 2.5,3', [1.0, 2.5, 3.0]];
        yield 'a list of one' => [Field::integers('n', 'n', 'seeds', 0, 10), '4', [4]];
        yield 'a list already' => [Field::integers('n', 'n', 'seeds', 0, 10), [4, '5'], [4, 5]];
        yield 'a crop' => [Field::crop('n', 'n'), ' leek ', 'leek'];
    }

    #[DataProvider('unreadable')]
    public function test_what_cannot_be_read_is_shown_back(Field $input, mixed $typed, string $says): void
    {
        $this->expectException(Refused::class);
        $this->expectExceptionMessage($says);
        $input->read($typed);
    }

    /** @return iterable<string, array{Field, mixed, string}> */
    public static function unreadable(): iterable
    {
        yield 'words' => [Field::number('n', 'n', 'g', 0, 10), 'ten', 'N must be a number, 0 to 10 g; "ten" was given.'];
        yield 'half a seed' => [Field::integer('n', 'n', 'seeds', 0, 10), '2.5', 'N must be a whole number.'];
        yield 'an empty list' => [Field::numbers('n', 'n', 'g', 0, 10), [], 'N is missing: weigh it'];
        yield 'a hole in a list' => [Field::numbers('n', 'n', 'g', 0, 10), '1,,3', 'N is missing'];
        yield 'one bad item' => [Field::integers('n', 'n', 'seeds', 0, 10), '1,11', 'N must be from 0 to 10 seeds.'];
        yield 'no crop' => [Field::crop('n', 'n'), ' ', 'Choose the crop.'];
        yield 'infinity' => [Field::number('n', 'n', 'g', 0, 10), INF, 'from 0 to 10 g'];
    }

    public function test_an_input_left_out_takes_its_default(): void
    {
        $rate = Registry::standard(self::crops())->named('germination.rate');
        self::assertSame(
            $rate->reckon(['germinated' => 8, 'sown' => 10, 'confidence' => 0.95]),
            $rate->reckon(['germinated' => 8, 'sown' => 10]),
        );
        self::assertSame(
            $rate->reckon(['germinated' => 8, 'sown' => 10]),
            $rate->reckon(['germinated' => 8, 'sown' => 10, 'confidence' => '']),
            'an empty field is a field left out',
        );
    }
}

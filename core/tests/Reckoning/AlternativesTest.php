<?php

declare(strict_types=1);

namespace Marrow\Core\Tests\Reckoning;

use Marrow\Core\Fields\Field;
use Marrow\Core\Fields\Refused;
use Marrow\Core\Reckoning\Alternatives;
use Marrow\Core\Reckoning\Registry;
use Marrow\Core\Reckoning\Way;
use Marrow\Core\Tests\Support\CoreTestCase;
use PHPUnit\Framework\Attributes\DataProvider;

/** A thing that can be told in one of several ways, and inputs that are chosen or dated. */
final class AlternativesTest extends CoreTestCase
{
    /** @param  list<string>  $given */
    #[DataProvider('taken')]
    public function test_the_way_is_known_by_what_is_given(array $given, string $way): void
    {
        self::assertSame($way, self::seed()->taken($given)->label);
    }

    /** @return iterable<string, array{list<string>, string}> */
    public static function taken(): iterable
    {
        yield 'a share' => [['plants', 'rate'], 'share'];
        yield 'a share and what goes with it' => [['rate', 'field_factor'], 'share'];
        yield 'a test' => [['germinated', 'sown', 'plants'], 'test'];
        yield 'half a test' => [['germinated'], 'test'];
    }

    public function test_mixing_ways_or_taking_none_is_refused_with_the_ways(): void
    {
        foreach ([[], ['plants'], ['rate', 'sown'], ['rate', 'germinated', 'sown']] as $given) {
            try {
                self::seed()->taken($given);
                self::fail('It was taken.');
            } catch (Refused $refused) {
                self::assertSame('Give either rate and field_factor, or germinated and sown.', $refused->getMessage());
            }
        }
    }

    public function test_where_none_is_a_way_nothing_need_be_given(): void
    {
        $bloom = new Alternatives('bloom', [new Way('unknown', []), new Way('by the day', ['first', 'last'])]);
        self::assertSame('unknown', $bloom->taken(['distance'])->label);
        self::assertSame('by the day', $bloom->taken(['first'])->label);
        self::assertSame('none of these, or first and last', $bloom->describe());
    }

    public function test_what_says_no_more_than_the_default_chooses_no_way(): void
    {
        $sowing = Registry::standard(self::crops())->named('sowing.seeds');
        self::assertSame(
            $sowing->reckon(['plants' => 24, 'germinated' => 41, 'sown' => 50]),
            $sowing->reckon(['plants' => 24, 'germinated' => 41, 'sown' => 50, 'field_factor' => 1]),
        );
    }

    public function test_every_alternative_speaks_of_inputs_that_there_are(): void
    {
        foreach (Registry::standard(self::crops())->all() as $reckoning) {
            $optional = array_map(static fn (Field $input): string => $input->key, array_filter($reckoning->inputs, static fn (Field $input): bool => ! $input->required));
            foreach ($reckoning->alternatives as $alternatives) {
                foreach ($alternatives->ways as $way) {
                    self::assertSame([], array_diff($way->inputs, $optional), "$reckoning->name, $way->label");
                }
            }
        }
    }

    public function test_a_choice_is_one_of_those_offered(): void
    {
        $barrier = Field::choice('barrier', 'what stands between', ['none' => 'nothing', 'hedge' => 'a hedge']);
        self::assertSame('hedge', $barrier->read(' hedge '));
        self::assertSame('none, hedge', $barrier->bounds());
        foreach (['moat', '', 3, ['hedge'], 'Hedge'] as $given) {
            try {
                $barrier->read($given);
                self::fail('It was taken.');
            } catch (Refused $refused) {
                self::assertStringContainsString($given === '' ? 'Choose what stands between.' : 'none, hedge', $refused->getMessage());
            }
        }
    }

    public function test_a_day_is_a_day_of_the_calendar(): void
    {
        $day = Field::day('bloom', 'first bloom');
        self::assertSame('2028-02-29', $day->read('2028-02-29'));
        self::assertSame('2028-02-29', $day->read('29 February 2028'));
        foreach (['2027-02-29', '29.2.2027', '2028-2-29', 'soon', 20280229] as $given) {
            try {
                $day->read($given);
                self::fail('It was taken.');
            } catch (Refused $refused) {
                self::assertStringContainsString('a day of the calendar', $refused->getMessage());
            }
        }
    }

    private static function seed(): Alternatives
    {
        return new Alternatives('the seed', [new Way('share', ['rate', 'field_factor']), new Way('test', ['germinated', 'sown'])]);
    }
}

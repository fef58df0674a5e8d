<?php

declare(strict_types=1);

namespace Marrow\Core\Tests\Reckoning;

use Marrow\Core\Fields\Field;
use Marrow\Core\Fields\FieldType;
use Marrow\Core\Fields\Refused;
use Marrow\Core\Reckoning\Registry;
use Marrow\Core\Tests\Support\CoreTestCase;
use PHPUnit\Framework\Attributes\DataProvider;

/** Every input of every reckoning, beyond its bounds and at them, in an otherwise sound question. */
final class BoundsTest extends CoreTestCase
{
    /** @param  array<string, mixed>  $inputs */
    #[DataProvider('beyond')]
    public function test_beyond_a_bound_it_is_refused_with_the_bound(string $name, array $inputs, string $key): void
    {
        $reckoning = Registry::standard(self::crops())->named($name);
        try {
            $reckoning->reckon($inputs);
            self::fail("$name took $key.");
        } catch (Refused $refused) {
            self::assertSame($key, $refused->path);
            self::assertStringContainsString(self::input($name, $key)->bounds(), $refused->getMessage());
        }
    }

    /** @param  array<string, mixed>  $inputs */
    #[DataProvider('at')]
    public function test_at_a_bound_it_answers_with_finite_figures_or_says_why_not(string $name, array $inputs): void
    {
        $reckoning = Registry::standard(self::crops())->named($name);
        try {
            $result = $reckoning->reckon($inputs);
        } catch (Refused $refused) {
            self::assertContains($refused->path, array_map(static fn (Field $input): string => $input->key, $reckoning->inputs), $refused->getMessage());

            return;
        }
        foreach ($result as $key => $value) {
            foreach (is_array($value) ? $value : [$value] as $figure) {
                self::assertTrue(! is_float($figure) || is_finite($figure), "$name $key");
            }
        }
    }

    /** @return iterable<string, array{string, array<string, mixed>, string}> */
    public static function beyond(): iterable
    {
        foreach (self::questions() as [$name, $inputs, $input]) {
            $beyond = match ($input->type) {
                FieldType::Crop, FieldType::Choice, FieldType::Date, FieldType::Plan, FieldType::Text => [],
                default => ['above' => $input->max + max(1.0, abs($input->max) * 0.01), 'below' => $input->min - 1.0],
            };
            foreach ($beyond as $side => $figure) {
                yield "$name, $input->key $side" => [$name, [...$inputs, $input->key => self::typed($input, $figure)], $input->key];
            }
        }
    }

    /** @return iterable<string, array{string, array<string, mixed>}> */
    public static function at(): iterable
    {
        foreach (self::questions() as [$name, $inputs, $input]) {
            $at = match ($input->type) {
                FieldType::Crop, FieldType::Date, FieldType::Plan, FieldType::Text => [],
                FieldType::Choice => array_keys($input->options),
                default => [$input->min, $input->max],
            };
            foreach ($at as $figure) {
                yield "$name, $input->key at $figure" => [$name, [...$inputs, $input->key => is_string($figure) ? $figure : self::typed($input, $figure)]];
            }
        }
    }

    /** @return iterable<array{string, array<string, mixed>, Field}> a sound question with that input in it */
    public static function questions(): iterable
    {
        foreach (Registry::standard(self::crops())->all() as $reckoning) {
            foreach ($reckoning->inputs as $input) {
                foreach (WorkedValuesTest::values() as [$name, $inputs]) {
                    if ($name === $reckoning->name && isset($inputs[$input->key])) {
                        yield [$name, $inputs, $input];

                        continue 2;
                    }
                }
                self::fail("No worked value of $reckoning->name has $input->key.");
            }
        }
    }

    private static function typed(Field $input, float $figure): string
    {
        $text = rtrim(rtrim(sprintf('%.8F', $figure), '0'), '.');

        return match ($input->type) {
            FieldType::Segments => "$text:8:20",
            default => $text,
        };
    }

    private static function input(string $name, string $key): Field
    {
        foreach (Registry::standard(self::crops())->named($name)->inputs as $input) {
            if ($input->key === $key) {
                return $input;
            }
        }
        self::fail("$name has no $key.");
    }
}

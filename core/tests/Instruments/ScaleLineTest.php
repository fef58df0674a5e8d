<?php

declare(strict_types=1);

namespace Marrow\Core\Tests\Instruments;

use Marrow\Core\Instruments\ScaleLine;
use Marrow\Core\Instruments\Unreadable;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class ScaleLineTest extends TestCase
{
    #[DataProvider('masses')]
    public function test_a_steady_mass_is_read_in_grams(string $line, float $grams): void
    {
        self::assertEqualsWithDelta($grams, ScaleLine::read($line), 1e-9);
    }

    /** @return iterable<array{string, float}> */
    public static function masses(): iterable
    {
        yield ["steady 41.23 g\n", 41.23];
        yield ["  Steady   0.25 KG \r\n", 250.0];
        yield ["steady 350 mg\n", 0.35];
        yield ["steady 1.5 oz\n", 42.5242846875];
        yield ["steady 2 lb\n", 907.18474];
    }

    #[DataProvider('troubles')]
    public function test_what_is_no_steady_mass_fills_nothing_and_says_why(string $line, string $says): void
    {
        $this->expectException(Unreadable::class);
        $this->expectExceptionMessage($says);
        ScaleLine::read($line);
    }

    /** @return iterable<array{string, string}> */
    public static function troubles(): iterable
    {
        yield 'silent' => ['', 'says nothing'];
        yield 'half a line' => ['steady 41.2', 'in the middle of its line'];
        yield 'not steady' => ["moving 41.2 g\n", 'not steady yet: about 41.2 g'];
        yield 'another unit' => ["steady 3 stone\n", 'that is no mass'];
        yield 'no figure' => ["steady much g\n", 'that is no mass'];
        yield 'nothing on it' => ["steady 0.00 g\n", 'nothing on the scale'];
        yield 'below nothing' => ["steady -3.2 g\n", 'nothing on the scale'];
        yield 'a fault' => ["fault overload\n", 'The scale says: overload.'];
        yield 'nonsense' => ["\x00\xff???\n", 'that is no mass'];
    }
}

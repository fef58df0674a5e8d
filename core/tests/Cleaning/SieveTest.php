<?php

declare(strict_types=1);

namespace Marrow\Core\Tests\Cleaning;

use Marrow\Core\Cleaning\Sieve;
use Marrow\Core\Cleaning\SieveShape;
use Marrow\Core\Fields\InvalidFigure;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class SieveTest extends TestCase
{
    /** @param  list<array{string, float}>  $sieves */
    #[DataProvider('written')]
    public function test_screens_are_read_as_people_write_them(string $text, array $sieves): void
    {
        self::assertSame($sieves, array_map(static fn (Sieve $sieve): array => [$sieve->shape->value, $sieve->width], Sieve::written($text)));
    }

    /** @return iterable<string, array{string, list<array{string, float}>}> */
    public static function written(): iterable
    {
        yield 'points' => ['1.5, 2.5,4', [['round', 1.5], ['round', 2.5], ['round', 4.0]]];
        yield 'commas' => ['1,5; 2,5', [['round', 1.5], ['round', 2.5]]];
        yield 'blanks' => ['1,5 2,5', [['round', 1.5], ['round', 2.5]]];
        yield 'whole' => ['3, 4', [['round', 3.0], ['round', 4.0]]];
        yield 'nothing' => ['', []];
        yield 'slots and mesh' => ['round 2.5, slot 1.2 1.6, mesh 2', [['round', 2.5], ['slot', 1.2], ['slot', 1.6], ['woven', 2.0]]];
        // 25.4 / 12 is a pitch of 2.117 mm, of which 65 % are open: 1.376.
        yield 'wires to the inch' => ['Mesh 12/in; 2 mm', [['woven', 1.38], ['woven', 2.0]]];
        yield 'of a kitchen' => ['kitchen fine, kitchen coarse', [['woven', 1.0], ['woven', 2.0]]];
    }

    public function test_what_is_no_hole_is_refused(): void
    {
        foreach (['0', '1.5, wide', '200', 'slot 0', 'mesh 0/in', '1/in/2'] as $text) {
            try {
                Sieve::written($text);
                self::fail($text);
            } catch (InvalidFigure $refused) {
                self::assertSame('screens', $refused->path);
            }
        }
    }

    public function test_what_goes_through_is_told_by_breadth_or_by_thickness(): void
    {
        self::assertSame(2.0, Sieve::of(SieveShape::Round, 2.0)->passes(0.4));
        self::assertSame(5.0, Sieve::of(SieveShape::Slot, 2.0)->passes(0.4));
        self::assertEqualsWithDelta(2.3, Sieve::of(SieveShape::Woven, 2.0)->passes(0.4), 1e-12);
    }
}

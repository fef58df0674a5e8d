<?php

declare(strict_types=1);

namespace Marrow\Core\Tests\Dictation;

use DateTimeImmutable;
use Marrow\Core\Dictation\Beginning;
use Marrow\Core\Dictation\Clause;
use Marrow\Core\Dictation\Named;
use Marrow\Core\Dictation\Phrase;
use Marrow\Core\Tests\Support\CoreTestCase;
use Marrow\Core\Things\Registered;
use PHPUnit\Framework\Attributes\DataProvider;

/** Lines with which a planting or a lot begins; the name of the variety is known to whoever asks. */
final class BeginningTest extends CoreTestCase
{
    private static function read(string $line): ?Beginning
    {
        $clause = Clause::of($line, new DateTimeImmutable('2026-09-14 10:00'));

        return Beginning::in($clause->naming(Phrase::exactly($clause->tokens, [], 'Bell Buoy')), Registered::kinds(), new Named([], ['L2' => 'two']));
    }

    /** @param  array<string, mixed>  $payload */
    #[DataProvider('lines')]
    public function test_it_is_understood(string $line, string $kind, array $payload, string $spot = ''): void
    {
        $beginning = self::read($line);
        self::assertSame($kind, $beginning?->filling->kind->name);
        self::assertEquals($payload, array_intersect_key($beginning->filling->payload, $payload));
        self::assertSame([], $beginning->filling->leftOver());
        self::assertSame($spot, $beginning->spot);
    }

    /** @return iterable<string, array{0: string, 1: string, 2: array<string, mixed>, 3?: string}> */
    public static function lines(): iterable
    {
        foreach ([
            ['sown 12 Bell Buoy in the long bed', 'sown', ['plants' => '12'], 'long bed'],
            ['sowed 12 plants of Bell Buoy', 'sown', ['plants' => '12 plants']],
            ['12 bell buoy sown in bed 3, row 2', 'sown', ['plants' => '12'], 'bed 3, row 2'],
            ['sown a dozen Bell Buoy under glass yesterday', 'sown', ['plants' => '12'], 'glass'],
            ['sown 12 Bell Buoy from L2 in the long bed', 'sown', ['plants' => '12', 'lot' => 'two'], 'long bed'],
            ['sown 12 Bell Buoy in the long bed from L2, 30 seeds', 'sown', ['plants' => '12', 'lot' => 'two', 'seeds' => '30 seeds'], 'long bed'],
            ['sown 12 Bell Buoy on 3 september', 'sown', ['plants' => '12']],
            ['got 40 seeds of Bell Buoy from Ada', 'received', ['seeds' => '40 seeds', 'from' => 'Ada']],
            ['bought Bell Buoy, 2 g', 'received', ['how' => 'bought', 'mass_g' => '2 g']],
        ] as $line) {
            yield $line[0] => $line;
        }
    }

    public function test_where_nothing_is_said_to_begin_nothing_does(): void
    {
        foreach (['Bell Buoy 41 g', 'Bell Buoy in the long bed', 'gave 20 seeds of Bell Buoy to Ada', 'Bell Buoy watered'] as $line) {
            self::assertNull(self::read($line), $line);
        }
    }

    public function test_what_is_missing_is_known(): void
    {
        $beginning = self::read('sown Bell Buoy in bed 3');
        self::assertSame(['plants'], array_map(static fn ($field): string => $field->key, $beginning?->filling->missing() ?? []));
        self::assertSame('bed 3', $beginning->spot);
    }
}

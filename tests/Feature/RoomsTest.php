<?php

declare(strict_types=1);

namespace Tests\Feature;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Architecture\LayersTest;
use Tests\Architecture\StoreysTest;

/** What watches the rooms knows of every room there is: one that is in no list could know anything, and be known by all. */
final class RoomsTest extends TestCase
{
    /** @param  list<string>  $listed */
    #[DataProvider('houses')]
    public function test_every_room_is_watched_and_nothing_stands_outside_of_one(string $house, array $listed, array $outside): void
    {
        $root = dirname(__DIR__, 2)."/$house";
        $rooms = array_map(basename(...), glob("$root/*", GLOB_ONLYDIR) ?: []);
        sort($listed);
        self::assertSame($rooms, $listed, "The rooms of $house, and those that are watched.");
        self::assertSame($outside, array_map(basename(...), glob("$root/*.php") ?: []), "$house has classes that stand in no room.");
    }

    /** @return iterable<string, array{string, list<string>, list<string>}> folder, rooms, files that are known by all */
    public static function houses(): iterable
    {
        yield 'the core' => ['core/src', LayersTest::CORE, []];
        yield 'the application' => ['app', StoreysTest::STOREYS, ['Clock.php', 'Moment.php']];
    }
}

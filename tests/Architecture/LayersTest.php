<?php

declare(strict_types=1);

namespace Tests\Architecture;

use PHPat\Selector\Selector;
use PHPat\Test\Attributes\TestRule;
use PHPat\Test\Builder\Rule;
use PHPat\Test\PHPat;

/** Arrows point one way: the application knows the core, the core knows neither it nor any framework. */
final class LayersTest
{
    public function test_the_core_depends_on_nothing_but_itself(): Rule
    {
        return PHPat::rule()
            ->classes(Selector::inNamespace('Marrow\Core'))
            ->canOnly()->dependOn()
            ->classes(Selector::inNamespace('Marrow\Core'))
            ->because('the core is plain PHP: everything comes in as arguments');
    }

    /** Lowest first; each knows only those before it. */
    public const CORE = [
        'Fields', 'Journal', 'Work', 'Folding', 'Statistics', 'Instruments', 'Cleaning', 'Germination', 'Sowing', 'Drying', 'Storage', 'Harvest', 'Pollinating', 'Botany',
        'Year', 'Isolation', 'Population', 'Selection', 'Settings', 'Steps', 'Lot', 'Planting', 'Things', 'Dictation', 'Intake', 'Season', 'Rota', 'Reckoning',
    ];

    /** @return iterable<string, Rule> */
    #[TestRule]
    public function each_room_of_the_core_knows_none_above_it(): iterable
    {
        foreach (self::CORE as $i => $room) {
            $above = array_slice(self::CORE, $i + 1);
            if ($above !== []) {
                yield $room => PHPat::rule()
                    ->classes(Selector::inNamespace("Marrow\\Core\\$room"))
                    ->shouldNot()->dependOn()
                    ->classes(...array_map(static fn (string $name) => Selector::inNamespace("Marrow\\Core\\$name"), $above))
                    ->because("$room stands below them");
            }
        }
    }

    public function test_the_core_does_not_read_the_clock(): Rule
    {
        return PHPat::rule()
            ->classes(Selector::inNamespace('Marrow\Core'))
            ->shouldNot()->dependOn()
            ->classes(Selector::classname('Psr\Clock\ClockInterface'), Selector::inNamespace('Illuminate'), Selector::inNamespace('Carbon'))
            ->because('a look ahead is the same folding with another day');
    }
}

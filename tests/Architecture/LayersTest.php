<?php

declare(strict_types=1);

namespace Tests\Architecture;

use PHPat\Selector\Selector;
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

    public function test_the_core_does_not_read_the_clock(): Rule
    {
        return PHPat::rule()
            ->classes(Selector::inNamespace('Marrow\Core'))
            ->shouldNot()->dependOn()
            ->classes(Selector::classname('Psr\Clock\ClockInterface'), Selector::inNamespace('Illuminate'), Selector::inNamespace('Carbon'))
            ->because('a look ahead is the same folding with another day');
    }
}

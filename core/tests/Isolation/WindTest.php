<?php

declare(strict_types=1);

namespace Marrow\Core\Tests\Isolation;

use Marrow\Core\Fields\Document;
use Marrow\Core\Isolation\CrossShare;
use Marrow\Core\Isolation\IsolationPair;
use Marrow\Core\Isolation\IsolationSetting;
use Marrow\Core\Isolation\PollenPath;
use Marrow\Core\Season\Ground;
use Marrow\Core\Season\Rectangle;
use Marrow\Core\Tests\Support\CoreTestCase;
use PHPUnit\Framework\Attributes\DataProvider;

/** Pollen that the wind carries gets farther with it than against it. */
final class WindTest extends CoreTestCase
{
    public function test_with_the_wind_half_as_far_again_and_against_it_half_as_far(): void
    {
        $maize = self::crop('maize');
        $careful = $maize->distances->careful;
        $share = static fn (float $downwind, float $metres): float => IsolationPair::of($maize, $maize, new PollenPath($metres, 20, 20, downwind: $downwind), new IsolationSetting)->share;
        self::assertEqualsWithDelta(CrossShare::AT_CAREFUL, $share(0.0, $careful), 1e-9);
        self::assertEqualsWithDelta(CrossShare::AT_CAREFUL, $share(1.0, 1.5 * $careful), 1e-9);
        self::assertEqualsWithDelta(CrossShare::AT_CAREFUL, $share(-1.0, 0.5 * $careful), 1e-9);
        self::assertEqualsWithDelta($maize->adjacentShare, $share(-1.0, 0.0), 1e-9, 'side by side there is no lee');
        $needed = static fn (float $downwind): float => IsolationPair::of($maize, $maize, new PollenPath(10, 20, 20, downwind: $downwind), new IsolationSetting)->neededDistance;
        self::assertEqualsWithDelta(3.0, $needed(1.0) / $needed(-1.0), 1e-9);
    }

    public function test_bees_do_not_go_by_the_wind(): void
    {
        $squash = self::crop('squash-pepo');
        $share = static fn (float $downwind): float => IsolationPair::of($squash, $squash, new PollenPath(200, 5, 5, downwind: $downwind), new IsolationSetting)->share;
        self::assertSame($share(-1.0), $share(1.0));
    }

    /** @return iterable<string, array{int, int, float, float, float}> north, wind, x and y of what is kept, cosine */
    public static function ways(): iterable
    {
        yield 'a west wind blows to the right where north is the top' => [0, 270, 60.0, 50.0, 1.0];
        yield 'and not to the left' => [0, 270, 40.0, 50.0, -1.0];
        yield 'a north wind blows down the drawing' => [0, 0, 50.0, 60.0, 1.0];
        yield 'across it nothing changes' => [0, 0, 60.0, 50.0, 0.0];
        yield 'a south-west wind, up and to the right' => [0, 225, 60.0, 40.0, 1.0];
        yield 'north to the right of the drawing: a north wind blows to the left' => [90, 0, 40.0, 50.0, 1.0];
        yield 'in one place there is no way' => [0, 270, 50.0, 50.0, 0.0];
    }

    #[DataProvider('ways')]
    public function test_the_way_from_the_source_is_held_against_the_wind(int $north, int $wind, float $x, float $y, float $cosine): void
    {
        $ground = Ground::read(new Document(['width' => 100, 'depth' => 100, 'north' => $north, 'wind' => $wind, 'last_frost' => '04-20', 'first_frost' => '10-28']));
        self::assertEqualsWithDelta($cosine, $ground->downwind(new Rectangle(50.0, 50.0, 2.0, 2.0), new Rectangle($x, $y, 2.0, 2.0)), 1e-9);
    }
}

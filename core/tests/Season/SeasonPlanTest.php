<?php

declare(strict_types=1);

namespace Marrow\Core\Tests\Season;

use Marrow\Core\Fields\Refused;
use Marrow\Core\Isolation\Barrier;
use Marrow\Core\Season\Rectangle;
use Marrow\Core\Tests\Support\CoreTestCase;
use Marrow\Core\Tests\Support\Drawing;
use PHPUnit\Framework\Attributes\DataProvider;

/** A plan as it is typed or dragged: what can be, and what is wrong where. */
final class SeasonPlanTest extends CoreTestCase
{
    /** @param  \Closure(Drawing): Drawing  $spoil */
    #[DataProvider('mistakes')]
    public function test_a_mistake_is_named_where_it_stands(\Closure $spoil, string $field, string $says): void
    {
        try {
            $spoil((new Drawing(self::crops()))->plant('ok', 'pea'))->plan();
            self::fail('It was taken.');
        } catch (Refused $refused) {
            self::assertSame($field, $refused->path);
            self::assertStringContainsString($says, $refused->getMessage());
        }
    }

    /** @return iterable<string, array{\Closure(Drawing): Drawing, string, string}> */
    public static function mistakes(): iterable
    {
        yield 'outside the garden' => [static fn (Drawing $d): Drawing => $d->plant('x', 'pea', 59, 0), 'plantings.1.spot', 'outside the garden, which is 60 by 40 m'];
        yield 'an unknown crop' => [static fn (Drawing $d): Drawing => $d->plant('x', 'dragonfruit'), 'plantings.1.crop', 'no crop "dragonfruit"'];
        yield 'out before it is sown' => [static fn (Drawing $d): Drawing => $d->plant('x', 'pea', more: ['plant_out' => '2027-04-01']), 'plantings.1.plant_out', 'before it is sown'];
        yield 'bloom before sowing' => [static fn (Drawing $d): Drawing => $d->plant('x', 'pea', more: ['first_bloom' => '2027-04-01']), 'plantings.1.first_bloom', 'before it is sown'];
        yield 'bloom that ends before it begins' => [static fn (Drawing $d): Drawing => $d->plant('x', 'pea', more: ['first_bloom' => '2027-06-01', 'last_bloom' => '2027-05-20']), 'plantings.1.last_bloom', 'before the first'];
        yield 'no plants' => [static fn (Drawing $d): Drawing => $d->plant('x', 'pea', more: ['plants' => 0]), 'plantings.1.plants', "from 1 to 100\u{00A0}000"];
        yield 'half a plant' => [static fn (Drawing $d): Drawing => $d->plant('x', 'pea', more: ['plants' => '2,5']), 'plantings.1.plants', 'whole number'];
        yield 'a day that is none' => [static fn (Drawing $d): Drawing => $d->plant('x', 'pea', 0, 0, '2027-02-30'), 'plantings.1.sow', 'must be a day of the calendar'];
        yield 'the same twice' => [static fn (Drawing $d): Drawing => $d->plant('ok', 'pea', 5), 'plantings.1.id', 'twice'];
        yield 'frost on no day' => [static fn (Drawing $d): Drawing => $d->with('ground', ['last_frost' => '13-01']), 'ground.last_frost', 'day of the year'];
        yield 'no width' => [static fn (Drawing $d): Drawing => $d->with('ground', ['width' => '']), 'ground.width', 'missing'];
        yield 'a bed without extent' => [static fn (Drawing $d): Drawing => $d->bed('b', 0, 0, 0, 1), 'beds.0.width', 'from 0.1'];
        yield 'half the bloom of a neighbour' => [static fn (Drawing $d): Drawing => $d->source('s', 'pea', 90, 0, 5, '2027-06-01'), 'sources.0.last_bloom', 'both'];
        yield 'a share of nothing' => [static fn (Drawing $d): Drawing => $d->with('isolation', ['allowed' => 0]), 'isolation.allowed', 'from 0.0001 to 1'];
    }

    public function test_figures_may_be_typed_with_a_comma(): void
    {
        $plan = (new Drawing(self::crops()))->with('ground', ['width' => '24,5'])->plan();
        self::assertSame(24.5, $plan->ground->width);
    }

    public function test_a_hedge_counts_only_where_it_stands_between(): void
    {
        $plan = (new Drawing(self::crops()))->hedge(10, -5, 10, 5)->plan();
        $here = new Rectangle(0, 0, 1, 1);
        self::assertSame(Barrier::Hedge, $plan->barrierBetween($here, new Rectangle(20, 0, 1, 1)));
        self::assertSame(Barrier::Hedge, $plan->barrierBetween(new Rectangle(20, 0, 1, 1), $here));
        self::assertSame(Barrier::None, $plan->barrierBetween($here, new Rectangle(8, 0, 1, 1)));
        self::assertSame(Barrier::None, $plan->barrierBetween($here, new Rectangle(20, 30, 1, 1)));
    }

    public function test_a_spot_holds_what_its_rows_hold(): void
    {
        self::assertSame(50, (new Rectangle(0, 0, 2, 1))->holds(0.2));
        self::assertSame(6, (new Rectangle(0, 0, 1.2, 0.8))->holds(0.4));
        self::assertSame(1, (new Rectangle(0, 0, 0.3, 0.3))->holds(1.2));
    }
}

<?php

declare(strict_types=1);

namespace Marrow\Core\Tests\Botany;

use Marrow\Core\Tests\Support\CoreTestCase;
use PHPUnit\Framework\Attributes\TestWith;

/** What can be told apart on a bench by looking at the seed, and what cannot. */
final class SeedLookTest extends CoreTestCase
{
    #[TestWith(['tomato', 'tomato', true])]
    #[TestWith(['cabbage', 'kale', true])]
    #[TestWith(['squash-pepo', 'squash-moschata', true])]
    #[TestWith(['leek', 'onion', true])]
    #[TestWith(['tomato', 'cucumber', false])]
    #[TestWith(['lettuce', 'carrot', false])]
    #[TestWith(['pea', 'broad-bean', false])]
    public function test_seed_that_looks_alike(string $a, string $b, bool $alike): void
    {
        $one = self::crop($a)->look;
        $other = self::crop($b)->look;
        self::assertNotNull($one);
        self::assertNotNull($other);
        self::assertSame([$alike, $alike], [$one->isLike($other), $other->isLike($one)]);
    }
}

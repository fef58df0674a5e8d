<?php

declare(strict_types=1);

namespace Marrow\Core\Tests\Population;

use Marrow\Core\Population\Alleles;
use Marrow\Core\Tests\Support\CoreTestCase;
use PHPUnit\Framework\Attributes\TestWith;

/** How likely a rare form is still among the parents; values from R: 1 - (1-q)^(c*n). */
final class AllelesTest extends CoreTestCase
{
    /** Outcrossers have two copies a plant, selfers one: 20 tomatoes keep a form of one in twenty with 64 %, not 87. */
    #[TestWith([20, 1.0, 0.8714878])]
    #[TestWith([20, 0.0, 0.6415141])]
    #[TestWith([59, 0.0, 0.9515055])]
    #[TestWith([58, 0.0, 0.9489531])]
    #[TestWith([20, 0.3, 0.7364799])]
    public function test_a_selfer_is_one_copy(int $plants, float $outcrossing, float $kept): void
    {
        self::assertEqualsWithDelta($kept, Alleles::kept($plants, 0.05, Alleles::copies($outcrossing)), 2e-6);
    }
}

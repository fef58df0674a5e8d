<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Simulation\Year\Keeper;
use Tests\Support\PlaysAYear;
use Tests\TestCase;

final class DiligentYearTest extends TestCase
{
    use PlaysAYear;

    public function test_whoever_does_all_that_today_says_loses_nothing(): void
    {
        $played = $this->plays(Keeper::Diligent);
        self::assertSame([], $played->lost);
        self::assertGreaterThan(400, $played->kept);
    }
}

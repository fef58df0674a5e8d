<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Simulation\Year\Keeper;
use Tests\Support\PlaysAYear;
use Tests\TestCase;

final class CarelessYearTest extends TestCase
{
    use PlaysAYear;

    public function test_whoever_does_half_of_it_is_told_before_seed_is_lost(): void
    {
        $played = $this->plays(Keeper::Careless);
        self::assertNotSame([], $played->lost, 'or nothing would be shown by it');
        self::assertGreaterThan(200, $played->kept);
    }
}

<?php

declare(strict_types=1);

namespace App\Providers;

use App\Journal\Subjects;
use App\Things\ContainerSort;
use App\Things\LotSort;
use App\Things\PlaceSort;
use App\Things\PlantingSort;
use Illuminate\Support\ServiceProvider;

/** What entries can be about. */
final class ThingsProvider extends ServiceProvider
{
    /** A new sort of thing is a new line here. What others are made of, or lie in, stands behind those. */
    private const SORTS = [LotSort::class, PlantingSort::class, PlaceSort::class, ContainerSort::class];

    public function register(): void
    {
        $this->app->tag(self::SORTS, 'things');
        $this->app->when(Subjects::class)->needs('$sorts')->giveTagged('things');
    }
}

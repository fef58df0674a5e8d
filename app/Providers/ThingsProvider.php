<?php

declare(strict_types=1);

namespace App\Providers;

use App\Garden\NamedThing;
use App\Garden\SettingSet;
use App\Handbook\CropAdded;
use App\Handbook\FigureSet;
use App\Journal\Subjects;
use App\Plans\PlanChanged;
use App\Presenting\DeedLines;
use App\Rota\RotaChanged;
use App\Things\ContainerSort;
use App\Things\LotSort;
use App\Things\PlaceSort;
use App\Things\PlantingSort;
use Illuminate\Support\ServiceProvider;

/** What entries can be about, and what can be done besides. */
final class ThingsProvider extends ServiceProvider
{
    /** A new sort of thing is a new line here. What others are made of, or lie in, stands behind those. */
    private const SORTS = [LotSort::class, PlantingSort::class, PlaceSort::class, ContainerSort::class];

    /** What can be done to the books; a new sort of it is a new line here. */
    private const DEEDS = [SettingSet::class, NamedThing::class, FigureSet::class, CropAdded::class, PlanChanged::class, RotaChanged::class];

    public function register(): void
    {
        $this->app->when(DeedLines::class)->needs('$kinds')->give(self::DEEDS);
        $this->app->tag(self::SORTS, 'things');
        $this->app->when(Subjects::class)->needs('$sorts')->giveTagged('things');
    }
}

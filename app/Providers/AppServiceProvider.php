<?php

declare(strict_types=1);

namespace App\Providers;

use App\Clock;
use App\Handbook\OwnFigures;
use App\Lineage\Crossings;
use DateTimeZone;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\ServiceProvider;
use Marrow\Core\Botany\CropReference;
use Marrow\Core\Practice;
use Marrow\Core\Reckoning\Registry;
use Psr\Clock\ClockInterface;

final class AppServiceProvider extends ServiceProvider
{
    public function register(): void
    {
        $this->app->singleton(Clock::class, static function (): Clock {
            $fixed = config('marrow.now');

            return new Clock(
                is_string($fixed) && $fixed !== '' ? $fixed : null,
                new DateTimeZone(config()->string('app.timezone')),
            );
        });
        $this->app->alias(Clock::class, ClockInterface::class);
        $this->app->singleton(OwnFigures::class, static fn (): OwnFigures => new OwnFigures(config()->string('marrow.crops')));
        $this->app->singleton(CropReference::class, fn (): CropReference => $this->app->make(OwnFigures::class)->reference());
        $this->app->singleton(Registry::class, fn (): Registry => Registry::standard($this->app->make(CropReference::class)));
        $this->app->singleton(Crossings::class);
        $this->app->singleton(Practice::class, static fn (): Practice => new Practice);
    }

    public function boot(): void
    {
        // A lazily loaded relation or a misspelt column is a mistake to hear of, not to pay for in silence.
        Model::shouldBeStrict(! $this->app->environment('production'));
    }
}

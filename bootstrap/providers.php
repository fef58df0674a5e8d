<?php

use App\Providers\AppServiceProvider;
use App\Providers\StepsProvider;
use App\Providers\ThingsProvider;

return [AppServiceProvider::class, ThingsProvider::class, StepsProvider::class];

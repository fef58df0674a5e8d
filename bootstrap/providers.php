<?php

use App\Providers\AppServiceProvider;
use App\Providers\StepsProvider;

return [AppServiceProvider::class, StepsProvider::class];

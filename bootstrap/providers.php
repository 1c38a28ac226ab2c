<?php

return [\App\Providers\AppServiceProvider::class, \Laravel\Sanctum\SanctumServiceProvider::class];

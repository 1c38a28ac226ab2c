<?php

declare(strict_types=1);

use App\Accounts\Models\User;

return ['providers' => ['users' => ['driver' => 'eloquent', 'model' => User::class]]];

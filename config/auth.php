<?php

declare(strict_types=1);

use App\Accounts\Models\User;

// A person who was deactivated is signed in nowhere.
return ['providers' => ['users' => ['driver' => 'active', 'model' => User::class]]];

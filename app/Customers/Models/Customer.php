<?php

declare(strict_types=1);

namespace App\Customers\Models;

use App\Intake\Models\Job;
use App\Platform\Database\BaseModel;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * @property int $id
 * @property string $name
 * @property ?string $contact
 */
final class Customer extends BaseModel
{
    /** @return HasMany<Job, $this> */
    public function jobs(): HasMany
    {
        return $this->hasMany(Job::class);
    }
}

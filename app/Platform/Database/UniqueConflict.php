<?php

declare(strict_types=1);

namespace App\Platform\Database;

use Illuminate\Database\UniqueConstraintViolationException;
use Illuminate\Validation\ValidationException;
use Throwable;

/** Turns a violated unique key into an error at its field. */
final class UniqueConflict
{
    /** unique key => field, what to do */
    private const KEYS = [
        'users_email_unique' => ['email', 'E-mail belongs to somebody here already.'],
        'customers_name_unique' => ['customer', 'This customer was written down by somebody else just now; save it '
            .'again.'],
        'powders_name_unique' => ['name', 'A powder of that name is on the shelf already; give this one another.'],
        'ovens_name_unique' => ['name', 'There is an oven of that name already; give this one another.'],
        'jobs_number_unique' => ['title', 'Somebody else took a job in just now; save it again.'],
        'oven_loads_one_running' => ['load', 'That oven is baking already; pull that load first.'],
    ];

    public static function refusal(UniqueConstraintViolationException $fault): Throwable
    {
        if (app()->runningInConsole() && ! app()->runningUnitTests()) {
            return $fault;
        }
        foreach (self::KEYS as $key => [$field, $says]) {
            if (str_contains($fault->getMessage(), $key)) {
                return ValidationException::withMessages([$field => $says]);
            }
        }

        return ValidationException::withMessages([
            'form' => 'Somebody else wrote the same just now; look again, and send it once more where it is not there.',
        ]);
    }
}

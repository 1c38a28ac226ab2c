<?php

declare(strict_types=1);

namespace App\Platform\Http\Controllers;

use App\Accounts\Models\User;
use App\Catalog\Models\Oven;
use App\Catalog\Models\Powder;
use App\Intake\Models\Job;
use App\Platform\Audit\AuditEntry;
use App\Platform\Audit\History;
use Illuminate\Contracts\View\View;

/** Shows the history of a record, read-only. */
final class AuditLogController
{
    private const A_PAGE = 50;

    public function job(Job $job): View
    {
        return $this->page($job, "Job {$job->number}", "/jobs/{$job->id}");
    }

    public function oven(Oven $oven): View
    {
        return $this->page($oven, $oven->name, '/ovens');
    }

    public function powder(Powder $powder): View
    {
        return $this->page($powder, $powder->name, '/powders');
    }

    public function person(User $person): View
    {
        return $this->page($person, $person->name, '/people');
    }

    private function page(Job|Oven|Powder|User $of, string $name, string $back): View
    {
        $lines = AuditEntry::of($of)->simplePaginate(self::A_PAGE);

        return view('platform.history', [
            'name' => $name,
            'back' => $back,
            'page' => $lines,
            'lines' => History::of($lines->items()),
        ]);
    }
}

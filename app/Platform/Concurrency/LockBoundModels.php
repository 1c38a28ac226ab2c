<?php

declare(strict_types=1);

namespace App\Platform\Concurrency;

use App\Accounts\Models\Shop;
use App\Catalog\Models\Oven;
use App\Intake\Models\Job;
use Closure;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Symfony\Component\HttpFoundation\Response;

/**
 * Locks the jobs and ovens of the route's models before the request reads anything, and reloads the models.
 *
 * Jobs are locked before ovens, each by id, so that requests cannot deadlock.
 */
final class LockBoundModels
{
    public function handle(Request $request, Closure $next): Response
    {
        $route = $request->route();
        if ($request->isMethodSafe() || DB::transactionLevel() === 0 || ! $route instanceof \Illuminate\Routing\Route) {
            return $next($request);
        }
        $bound = array_filter($route->parameters(), fn (mixed $one): bool => $one instanceof Model);
        $this->hold(Job::class, array_merge([], ...array_map(OwnerResolver::jobs(...), array_values($bound))));
        $this->hold(Oven::class, array_merge([], ...array_map(OwnerResolver::ovens(...), array_values($bound))));
        if ($bound === []) {
            // What belongs to nothing yet takes turns at the shop itself: two new jobs, two new customers.
            $this->hold(Shop::class, [1]);
        }
        foreach ($bound as $name => $one) {
            $route->setParameter($name, $one->newQuery()->lockForUpdate()->findOrFail($one->getKey()));
        }

        return $next($request);
    }

    /**
     * @param  class-string<Model>  $model
     * @param  list<int>  $ids
     */
    private function hold(string $model, array $ids): void
    {
        if ($ids !== []) {
            $rows = DB::table((new $model)->getTable())->whereIn('id', array_unique($ids))->orderBy('id');
            $rows->lockForUpdate()->pluck('id');
        }
    }
}

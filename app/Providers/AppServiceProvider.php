<?php

declare(strict_types=1);

namespace App\Providers;

use App\Actions\Rail\ReadRail;
use App\Models\User;
use App\Support\Trail;
use App\Support\Units;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Facades\Gate;
use Illuminate\Support\Facades\View;
use Illuminate\Support\ServiceProvider;

final class AppServiceProvider extends ServiceProvider
{
    public function boot(): void
    {
        Model::shouldBeStrict($this->app->environment() !== 'production');
        Trail::listen();
        Gate::define('work', fn (User $user): bool => $user->active && $user->works());
        Gate::define('manage', fn (User $user): bool => $user->active && $user->isOwner());
        View::composer('*', fn (\Illuminate\View\View $view) => $view->with('u', Units::current()));
        View::composer('components.layout', fn (\Illuminate\View\View $view) => $view->with('rail', ReadRail::now()));
    }
}

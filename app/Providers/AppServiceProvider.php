<?php

declare(strict_types=1);

namespace App\Providers;

use Aenum\Core\Word\LoadKind;
use Aenum\Core\Word\Station;
use App\Actions\Rail\ReadRail;
use App\Http\Middleware\SharedTablet;
use App\Models\DeviceToken;
use App\Models\OvenLoad;
use App\Models\OvenLoadItem;
use App\Models\User;
use App\Support\FilesInDatabase;
use App\Support\LostConnections;
use App\Support\OutOfOrder;
use App\Support\ShopDatabase;
use App\Support\ThisRequest;
use App\Support\Trail;
use App\Support\Units;
use Illuminate\Contracts\Database\LostConnectionDetector;
use Illuminate\Contracts\Foundation\Application;
use Illuminate\Database\Connection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Filesystem\FilesystemAdapter;
use Illuminate\Pagination\Paginator;
use Illuminate\Support\Facades\Gate;
use Illuminate\Support\Facades\Route;
use Illuminate\Support\Facades\Storage;
use Illuminate\Support\Facades\View;
use Illuminate\Support\ServiceProvider;
use Laravel\Sanctum\Sanctum;
use League\Flysystem\Filesystem;

final class AppServiceProvider extends ServiceProvider
{
    private const BARE = ['fault', 'components.bare', 'components.assets'];

    public function register(): void
    {
        $this->app->singleton(LostConnectionDetector::class, LostConnections::class);
        Connection::resolverFor('mariadb', fn (mixed ...$with): Connection => new ShopDatabase(...$with));
        Storage::extend('database', fn (Application $app, array $config): FilesystemAdapter => new FilesystemAdapter(
            new Filesystem($disk = new FilesInDatabase, $config),
            $disk,
            $config,
        ));
    }

    public function boot(): void
    {
        Model::shouldBeStrict($this->app->environment() !== 'production');
        // A page asks once for what all its rows want, not once a row.
        Model::automaticallyEagerLoadRelationships();
        Sanctum::usePersonalAccessTokenModel(DeviceToken::class);
        OutOfOrder::listen();
        Trail::listen();
        ThisRequest::listen();
        self::bindRouteParameters();
        Gate::define('work', fn (User $user): bool => $user->active && $user->works());
        Gate::define('manage', fn (User $user): bool => $user->active && $user->isOwner() && ! self::byPin());
        View::composer('*', function (\Illuminate\View\View $view): void {
            // A page that says what is wrong needs nothing that may be what is wrong.
            in_array($view->name(), self::BARE, true) ? null : $view->with('u', Units::current());
        });
        Paginator::defaultSimpleView('pages');
        View::composer('components.layout', fn (\Illuminate\View\View $view) => $view->with('rail', ReadRail::now()));
    }

    /** Route parameters that are not a model's own key; here, because cached routes do not read routes/web.php. */
    private static function bindRouteParameters(): void
    {
        Route::bind('station', fn (string $slug): Station => Station::tryFrom($slug) ?? abort(404));
        Route::bind('bake', fn (string $id): OvenLoad => OvenLoad::of(LoadKind::Cure)->findOrFail($id));
        Route::bind('load', fn (string $id): OvenLoad => OvenLoad::query()->findOrFail($id));
        Route::bind('bakeOut', fn (string $id): OvenLoad => OvenLoad::of(LoadKind::BakeOut)->findOrFail($id));
        Route::bind('item', fn (string $id): OvenLoadItem => OvenLoadItem::query()->findOrFail($id));
    }

    /** Four figures at a tablet many hands use are not enough to set the shop up. */
    private static function byPin(): bool
    {
        return request()->hasSession() && request()->session()->has(SharedTablet::SESSION);
    }
}

<?php

declare(strict_types=1);

namespace App\Providers;

use Aenum\Core\Trade\LoadKind;
use Aenum\Core\Trade\Station;
use App\Accounts\Http\Middleware\SharedTablet;
use App\Accounts\Models\DeviceToken;
use App\Accounts\Models\User;
use App\Application\Models\Spraying;
use App\Application\Queries\ColorChanges;
use App\Application\Queries\GroundChecks;
use App\Catalog\Models\Gun;
use App\Catalog\Models\Oven;
use App\Catalog\Models\ShopPolicy;
use App\Curing\Models\OvenLoad;
use App\Curing\Models\OvenLoadItem;
use App\Inspection\Models\Weight;
use App\Platform\Audit\AuditLog;
use App\Platform\Audit\ShopChanged;
use App\Platform\Cache\RequestMemo;
use App\Platform\Cache\SharedReads;
use App\Platform\Database\DatabaseFilesystemAdapter;
use App\Platform\Database\LostConnections;
use App\Platform\Database\ShopConnection;
use App\Platform\Database\TableColumns;
use App\Platform\Offline\OutOfOrder;
use App\Platform\Presentation\Units;
use App\Preparation\Queries\LatestAir;
use App\Scheduling\Commands\PlanDayInBackground;
use App\ShopFloor\ViewModels\ShopBoard;
use Illuminate\Auth\EloquentUserProvider;
use Illuminate\Contracts\Database\LostConnectionDetector;
use Illuminate\Contracts\Foundation\Application;
use Illuminate\Database\Connection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\Relation;
use Illuminate\Filesystem\FilesystemAdapter;
use Illuminate\Pagination\Paginator;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\Event;
use Illuminate\Support\Facades\Gate;
use Illuminate\Support\Facades\Queue;
use Illuminate\Support\Facades\Route;
use Illuminate\Support\Facades\Storage;
use Illuminate\Support\Facades\View;
use Illuminate\Support\ServiceProvider;
use Laravel\Sanctum\Sanctum;
use League\Flysystem\Filesystem;

final class AppServiceProvider extends ServiceProvider
{
    private const BARE = ['platform.fault', 'components.bare', 'components.assets'];

    public function register(): void
    {
        $this->app->singleton(LostConnectionDetector::class, LostConnections::class);
        Connection::resolverFor('mariadb', fn (mixed ...$with): Connection => new ShopConnection(...$with));
        Storage::extend('database', fn (Application $app, array $config): FilesystemAdapter => new FilesystemAdapter(
            new Filesystem($disk = new DatabaseFilesystemAdapter, $config),
            $disk,
            $config,
        ));
    }

    public function boot(): void
    {
        Model::shouldBeStrict($this->app->environment() !== 'production');
        // A page asks once for what all its rows want, not once a row.
        Model::automaticallyEagerLoadRelationships();
        Auth::provider('active', fn (Application $app, array $config) => (new EloquentUserProvider(
            $app->make('hash'),
            $config['model'],
        ))->withQuery(fn ($users) => $users->where('active', true)));
        Sanctum::usePersonalAccessTokenModel(DeviceToken::class);
        Relation::enforceMorphMap(['user' => User::class]);
        OutOfOrder::listen();
        AuditLog::listen();
        RequestMemo::listen();
        TableColumns::listen();
        SharedReads::register([
            'ovens' => Oven::allInUse(...),
            'guns' => Gun::allInUse(...),
            'policies' => ShopPolicy::query(...),
            'last sprayed' => Spraying::lastOfEachGun(...),
            'weights' => Weight::last(...),
            'air' => LatestAir::reading(...),
            'colour changes' => ColorChanges::logged(...),
            ...GroundChecks::reads(),
        ]);
        Queue::before(RequestMemo::reset(...));
        Event::listen(ShopChanged::class, static function (): void {
            // Whoever fills or repairs a database by command asks for no plan.
            app()->runningInConsole() && ! app()->runningUnitTests() ? null : PlanDayInBackground::soon();
        });
        self::bindRouteParameters();
        Gate::define('work', fn (User $user): bool => $user->active && $user->works());
        Gate::define('manage', fn (User $user): bool => $user->active && $user->isOwner() && ! self::byPin());
        View::composer('*', function (\Illuminate\View\View $view): void {
            // A page that says what is wrong needs nothing that may be what is wrong.
            in_array($view->name(), self::BARE, true) ? null : $view->with('u', Units::current());
        });
        Paginator::defaultSimpleView('platform.pages');
        View::composer('components.layout', fn (\Illuminate\View\View $view) => $view->with('rail', ShopBoard::now()));
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

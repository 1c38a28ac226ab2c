<?php

use Aenum\Core\Unit\InvalidQuantity;
use App\Http\Middleware\DecimalComma;
use App\Http\Middleware\Once;
use App\Http\Middleware\OneValueEach;
use App\Http\Middleware\SecurityHeaders;
use Illuminate\Foundation\Application;
use Illuminate\Foundation\Configuration\Exceptions;
use Illuminate\Foundation\Configuration\Middleware;
use Illuminate\Http\Middleware\HandleCors;
use Illuminate\Http\Request;
use Illuminate\Validation\ValidationException;

return Application::configure(basePath: dirname(__DIR__))
    ->withRouting(web: __DIR__.'/../routes/web.php', commands: __DIR__.'/../routes/console.php')
    ->withMiddleware(function (Middleware $middleware): void {
        $middleware->remove(HandleCors::class);
        $middleware->append(SecurityHeaders::class);
        $middleware->web(append: [OneValueEach::class, DecimalComma::class, Once::class]);
        $middleware->redirectGuestsTo('/sign-in');
        $middleware->redirectUsersTo('/');
    })
    ->withExceptions(function (Exceptions $exceptions): void {
        // A quantity the core refuses in a form is something a person typed: it goes back to where it came from. In a
        // page that is only looked at it is a fault of ours, and sending the reader back would send them in a circle.
        $exceptions->map(InvalidQuantity::class, static function (InvalidQuantity $e): Throwable {
            $command = app()->runningInConsole() && ! app()->runningUnitTests();

            return $command || request()->isMethodSafe()
                ? $e
                : ValidationException::withMessages([$e->place => ucfirst($e->getMessage()).'.']);
        });
        $exceptions->dontFlash(['password', 'password_confirmation', 'current_password']);
        $exceptions->shouldRenderJsonWhen(fn (Request $request): bool => false);
    })
    ->create();

<?php

use Aenum\Core\Units\InvalidInput;
use App\Accounts\Http\Middleware\EnsureShopIsConfigured;
use App\Accounts\Http\Middleware\SharedTablet;
use App\DeviceApi\Http\Middleware\AuthenticateDevice;
use App\Platform\Database\UniqueConflict;
use App\Platform\Errors\ErrorPages;
use App\Platform\Errors\Refused;
use App\Platform\Http\Middleware\CleanInput;
use App\Platform\Http\Middleware\SecurityHeaders;
use App\Platform\Idempotency\EnsureIdempotentSubmission;
use App\Platform\Offline\OutOfOrder;
use App\Platform\Offline\OutOfOrderResponse;
use App\Platform\Offline\ReplayOfflineSubmission;
use App\Routing\BlockedByRules;
use App\Routing\Http\BlockedNotice;
use Illuminate\Auth\AuthenticationException;
use Illuminate\Database\UniqueConstraintViolationException;
use Illuminate\Foundation\Application;
use Illuminate\Foundation\Configuration\Exceptions;
use Illuminate\Foundation\Configuration\Middleware;
use Illuminate\Http\Middleware\HandleCors;
use Illuminate\Http\Request;
use Illuminate\Session\Middleware\StartSession;
use Illuminate\Validation\ValidationException;

// A form says PUT or DELETE in a field; no other verb is taken from there.
Request::setAllowedHttpMethodOverride(['PUT', 'PATCH', 'DELETE']);

$var = require __DIR__.'/paths.php';

$app = Application::configure(basePath: dirname(__DIR__))
    ->withRouting(
        web: __DIR__.'/../routes/web.php',
        api: __DIR__.'/../routes/device-api.php',
        commands: __DIR__.'/../routes/console.php',
    )
    ->withMiddleware(function (Middleware $middleware): void {
        $middleware->remove(HandleCors::class);
        $middleware->prepend(SecurityHeaders::class);
        $middleware->trustHosts(at: fn (): array => array_map(
            fn (string $host): string => '^'.preg_quote($host).'$',
            config('app.hosts'),
        ), subdomains: false);
        $middleware->web(
            append: [
                SharedTablet::class, ReplayOfflineSubmission::class, CleanInput::class,
                EnsureIdempotentSubmission::class,
            ],
            prepend: EnsureShopIsConfigured::class,
        );
        // Whatever stands in the way of a form that waited, it hears of it in its own words.
        $middleware->appendToPriorityList(StartSession::class, ReplayOfflineSubmission::class);
        $middleware->api(prepend: [CleanInput::class, AuthenticateDevice::class]);
        $middleware->redirectGuestsTo(fn (Request $request): ?string => $request->is('api/*') ? null : '/sign-in');
        $middleware->redirectUsersTo('/');
    })
    ->withExceptions(function (Exceptions $exceptions): void {
        // A quantity the core refuses in a form is something a person typed: it goes back to where it came from. In a
        // page that is only looked at it is a fault of ours, and sending the reader back would send them in a circle.
        $exceptions->map(InvalidInput::class, static function (InvalidInput $e): Throwable {
            $command = app()->runningInConsole() && ! app()->runningUnitTests();

            return $command || request()->isMethodSafe()
                ? $e
                : ValidationException::withMessages([$e->place => ucfirst($e->getMessage()).'.']);
        });
        // The one place where a refusal becomes the errors of a form.
        $exceptions->map(Refused::class, static function (Refused $e): ValidationException {
            $e instanceof BlockedByRules ? BlockedNotice::flash($e, request()) : null;

            return ValidationException::withMessages($e->messages);
        });
        $exceptions->render(fn (OutOfOrder $e, Request $request) => OutOfOrderResponse::to($e, $request));
        $exceptions->dontReport(OutOfOrder::class);
        $exceptions->map(UniqueConstraintViolationException::class, UniqueConflict::refusal(...));
        $exceptions->render(fn (AuthenticationException $e, Request $request) => match (true) {
            $request->is('api/*') => null,
            $request->hasHeader(ReplayOfflineSubmission::HEADER) => response()->json(['refused' => []], 401),
            $request->hasHeader('HX-Request') => response('', 401, ['HX-Redirect' => '/sign-in']),
            default => redirect()->guest('/sign-in'),
        });
        $exceptions->render(ErrorPages::page(...));
        $exceptions->dontFlash(['password', 'current_password', 'new_password', 'again', 'pin', 'code']);
        // A live form hears of a refusal without leaving its page; a redirect would be followed with its own method.
        $exceptions->shouldRenderJsonWhen(fn (Request $request, Throwable $e): bool => $e instanceof ValidationException
            && ! $request->is('api/*') && ! $request->isMethodSafe() && $request->hasHeader('HX-Request'));
    })
    ->create();

return $app->useEnvironmentPath($var);

<?php

use Aenum\Core\Unit\InvalidQuantity;
use App\Http\Middleware\ByToken;
use App\Http\Middleware\DecimalComma;
use App\Http\Middleware\FromTheWaitingLine;
use App\Http\Middleware\HasShop;
use App\Http\Middleware\KnownHost;
use App\Http\Middleware\Once;
use App\Http\Middleware\OneValueEach;
use App\Http\Middleware\SecurityHeaders;
use App\Http\Middleware\SharedTablet;
use App\Http\Middleware\WholeText;
use App\Http\OutOfOrderAnswer;
use App\Support\BlockedByRules;
use App\Support\Faults;
use App\Support\OutOfOrder;
use App\Support\TakenMeanwhile;
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
        api: __DIR__.'/../routes/door.php',
        commands: __DIR__.'/../routes/console.php',
    )
    ->withMiddleware(function (Middleware $middleware): void {
        $middleware->remove(HandleCors::class);
        $middleware->prepend([SecurityHeaders::class, KnownHost::class]);
        $middleware->web(
            append: [
                SharedTablet::class, FromTheWaitingLine::class, OneValueEach::class, DecimalComma::class, Once::class,
            ],
            prepend: [WholeText::class, HasShop::class],
        );
        // Whatever stands in the way of a form that waited, it hears of it in its own words.
        $middleware->appendToPriorityList(StartSession::class, FromTheWaitingLine::class);
        $middleware->api(prepend: [WholeText::class, ByToken::class]);
        $middleware->redirectGuestsTo(fn (Request $request): ?string => $request->is('api/*') ? null : '/sign-in');
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
        $exceptions->render(function (BlockedByRules $e, Request $request): void {
            BlockedByRules::remember($e, $request);
        });
        $exceptions->render(fn (OutOfOrder $e, Request $request) => OutOfOrderAnswer::to($e, $request));
        $exceptions->dontReport(OutOfOrder::class);
        $exceptions->map(UniqueConstraintViolationException::class, TakenMeanwhile::refusal(...));
        $exceptions->render(fn (AuthenticationException $e, Request $request) => match (true) {
            $request->is('api/*') => null,
            $request->hasHeader(FromTheWaitingLine::HEADER) => response()->json(['refused' => []], 401),
            $request->hasHeader('HX-Request') => response('', 401, ['HX-Redirect' => '/sign-in']),
            default => redirect()->guest('/sign-in'),
        });
        $exceptions->render(Faults::page(...));
        $exceptions->dontFlash(['password', 'current_password', 'new_password', 'again', 'pin', 'code']);
        // A live form hears of a refusal without leaving its page; a redirect would be followed with its own method.
        $exceptions->shouldRenderJsonWhen(fn (Request $request, Throwable $e): bool => $e instanceof ValidationException
            && ! $request->is('api/*') && ! $request->isMethodSafe() && $request->hasHeader('HX-Request'));
    })
    ->create();

return $app->useEnvironmentPath($var);

<?php

declare(strict_types=1);

use Aenum\Core\Word\LoadKind;
use Aenum\Core\Word\Station;
use App\Http\Controllers\BakeController;
use App\Http\Controllers\BakeOutController;
use App\Http\Controllers\BlastController;
use App\Http\Controllers\ClockController;
use App\Http\Controllers\FloorController;
use App\Http\Controllers\HouseController;
use App\Http\Controllers\InspectController;
use App\Http\Controllers\JobController;
use App\Http\Controllers\LoggerController;
use App\Http\Controllers\LotController;
use App\Http\Controllers\MaskController;
use App\Http\Controllers\PartBenchController;
use App\Http\Controllers\PinController;
use App\Http\Controllers\PracticeController;
use App\Http\Controllers\RailController;
use App\Http\Controllers\RouteController;
use App\Http\Controllers\ShelfController;
use App\Http\Controllers\SignInController;
use App\Http\Controllers\StationController;
use App\Http\Controllers\StripController;
use App\Http\Controllers\WashController;
use App\Http\Middleware\HoldFirst;
use App\Http\Middleware\SeesBoth;
use App\Http\Middleware\StillWorksHere;
use App\Models\OvenLoad;
use App\Models\OvenLoadItem;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Route;

Route::bind('station', fn (string $slug): Station => Station::tryFrom($slug) ?? abort(404));
Route::bind('bake', fn (string $id): OvenLoad => OvenLoad::of(LoadKind::Cure)->findOrFail($id));
Route::bind('load', fn (string $id): OvenLoad => OvenLoad::query()->findOrFail($id));
Route::bind('bakeOut', fn (string $id): OvenLoad => OvenLoad::of(LoadKind::BakeOut)->findOrFail($id));
Route::pattern('job', '[0-9]{1,9}');
Route::pattern('lot', '[0-9]{1,9}');
Route::pattern('item', '[0-9]{1,9}');
Route::bind('item', fn (string $id): OvenLoadItem => OvenLoadItem::query()->findOrFail($id));
Route::pattern('bake', '[0-9]{1,9}');
Route::pattern('load', '[0-9]{1,9}');
Route::pattern('bakeOut', '[0-9]{1,9}');
Route::pattern('exercise', '[a-z_]{1,30}');

Route::get('/health', function () {
    DB::select('select 1');

    return response("well\n", 200, ['Content-Type' => 'text/plain']);
})->withoutMiddleware('web');

Route::middleware('guest')->group(function (): void {
    Route::get('/sign-in', [SignInController::class, 'show'])->name('login');
    Route::post('/sign-in', [SignInController::class, 'signIn']);
});

Route::middleware(['auth', StillWorksHere::class])->group(function (): void {
    Route::post('/sign-out', [SignInController::class, 'signOut']);
    Route::put('/me', [HouseController::class, 'updateMe']);

    Route::get('/', RailController::class);
    Route::get('/find', [RailController::class, 'find']);
    Route::get('/station/strip', [StripController::class, 'show']);
    Route::get('/station/blast', [BlastController::class, 'show']);
    Route::get('/station/bake-out', [BakeOutController::class, 'show']);
    Route::get('/station/wash', [WashController::class, 'show']);
    Route::get('/station/mask-and-hang', [MaskController::class, 'show']);
    Route::get('/practice', [PracticeController::class, 'index']);
    Route::get('/practice/checklist', [PracticeController::class, 'checklist']);
    Route::get('/practice/{exercise}', [PracticeController::class, 'show']);
    Route::get('/station/{station}', [StationController::class, 'show']);
    Route::get('/jobs/{job}', [JobController::class, 'show']);
    Route::get('/jobs/{job}/record', [JobController::class, 'record']);
    Route::get('/bakes/{bake}', [BakeController::class, 'show']);
    Route::get('/bakes/{bake}/board', [BakeController::class, 'board']);
    Route::get('/bakes/{bake}/choices', [BakeController::class, 'choices']);
    Route::get('/powders', [ShelfController::class, 'powders']);
    Route::get('/ovens', [ShelfController::class, 'ovens']);
    Route::get('/rules', [RouteController::class, 'rules']);
    Route::get('/parts/{part}/route', [RouteController::class, 'show']);
    Route::get('/parts/{part}/bench', [PartBenchController::class, 'show']);
    Route::get('/parts/{part}/facets', [PartBenchController::class, 'facets']);
    Route::get('/parts/{part}/pins', [PinController::class, 'show']);
    Route::get('/parts/{part}/agreement', [RouteController::class, 'agreement']);
    Route::get('/pictures/{picture}', [PinController::class, 'image']);
    Route::get('/library', [PartBenchController::class, 'library']);
    Route::get('/metal', [RouteController::class, 'metal']);
    Route::get('/jobs/{job}/card', [JobController::class, 'card']);

    Route::middleware(['can:work', HoldFirst::class, SeesBoth::class])->group(function (): void {
        Route::get('/jobs/create', [JobController::class, 'create']);
        Route::post('/jobs', [JobController::class, 'store']);
        Route::get('/jobs/{job}/edit', [JobController::class, 'edit']);
        Route::put('/jobs/{job}', [JobController::class, 'update']);
        Route::get('/lots/{lot}/leave', [LotController::class, 'leave']);
        Route::post('/lots/{lot}/go', [LotController::class, 'go']);
        Route::post('/lots/{lot}/send', [LotController::class, 'send']);
        Route::post('/lots/{lot}/tick', [LotController::class, 'tick']);
        Route::post('/lots/{lot}/reopen', [LotController::class, 'reopen']);
        Route::post('/lots/{lot}/coated', [LotController::class, 'coated']);
        Route::post('/lots/{lot}/split', [LotController::class, 'split']);
        Route::post('/lots/{lot}/into', [LotController::class, 'into']);
        Route::post('/lots/{lot}/join', [LotController::class, 'join']);
        Route::post('/lots/{lot}/scrap', [LotController::class, 'scrap']);
        Route::post('/lots/{lot}/release', [LotController::class, 'release']);
        Route::get('/jobs/{job}/parts/create', [JobController::class, 'createPart']);
        Route::post('/jobs/{job}/parts', [JobController::class, 'storePart']);
        Route::match(['post', 'put'], '/jobs/{job}/metal', [JobController::class, 'askMetal']);
        Route::get('/parts/{part}/edit', [JobController::class, 'editPart']);
        Route::put('/parts/{part}', [JobController::class, 'updatePart']);
        Route::post('/parts/{part}/withdraw', [JobController::class, 'withdrawPart']);

        Route::post('/parts/{part}/shapes', [PartBenchController::class, 'add']);
        Route::post('/parts/{part}/shapes/take', [PartBenchController::class, 'take']);
        Route::post('/parts/{part}/shapes/copy', [PartBenchController::class, 'copy']);
        Route::post('/parts/{part}/shapes/{at}/drop', [PartBenchController::class, 'drop'])->whereNumber('at');
        Route::post('/parts/{part}/mesh', [PartBenchController::class, 'mesh']);
        Route::post('/parts/{part}/mesh/drop', [PartBenchController::class, 'dropMesh']);
        Route::post('/parts/{part}/pictures', [PinController::class, 'upload']);
        Route::post('/pictures/{picture}/withdraw', [PinController::class, 'withdrawPicture']);
        Route::post('/parts/{part}/pins', [PinController::class, 'place']);
        Route::post('/pins/{pin}/answer', [PinController::class, 'answer']);
        Route::post('/pins/{pin}/withdraw', [PinController::class, 'withdraw']);
        Route::post('/parts/{part}/bags', [PinController::class, 'bag']);
        Route::post('/bags/{bag}/count', [PinController::class, 'countBack']);
        Route::post('/bags/{bag}/withdraw', [PinController::class, 'withdrawBag']);
        Route::put('/parts/{part}/facts', [RouteController::class, 'facts']);
        Route::post('/parts/{part}/route', [RouteController::class, 'change']);
        Route::post('/parts/{part}/ways', [RouteController::class, 'ways']);
        Route::post('/parts/{part}/signatures', [RouteController::class, 'sign']);
        Route::post('/signatures/{signature}/withdraw', [RouteController::class, 'unsign']);
        Route::post('/parts/{part}/strip-way', [StripController::class, 'choose']);
        Route::post('/lots/{lot}/strip-clock', [StripController::class, 'start']);
        Route::post('/lots/{lot}/wash-clock', [WashController::class, 'start']);
        Route::post('/bath-log', [WashController::class, 'reading']);
        Route::post('/clocks/{clock}/done', [ClockController::class, 'done']);
        Route::post('/air', [ClockController::class, 'air']);
        Route::post('/logbook/{entry}/withdraw', [ClockController::class, 'withdraw']);
        Route::post('/lots/{lot}/blasted', [BlastController::class, 'blasted']);
        Route::post('/lots/{lot}/sweep-again', [BlastController::class, 'sweepAgain']);
        Route::post('/media-log', [BlastController::class, 'media']);
        Route::post('/bake-outs', [BakeOutController::class, 'hang']);
        Route::post('/bake-outs/{bakeOut}/set', [BakeOutController::class, 'set']);
        Route::post('/bake-outs/{bakeOut}/look', [BakeOutController::class, 'look']);
        Route::post('/bake-outs/{bakeOut}/ride', [BakeOutController::class, 'ride']);
        Route::post('/bake-outs/{bakeOut}/shut', [BakeOutController::class, 'shut']);
        Route::post('/bake-outs/{bakeOut}/pull', [BakeOutController::class, 'pull']);
        Route::post('/bake-outs/{bakeOut}/withdraw', [BakeOutController::class, 'withdraw']);
        Route::post('/pins/{pin}/fit', [MaskController::class, 'fit']);
        Route::post('/pins/{pin}/bare', [MaskController::class, 'bare']);
        Route::post('/fittings/{fitting}/off', [MaskController::class, 'off']);
        Route::post('/fittings/{fitting}/withdraw', [MaskController::class, 'withdraw']);
        Route::post('/lots/{lot}/hang', [MaskController::class, 'hang']);
        Route::post('/lots/{lot}/ground', [MaskController::class, 'ground']);
        Route::post('/hooks', [MaskController::class, 'hooksCleaned']);
        Route::post('/masks', [MaskController::class, 'stock']);
        Route::post('/masks/{mask}/retire', [MaskController::class, 'retire']);
        Route::post('/practice/{exercise}/start', [PracticeController::class, 'start']);
        Route::post('/practice/{exercise}/move', [PracticeController::class, 'move']);
        Route::post('/jobs/{job}/decline', [StationController::class, 'decline']);

        Route::post('/bakes', [BakeController::class, 'hang']);
        Route::post('/bakes/{bake}/adjust', [BakeController::class, 'adjust']);
        Route::post('/bakes/{bake}/best', [BakeController::class, 'best']);
        Route::post('/bakes/{bake}/split', [BakeController::class, 'split']);
        Route::post('/bakes/{bake}/shut', [FloorController::class, 'shut']);
        Route::post('/loads/{load}/events', [FloorController::class, 'event']);
        Route::post('/loads/{load}/readings', [FloorController::class, 'read']);
        Route::get('/loads/{load}/thermometer', [FloorController::class, 'thermometer']);
        Route::post('/bakes/{bake}/items/{item}/out', [FloorController::class, 'takeOut']);
        Route::post('/bakes/{bake}/items/{item}/in', [FloorController::class, 'neverLeft']);
        Route::post('/bakes/{bake}/pull', [FloorController::class, 'pull']);
        Route::post('/bakes/{bake}/withdraw', [FloorController::class, 'withdraw']);
        Route::post('/readings/{reading}/withdraw', [FloorController::class, 'withdrawReading']);
        Route::post('/events/{event}/withdraw', [FloorController::class, 'withdrawEvent']);

        Route::post('/coats/{coat}/solvent-rub', [InspectController::class, 'solventRub']);
        Route::post('/coats/{coat}/film', [InspectController::class, 'film']);

        Route::get('/powders/create', [ShelfController::class, 'createPowder']);
        Route::post('/powders', [ShelfController::class, 'storePowder']);
        Route::get('/powders/{powder}/edit', [ShelfController::class, 'editPowder']);
        Route::put('/powders/{powder}', [ShelfController::class, 'updatePowder']);
        Route::post('/powders/{powder}/retire', [ShelfController::class, 'retirePowder']);

        Route::post('/bakes/{bake}/logs', [LoggerController::class, 'keep']);
        Route::post('/bake-logs/{log}/withdraw', [LoggerController::class, 'withdraw']);
        Route::post('/demo-clock', [HouseController::class, 'advanceClock']);
    });

    Route::middleware(['can:manage', HoldFirst::class, SeesBoth::class])->group(function (): void {
        Route::get('/ovens/create', [ShelfController::class, 'createOven']);
        Route::post('/ovens', [ShelfController::class, 'storeOven']);
        Route::get('/ovens/{oven}/edit', [ShelfController::class, 'editOven']);
        Route::put('/ovens/{oven}', [ShelfController::class, 'updateOven']);
        Route::post('/ovens/{oven}/fit', [LoggerController::class, 'takeFit']);
        Route::post('/ovens/{oven}/forget', [LoggerController::class, 'forgetFit']);
        Route::get('/shop', [HouseController::class, 'shop']);
        Route::put('/shop', [HouseController::class, 'updateShop']);
        Route::get('/people', [HouseController::class, 'people']);
        Route::post('/people', [HouseController::class, 'addPerson']);
        Route::put('/people/{person}', [HouseController::class, 'changePerson']);
    });
});

<?php

declare(strict_types=1);

use App\Http\Controllers\BakeController;
use App\Http\Controllers\BakeOutController;
use App\Http\Controllers\BlastController;
use App\Http\Controllers\BoothController;
use App\Http\Controllers\ClockController;
use App\Http\Controllers\CoatController;
use App\Http\Controllers\CustomerRecordController;
use App\Http\Controllers\DayController;
use App\Http\Controllers\DeviceController;
use App\Http\Controllers\FaultController;
use App\Http\Controllers\FirstRunController;
use App\Http\Controllers\FloorController;
use App\Http\Controllers\GunController;
use App\Http\Controllers\HealthController;
use App\Http\Controllers\HereController;
use App\Http\Controllers\HoursController;
use App\Http\Controllers\HouseController;
use App\Http\Controllers\InspectController;
use App\Http\Controllers\JobController;
use App\Http\Controllers\LearnController;
use App\Http\Controllers\LoggerController;
use App\Http\Controllers\LotController;
use App\Http\Controllers\MaskController;
use App\Http\Controllers\MeController;
use App\Http\Controllers\PartBenchController;
use App\Http\Controllers\PeopleController;
use App\Http\Controllers\PinController;
use App\Http\Controllers\PowderController;
use App\Http\Controllers\PracticeController;
use App\Http\Controllers\QuoteController;
use App\Http\Controllers\RailController;
use App\Http\Controllers\RecordController;
use App\Http\Controllers\ReleaseController;
use App\Http\Controllers\RouteController;
use App\Http\Controllers\ShelfController;
use App\Http\Controllers\SignInController;
use App\Http\Controllers\StationController;
use App\Http\Controllers\StripController;
use App\Http\Controllers\TabletController;
use App\Http\Controllers\TrailController;
use App\Http\Controllers\TrustController;
use App\Http\Controllers\WashController;
use App\Http\Middleware\HoldFirst;
use App\Http\Middleware\SeesBoth;
use App\Http\Middleware\StillWorksHere;
use Illuminate\Http\RedirectResponse;
use Illuminate\Support\Facades\Route;

Route::pattern('exercise', '[a-z_]{1,30}');
Route::pattern('drill', '[a-z_]{1,30}');
Route::pattern('station', '[a-z0-9-]{1,30}');
Route::pattern('secret', '[A-Za-z0-9_-]{43}');
foreach (['absence', 'at', 'bag', 'bake', 'bakeOut', 'bench', 'clock', 'coat', 'device', 'entry', 'event', 'fault',
    'feed', 'fitting', 'gun', 'item', 'job', 'line', 'load', 'log', 'look', 'lot', 'mask', 'master', 'oven', 'panel',
    'part', 'person', 'picture', 'pin', 'powder', 'powderLot', 'quote', 'reading', 'recordLink', 'rework', 'signature',
    'spraying', 'tablet', 'wish', 'zone'] as $number) {
    Route::pattern($number, '[0-9]{1,9}');
}

Route::get('/health', HealthController::class)->withoutMiddleware('web');
Route::get('/trust', [TrustController::class, 'show'])->withoutMiddleware('web');
Route::get('/trust/certificate', [TrustController::class, 'certificate'])->withoutMiddleware('web');

// Who a tablet's pages are from, and the mark their forms carry now: asked before what waited there is sent.
Route::get('/here', HereController::class);

// A calendar signs in nowhere: its address is its right, and it can be taken back.
Route::middleware('throttle:60,1')->get('/calendar/{secret}.ics', [DayController::class, 'calendar']);

// A customer's own copy: nobody signs in for it, and nothing else is to be had there.
Route::middleware('throttle:60,1')->prefix('/r/{secret}')->group(function (): void {
    Route::get('/', [CustomerRecordController::class, 'sheet']);
    Route::get('/record.pdf', [CustomerRecordController::class, 'pdf']);
});

Route::middleware('guest')->group(function (): void {
    Route::get('/sign-in', [SignInController::class, 'show'])->name('login');
    Route::post('/sign-in', [SignInController::class, 'signIn']);
    Route::get('/sign-in/code', [SignInController::class, 'showCode']);
    Route::post('/sign-in/code', [SignInController::class, 'useCode']);
    Route::get('/tablet', [TabletController::class, 'show']);
    Route::post('/tablet', [TabletController::class, 'signOn']);
    Route::get('/first-run', [FirstRunController::class, 'show']);
    Route::post('/first-run', [FirstRunController::class, 'open']);
});

Route::middleware(['auth', StillWorksHere::class])->group(function (): void {
    Route::post('/sign-out', [SignInController::class, 'signOut']);
    Route::get('/me', [MeController::class, 'show']);
    Route::put('/me', [MeController::class, 'update']);
    Route::put('/me/password', [MeController::class, 'password']);
    Route::put('/me/pin', [MeController::class, 'pin']);
    Route::post('/me/sessions/end', [MeController::class, 'endSessions']);
    Route::get('/jobs/{job}/trail', [TrailController::class, 'job']);
    Route::get('/ovens/{oven}/trail', [TrailController::class, 'oven']);
    Route::get('/powders/{powder}/trail', [TrailController::class, 'powder']);

    Route::get('/devices', [DeviceController::class, 'index']);
    Route::get('/devices/door', [DeviceController::class, 'door']);
    Route::post('/devices', [DeviceController::class, 'store']);
    Route::post('/devices/{device}/withdraw', [DeviceController::class, 'withdraw']);

    Route::get('/', RailController::class);
    Route::get('/find', [RailController::class, 'find']);
    Route::get('/day', [DayController::class, 'show']);
    Route::get('/day/mine', [DayController::class, 'mine']);
    Route::get('/day/sheet', [DayController::class, 'sheet']);
    Route::get('/day/late/{lot}', [DayController::class, 'waysOut']);
    Route::get('/day/what-if', [DayController::class, 'whatIf']);
    Route::get('/station/strip', [StripController::class, 'show']);
    Route::get('/station/blast', [BlastController::class, 'show']);
    Route::get('/station/bake-out', [BakeOutController::class, 'show']);
    Route::get('/station/wash', [WashController::class, 'show']);
    Route::get('/station/coat', [CoatController::class, 'show']);
    Route::get('/station/mask-and-hang', [MaskController::class, 'show']);
    Route::get('/station/inspect', [InspectController::class, 'show']);
    Route::get('/station/release', [ReleaseController::class, 'show']);
    Route::get('/practice', [PracticeController::class, 'index']);
    Route::get('/practice/checklist', [PracticeController::class, 'checklist']);
    Route::get('/practice/booth', [BoothController::class, 'index']);
    Route::get('/practice/booth/{drill}', [BoothController::class, 'show']);
    Route::get('/practice/{exercise}', [PracticeController::class, 'show']);
    Route::get('/station/{station}', [StationController::class, 'show']);
    Route::get('/jobs/{job}', [JobController::class, 'show']);
    Route::get('/jobs/{job}/quote', [QuoteController::class, 'show']);
    Route::get('/quotes', [QuoteController::class, 'index']);
    Route::get('/quotes/{quote}', [QuoteController::class, 'told']);
    Route::get('/quotes/{quote}/quote.pdf', [QuoteController::class, 'pdf']);
    Route::get('/quote-policies', [QuoteController::class, 'policies']);
    Route::get('/faults', [FaultController::class, 'index']);
    Route::get('/faults/{fault}', [FaultController::class, 'show']);
    Route::get('/learn', LearnController::class);
    Route::get('/jobs/{job}/record', [RecordController::class, 'full']);
    Route::get('/jobs/{job}/sheet', [RecordController::class, 'sheet']);
    Route::get('/jobs/{job}/sheet.pdf', [RecordController::class, 'pdf']);
    Route::get('/jobs/{job}/care', [RecordController::class, 'care']);
    Route::get('/jobs/{job}/record.json', [RecordController::class, 'json']);
    Route::get('/jobs/{job}/readings.csv', [RecordController::class, 'readings']);
    Route::get('/jobs/{job}/curves.csv', [RecordController::class, 'curves']);
    Route::get('/bakes/{bake}', [BakeController::class, 'show']);
    Route::get('/bakes/{bake}/board', [BakeController::class, 'board']);
    Route::get('/bakes/{bake}/choices', [BakeController::class, 'choices']);
    Route::get('/powders', [ShelfController::class, 'powders']);
    Route::get('/powders/{powder}', [PowderController::class, 'show']);
    Route::get('/powder-lots/{powderLot}/card', [PowderController::class, 'card']);
    Route::get('/powder-pictures/{look}', [PowderController::class, 'image']);
    Route::get('/ovens', [ShelfController::class, 'ovens']);
    Route::get('/guns', [GunController::class, 'index']);
    Route::get('/rules', [RouteController::class, 'rules']);
    Route::get('/parts/{part}/route', [RouteController::class, 'show']);
    Route::get('/parts/{part}/bench', [PartBenchController::class, 'show']);
    Route::get('/parts/{part}/facets', [PartBenchController::class, 'facets']);
    Route::get('/parts/{part}/pins', [PinController::class, 'show']);
    Route::get('/parts/{part}/agreement', [RouteController::class, 'agreement']);
    Route::get('/pictures/{picture}', [PinController::class, 'image']);
    Route::get('/library', [PartBenchController::class, 'library']);
    Route::get('/parts', fn (): RedirectResponse => redirect('/library'));
    Route::get('/metal', [RouteController::class, 'metal']);
    Route::get('/jobs/{job}/card', [JobController::class, 'card']);

    // What is practised touches nothing of the shop, so that nobody waits for it.
    Route::middleware('can:work')->prefix('/practice/booth/{drill}')->group(function (): void {
        Route::post('/start', [BoothController::class, 'start']);
        Route::post('/stroke', [BoothController::class, 'stroke']);
        Route::post('/judge', [BoothController::class, 'judge']);
        Route::post('/measured', [BoothController::class, 'measured']);
    });

    Route::middleware(['can:work', HoldFirst::class, SeesBoth::class])->group(function (): void {
        Route::post('/jobs/{job}/quotes', [QuoteController::class, 'store']);
        Route::post('/quotes/{quote}/answer', [QuoteController::class, 'answer']);
        Route::post('/quote-lines/{line}/took', [QuoteController::class, 'took']);
        Route::post('/day/anew', [DayController::class, 'anew']);
        Route::post('/day/away', [DayController::class, 'away']);
        Route::post('/absences/{absence}/withdraw', [DayController::class, 'back']);
        Route::post('/wishes/{wish}/withdraw', [DayController::class, 'unwish']);
        Route::post('/day/wishes', [DayController::class, 'wish']);
        Route::post('/calendar-feeds', [DayController::class, 'feed']);
        Route::post('/calendar-feeds/{feed}/withdraw', [DayController::class, 'unfeed']);
        Route::get('/jobs/create', [JobController::class, 'create']);
        Route::post('/jobs', [JobController::class, 'store']);
        Route::get('/jobs/{job}/edit', [JobController::class, 'edit']);
        Route::put('/jobs/{job}', [JobController::class, 'update']);
        Route::get('/lots/{lot}/leave', [LotController::class, 'leave']);
        Route::post('/lots/{lot}/go', [LotController::class, 'go']);
        Route::post('/lots/{lot}/send', [LotController::class, 'send']);
        Route::post('/lots/{lot}/metal-temperature', [LotController::class, 'metalTemperature']);
        Route::post('/lots/{lot}/tick', [LotController::class, 'tick']);
        Route::post('/lots/{lot}/reopen', [LotController::class, 'reopen']);
        Route::post('/lots/{lot}/coated', [LotController::class, 'coated']);
        Route::post('/lots/{lot}/weigh', [CoatController::class, 'weigh']);
        Route::post('/sprayings/{spraying}/zones/{zone}', [CoatController::class, 'tick']);
        Route::post('/sprayings/{spraying}/checks', [CoatController::class, 'check']);
        Route::post('/sprayings/{spraying}/done', [CoatController::class, 'done']);
        Route::post('/sprayings/{spraying}/blow-off', [CoatController::class, 'blowOff']);
        Route::get('/sprayings/{spraying}/gauge', [CoatController::class, 'gauge']);
        Route::get('/scale', [CoatController::class, 'scale']);
        Route::post('/earth-checks', [CoatController::class, 'earth']);
        Route::post('/lots/{lot}/drain-clock', [CoatController::class, 'drain']);
        Route::post('/colour-changes', [CoatController::class, 'changed']);
        Route::post('/lots/{lot}/split', [LotController::class, 'split']);
        Route::post('/lots/{lot}/into', [LotController::class, 'into']);
        Route::post('/lots/{lot}/join', [LotController::class, 'join']);
        Route::post('/lots/{lot}/scrap', [LotController::class, 'scrap']);
        Route::post('/lots/{lot}/release', [ReleaseController::class, 'release']);
        Route::post('/lots/{lot}/looks', [InspectController::class, 'look']);
        Route::post('/lots/{lot}/looks/all', [InspectController::class, 'lookAll']);
        Route::post('/looks/{look}/withdraw', [InspectController::class, 'unlook']);
        Route::get('/lots/{lot}/gauge', [InspectController::class, 'gauge']);
        Route::get('/lots/{lot}/faults/create', [FaultController::class, 'create']);
        Route::post('/lots/{lot}/faults', [FaultController::class, 'store']);
        Route::post('/faults/{fault}/opened', [FaultController::class, 'opened']);
        Route::post('/faults/{fault}/mend', [FaultController::class, 'mend']);
        Route::post('/faults/{fault}/lies-on', [FaultController::class, 'lieOn']);
        Route::post('/faults/{fault}/close', [FaultController::class, 'close']);
        Route::post('/faults/{fault}/withdraw', [FaultController::class, 'withdraw']);
        Route::post('/reworks/{rework}/withdraw', [FaultController::class, 'takeBack']);
        Route::post('/jobs/{job}/supplements', [RecordController::class, 'supplement']);
        Route::post('/jobs/{job}/links', [RecordController::class, 'link']);
        Route::post('/record-links/{recordLink}/withdraw', [RecordController::class, 'withdrawLink']);
        Route::get('/jobs/{job}/parts/create', [JobController::class, 'createPart']);
        Route::post('/jobs/{job}/parts', [JobController::class, 'storePart']);
        Route::match(['post', 'put'], '/jobs/{job}/metal', [JobController::class, 'askMetal']);
        Route::get('/parts/{part}/edit', [JobController::class, 'editPart']);
        Route::put('/parts/{part}', [JobController::class, 'updatePart']);
        Route::post('/parts/{part}/withdraw', [JobController::class, 'withdrawPart']);

        Route::post('/parts/{part}/shapes', [PartBenchController::class, 'add']);
        Route::post('/parts/{part}/shapes/take', [PartBenchController::class, 'take']);
        Route::post('/parts/{part}/shapes/copy', [PartBenchController::class, 'copy']);
        Route::post('/parts/{part}/shapes/{at}/drop', [PartBenchController::class, 'drop']);
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
        Route::post('/parts/{part}/remedies', [RouteController::class, 'remedy']);
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
        Route::post('/fittings/{fitting}/off', [MaskController::class, 'off']);
        Route::post('/fittings/{fitting}/withdraw', [MaskController::class, 'withdraw']);
        Route::post('/lots/{lot}/hang', [MaskController::class, 'hang']);
        Route::post('/lots/{lot}/ground', [MaskController::class, 'ground']);
        Route::post('/hooks', [MaskController::class, 'hooksCleaned']);
        Route::post('/masks', [MaskController::class, 'stock']);
        Route::post('/masks/{mask}/count', [MaskController::class, 'count']);
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
        Route::post('/coats/{coat}/cross-cut', [InspectController::class, 'crossCut']);
        Route::post('/coats/{coat}/gloss', [InspectController::class, 'gloss']);
        Route::post('/coats/{coat}/colour', [InspectController::class, 'colour']);

        Route::get('/powders/create', [ShelfController::class, 'createPowder']);
        Route::post('/powders', [ShelfController::class, 'storePowder']);
        Route::get('/powders/{powder}/edit', [ShelfController::class, 'editPowder']);
        Route::put('/powders/{powder}', [ShelfController::class, 'updatePowder']);
        Route::post('/powders/{powder}/retire', [ShelfController::class, 'retirePowder']);
        Route::post('/powders/{powder}/lots', [PowderController::class, 'addLot']);
        Route::post('/powder-lots/{powderLot}', [PowderController::class, 'changeLot']);
        Route::post('/powders/{powder}/panels', [PowderController::class, 'panel']);
        Route::post('/panels/{panel}/withdraw', [PowderController::class, 'withdrawPanel']);
        Route::post('/powders/{powder}/masters', [PowderController::class, 'master']);
        Route::post('/masters/{master}/withdraw', [PowderController::class, 'withdrawMaster']);
        Route::post('/powders/{powder}/looks', [PowderController::class, 'look']);
        Route::post('/powder-pictures/{look}/withdraw', [PowderController::class, 'withdrawLook']);

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
        Route::get('/guns/create', [GunController::class, 'create']);
        Route::post('/guns', [GunController::class, 'store']);
        Route::get('/guns/{gun}/edit', [GunController::class, 'edit']);
        Route::put('/guns/{gun}', [GunController::class, 'update']);
        Route::post('/guns/{gun}/retire', [GunController::class, 'retire']);
        Route::post('/guns/{gun}/programs', [GunController::class, 'program']);
        Route::put('/booth', [GunController::class, 'booth']);
        Route::post('/quote-policies', [QuoteController::class, 'keepPolicies']);
        Route::get('/hours', [HoursController::class, 'show']);
        Route::put('/hours', [HoursController::class, 'update']);
        Route::put('/hours/{person}', [HoursController::class, 'person']);
        Route::post('/benches', [HoursController::class, 'addBench']);
        Route::post('/benches/{bench}/retire', [HoursController::class, 'retireBench']);
        Route::get('/shop', [HouseController::class, 'shop']);
        Route::put('/shop', [HouseController::class, 'updateShop']);
        Route::get('/set-up', [FirstRunController::class, 'steps']);
        Route::post('/set-up', [FirstRunController::class, 'done']);
        Route::get('/people', [PeopleController::class, 'index']);
        Route::post('/people', [PeopleController::class, 'add']);
        Route::put('/people/{person}', [PeopleController::class, 'change']);
        Route::post('/people/{person}/code', [PeopleController::class, 'code']);
        Route::post('/people/{person}/sessions/end', [PeopleController::class, 'endSessions']);
        Route::get('/people/{person}/trail', [TrailController::class, 'person']);
        Route::post('/tablets', [PeopleController::class, 'shareTablet']);
        Route::post('/tablets/{tablet}/withdraw', [PeopleController::class, 'withdrawTablet']);
    });
});

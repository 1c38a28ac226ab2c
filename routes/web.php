<?php

declare(strict_types=1);

use App\Accounts\Http\Controllers\FirstRunController;
use App\Accounts\Http\Controllers\PeopleController;
use App\Accounts\Http\Controllers\ProfileController;
use App\Accounts\Http\Controllers\ShopController;
use App\Accounts\Http\Controllers\SignInController;
use App\Accounts\Http\Controllers\TabletController;
use App\Application\Http\Controllers\CoatController;
use App\Catalog\Http\Controllers\GunController;
use App\Catalog\Http\Controllers\PowderController;
use App\Catalog\Http\Controllers\ShelfController;
use App\Curing\Http\Controllers\BakeController;
use App\Curing\Http\Controllers\BakeOutController;
use App\Curing\Http\Controllers\LoadController;
use App\Curing\Http\Controllers\LoggerController;
use App\DeviceApi\Http\Controllers\DeviceTokenController;
use App\Inspection\Http\Controllers\DefectController;
use App\Inspection\Http\Controllers\InspectController;
use App\Inspection\Http\Controllers\StatisticsController;
use App\Intake\Http\Controllers\JobController;
use App\Intake\Http\Controllers\PartGeometryController;
use App\Intake\Http\Controllers\PinController;
use App\Platform\Concurrency\LockBoundModels;
use App\Platform\Concurrency\ResolveEditConflict;
use App\Platform\Http\Controllers\AuditLogController;
use App\Platform\Http\Controllers\HealthController;
use App\Platform\Http\Controllers\LegacyPathController;
use App\Platform\Http\Controllers\OfflineStatusController;
use App\Platform\Http\Controllers\TrustController;
use App\Preparation\Http\Controllers\BlastController;
use App\Preparation\Http\Controllers\MaskController;
use App\Preparation\Http\Controllers\StripController;
use App\Preparation\Http\Controllers\TimerController;
use App\Preparation\Http\Controllers\WashController;
use App\Quoting\Http\Controllers\QuoteController;
use App\Release\Http\Controllers\CustomerRecordController;
use App\Release\Http\Controllers\RecordController;
use App\Release\Http\Controllers\ReleaseController;
use App\Routing\Http\Controllers\RouteController;
use App\Scheduling\Http\Controllers\DayController;
use App\Scheduling\Http\Controllers\WorkHoursController;
use App\ShopFloor\Http\Controllers\BatchController;
use App\ShopFloor\Http\Controllers\ShopBoardController;
use App\ShopFloor\Http\Controllers\StationController;
use App\Training\Http\Controllers\BoothController;
use App\Training\Http\Controllers\PracticeController;
use Illuminate\Http\RedirectResponse;
use Illuminate\Support\Facades\Route;

Route::pattern('exercise', '[a-z_]{1,30}');
Route::pattern('drill', '[a-z_]{1,30}');
Route::pattern('station', '[a-z0-9-]{1,30}');
Route::pattern('secret', '[A-Za-z0-9_-]{43}');
$numbers = [
    'absence', 'application', 'at', 'bag', 'bake', 'bakeOut', 'batch', 'bench', 'check', 'clock', 'coat', 'defect',
    'device', 'entry', 'event', 'feed', 'gun', 'item', 'job', 'line', 'load', 'log', 'look', 'mask', 'oven', 'panel',
    'part', 'person', 'picture', 'pin', 'powder', 'powderLot', 'preference', 'quote', 'reading', 'recordLink',
    'rework', 'signature', 'spraying', 'standard', 'tablet', 'zone',
];
foreach ($numbers as $number) {
    Route::pattern($number, '[0-9]{1,9}');
}

Route::get('/health', HealthController::class)->withoutMiddleware('web');
Route::get('/trust', [TrustController::class, 'show'])->withoutMiddleware('web');
Route::get('/trust/certificate', [TrustController::class, 'certificate'])->withoutMiddleware('web');

Route::any('/{moved}/{rest?}', LegacyPathController::class)->where('moved', LegacyPathController::SEGMENTS)
    ->where('rest', '[A-Za-z0-9/_-]{1,100}')->withoutMiddleware('web');
foreach (LegacyPathController::PATHS as $path) {
    Route::any("/{$path}", LegacyPathController::class)->where('id', '[0-9]{1,9}')->withoutMiddleware('web');
}

// Who a tablet's pages are from, and the mark their forms carry now: asked before what waited there is sent.
Route::get('/here', OfflineStatusController::class);

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

Route::middleware('auth')->group(function (): void {
    Route::post('/sign-out', [SignInController::class, 'signOut']);
    Route::get('/me', [ProfileController::class, 'show']);
    Route::put('/me', [ProfileController::class, 'update']);
    Route::put('/me/password', [ProfileController::class, 'password']);
    Route::put('/me/pin', [ProfileController::class, 'pin']);
    Route::post('/me/sessions/end', [ProfileController::class, 'endSessions']);
    Route::get('/jobs/{job}/history', [AuditLogController::class, 'job']);
    Route::get('/ovens/{oven}/history', [AuditLogController::class, 'oven']);
    Route::get('/powders/{powder}/history', [AuditLogController::class, 'powder']);

    Route::get('/devices', [DeviceTokenController::class, 'index']);
    Route::get('/devices/api', [DeviceTokenController::class, 'api']);
    Route::post('/devices', [DeviceTokenController::class, 'store']);
    Route::post('/devices/{device}/withdraw', [DeviceTokenController::class, 'withdraw']);

    Route::get('/', ShopBoardController::class);
    Route::get('/find', [ShopBoardController::class, 'find']);
    Route::get('/day', [DayController::class, 'show']);
    Route::get('/day/mine', [DayController::class, 'mine']);
    Route::get('/day/sheet', [DayController::class, 'sheet']);
    Route::get('/day/late/{batch}', [DayController::class, 'waysOut']);
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
    Route::get('/defects', [DefectController::class, 'index']);
    Route::get('/defects/{defect}', [DefectController::class, 'show']);
    Route::get('/learn', StatisticsController::class);
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
    Route::get('/parts/{part}/bench', [PartGeometryController::class, 'show']);
    Route::get('/parts/{part}/facets', [PartGeometryController::class, 'facets']);
    Route::get('/parts/{part}/pins', [PinController::class, 'show']);
    Route::get('/parts/{part}/agreement', [RouteController::class, 'agreement']);
    Route::get('/pictures/{picture}', [PinController::class, 'image']);
    Route::get('/library', [PartGeometryController::class, 'library']);
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

    Route::middleware(['can:work', LockBoundModels::class, ResolveEditConflict::class])->group(function (): void {
        Route::post('/jobs/{job}/quotes', [QuoteController::class, 'store']);
        Route::post('/quotes/{quote}/answer', [QuoteController::class, 'answer']);
        Route::post('/quote-lines/{line}/took', [QuoteController::class, 'took']);
        Route::post('/day/anew', [DayController::class, 'replan']);
        Route::post('/day/away', [DayController::class, 'away']);
        Route::post('/absences/{absence}/withdraw', [DayController::class, 'back']);
        Route::post('/scheduling-preferences/{preference}/withdraw', [DayController::class, 'unwish']);
        Route::post('/day/preferences', [DayController::class, 'wish']);
        Route::post('/calendar-feeds', [DayController::class, 'feed']);
        Route::post('/calendar-feeds/{feed}/withdraw', [DayController::class, 'unfeed']);
        Route::get('/jobs/create', [JobController::class, 'create']);
        Route::post('/jobs', [JobController::class, 'store']);
        Route::get('/jobs/{job}/edit', [JobController::class, 'edit']);
        Route::put('/jobs/{job}', [JobController::class, 'update']);
        Route::get('/batches/{batch}/leave', [BatchController::class, 'leave']);
        Route::post('/batches/{batch}/go', [BatchController::class, 'go']);
        Route::post('/batches/{batch}/send', [BatchController::class, 'send']);
        Route::post('/batches/{batch}/metal-temperature', [BatchController::class, 'metalTemperature']);
        Route::post('/batches/{batch}/tick', [BatchController::class, 'tick']);
        Route::post('/batches/{batch}/reopen', [BatchController::class, 'reopen']);
        Route::post('/batches/{batch}/coated', [BatchController::class, 'coated']);
        Route::post('/batches/{batch}/weigh', [CoatController::class, 'weigh']);
        Route::post('/sprayings/{spraying}/zones/{zone}', [CoatController::class, 'tick']);
        Route::post('/sprayings/{spraying}/checks', [CoatController::class, 'check']);
        Route::post('/sprayings/{spraying}/done', [CoatController::class, 'done']);
        Route::post('/sprayings/{spraying}/blow-off', [CoatController::class, 'blowOff']);
        Route::get('/sprayings/{spraying}/gauge', [CoatController::class, 'gauge']);
        Route::get('/scale', [CoatController::class, 'scale']);
        Route::post('/ground-checks', [CoatController::class, 'ground']);
        Route::post('/batches/{batch}/drain-clock', [CoatController::class, 'drain']);
        Route::post('/color-changes', [CoatController::class, 'changed']);
        Route::post('/batches/{batch}/split', [BatchController::class, 'split']);
        Route::post('/batches/{batch}/into', [BatchController::class, 'into']);
        Route::post('/batches/{batch}/join', [BatchController::class, 'join']);
        Route::post('/batches/{batch}/scrap', [BatchController::class, 'scrap']);
        Route::post('/batches/{batch}/release', [ReleaseController::class, 'release']);
        Route::post('/batches/{batch}/inspection-checks', [InspectController::class, 'look']);
        Route::post('/batches/{batch}/inspection-checks/all', [InspectController::class, 'lookAll']);
        Route::post('/inspection-checks/{check}/withdraw', [InspectController::class, 'unlook']);
        Route::get('/batches/{batch}/gauge', [InspectController::class, 'gauge']);
        Route::get('/batches/{batch}/defects/create', [DefectController::class, 'create']);
        Route::post('/batches/{batch}/defects', [DefectController::class, 'store']);
        Route::post('/defects/{defect}/opened', [DefectController::class, 'opened']);
        Route::post('/defects/{defect}/disposition', [DefectController::class, 'decide']);
        Route::post('/defects/{defect}/batch', [DefectController::class, 'moveToBatch']);
        Route::post('/defects/{defect}/close', [DefectController::class, 'close']);
        Route::post('/defects/{defect}/withdraw', [DefectController::class, 'withdraw']);
        Route::post('/reworks/{rework}/withdraw', [DefectController::class, 'withdrawRework']);
        Route::post('/jobs/{job}/supplements', [RecordController::class, 'supplement']);
        Route::post('/jobs/{job}/links', [RecordController::class, 'link']);
        Route::post('/record-links/{recordLink}/withdraw', [RecordController::class, 'withdrawLink']);
        Route::get('/jobs/{job}/parts/create', [JobController::class, 'createPart']);
        Route::post('/jobs/{job}/parts', [JobController::class, 'storePart']);
        Route::match(['post', 'put'], '/jobs/{job}/metal', [JobController::class, 'askMetal']);
        Route::get('/parts/{part}/edit', [JobController::class, 'editPart']);
        Route::put('/parts/{part}', [JobController::class, 'updatePart']);
        Route::post('/parts/{part}/withdraw', [JobController::class, 'withdrawPart']);

        Route::post('/parts/{part}/shapes', [PartGeometryController::class, 'add']);
        Route::post('/parts/{part}/shapes/take', [PartGeometryController::class, 'take']);
        Route::post('/parts/{part}/shapes/copy', [PartGeometryController::class, 'copy']);
        Route::post('/parts/{part}/shapes/{at}/drop', [PartGeometryController::class, 'drop']);
        Route::post('/parts/{part}/mesh', [PartGeometryController::class, 'mesh']);
        Route::post('/parts/{part}/mesh/drop', [PartGeometryController::class, 'dropMesh']);
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
        Route::post('/batches/{batch}/strip-clock', [StripController::class, 'start']);
        Route::post('/batches/{batch}/wash-clock', [WashController::class, 'start']);
        Route::post('/bath-log', [WashController::class, 'reading']);
        Route::post('/clocks/{clock}/done', [TimerController::class, 'done']);
        Route::post('/air', [TimerController::class, 'air']);
        Route::post('/logbook/{entry}/withdraw', [TimerController::class, 'withdraw']);
        Route::post('/batches/{batch}/blasted', [BlastController::class, 'blasted']);
        Route::post('/batches/{batch}/sweep-again', [BlastController::class, 'sweepAgain']);
        Route::post('/media-log', [BlastController::class, 'media']);
        Route::post('/bake-outs', [BakeOutController::class, 'hang']);
        Route::post('/bake-outs/{bakeOut}/set', [BakeOutController::class, 'set']);
        Route::post('/bake-outs/{bakeOut}/look', [BakeOutController::class, 'look']);
        Route::post('/bake-outs/{bakeOut}/ride', [BakeOutController::class, 'ride']);
        Route::post('/bake-outs/{bakeOut}/shut', [BakeOutController::class, 'shut']);
        Route::post('/bake-outs/{bakeOut}/pull', [BakeOutController::class, 'pull']);
        Route::post('/bake-outs/{bakeOut}/withdraw', [BakeOutController::class, 'withdraw']);
        Route::post('/pins/{pin}/fit', [MaskController::class, 'fit']);
        Route::post('/mask-applications/{application}/off', [MaskController::class, 'off']);
        Route::post('/mask-applications/{application}/withdraw', [MaskController::class, 'withdraw']);
        Route::post('/batches/{batch}/hang', [MaskController::class, 'hang']);
        Route::post('/batches/{batch}/ground', [MaskController::class, 'ground']);
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
        Route::post('/bakes/{bake}/shut', [LoadController::class, 'shut']);
        Route::post('/loads/{load}/events', [LoadController::class, 'event']);
        Route::post('/loads/{load}/readings', [LoadController::class, 'read']);
        Route::get('/loads/{load}/thermometer', [LoadController::class, 'thermometer']);
        Route::post('/bakes/{bake}/items/{item}/out', [LoadController::class, 'takeOut']);
        Route::post('/bakes/{bake}/items/{item}/in', [LoadController::class, 'neverLeft']);
        Route::post('/bakes/{bake}/pull', [LoadController::class, 'pull']);
        Route::post('/bakes/{bake}/withdraw', [LoadController::class, 'withdraw']);
        Route::post('/readings/{reading}/withdraw', [LoadController::class, 'withdrawReading']);
        Route::post('/events/{event}/withdraw', [LoadController::class, 'withdrawEvent']);

        Route::post('/coats/{coat}/solvent-rub', [InspectController::class, 'solventRub']);
        Route::post('/coats/{coat}/film', [InspectController::class, 'film']);
        Route::post('/coats/{coat}/cross-cut', [InspectController::class, 'crossCut']);
        Route::post('/coats/{coat}/gloss', [InspectController::class, 'gloss']);
        Route::post('/coats/{coat}/color', [InspectController::class, 'colour']);

        Route::get('/powders/create', [ShelfController::class, 'createPowder']);
        Route::post('/powders', [ShelfController::class, 'storePowder']);
        Route::get('/powders/{powder}/edit', [ShelfController::class, 'editPowder']);
        Route::put('/powders/{powder}', [ShelfController::class, 'updatePowder']);
        Route::post('/powders/{powder}/retire', [ShelfController::class, 'retirePowder']);
        Route::post('/powders/{powder}/lots', [PowderController::class, 'addLot']);
        Route::post('/powder-lots/{powderLot}', [PowderController::class, 'changeLot']);
        Route::post('/powders/{powder}/panels', [PowderController::class, 'panel']);
        Route::post('/panels/{panel}/withdraw', [PowderController::class, 'withdrawPanel']);
        Route::post('/powders/{powder}/color-standards', [PowderController::class, 'master']);
        Route::post('/color-standards/{standard}/withdraw', [PowderController::class, 'withdrawMaster']);
        Route::post('/powders/{powder}/looks', [PowderController::class, 'look']);
        Route::post('/powder-pictures/{look}/withdraw', [PowderController::class, 'withdrawLook']);

        Route::post('/bakes/{bake}/logs', [LoggerController::class, 'keep']);
        Route::post('/bake-logs/{log}/withdraw', [LoggerController::class, 'withdraw']);
        Route::post('/demo-clock', [ShopController::class, 'advanceClock']);
    });

    Route::middleware(['can:manage', LockBoundModels::class, ResolveEditConflict::class])->group(function (): void {
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
        Route::get('/hours', [WorkHoursController::class, 'show']);
        Route::put('/hours', [WorkHoursController::class, 'update']);
        Route::put('/hours/{person}', [WorkHoursController::class, 'person']);
        Route::post('/benches', [WorkHoursController::class, 'addBench']);
        Route::post('/benches/{bench}/retire', [WorkHoursController::class, 'retireBench']);
        Route::get('/shop', [ShopController::class, 'shop']);
        Route::put('/shop', [ShopController::class, 'updateShop']);
        Route::get('/set-up', [FirstRunController::class, 'steps']);
        Route::post('/set-up', [FirstRunController::class, 'done']);
        Route::get('/people', [PeopleController::class, 'index']);
        Route::post('/people', [PeopleController::class, 'add']);
        Route::put('/people/{person}', [PeopleController::class, 'change']);
        Route::post('/people/{person}/code', [PeopleController::class, 'code']);
        Route::post('/people/{person}/sessions/end', [PeopleController::class, 'endSessions']);
        Route::get('/people/{person}/history', [AuditLogController::class, 'person']);
        Route::post('/tablets', [PeopleController::class, 'shareTablet']);
        Route::post('/tablets/{tablet}/withdraw', [PeopleController::class, 'withdrawTablet']);
    });
});

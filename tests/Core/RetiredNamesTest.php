<?php

declare(strict_types=1);

namespace Tests\Core;

use PHPUnit\Framework\TestCase;

/** Names and phrases that were replaced by standard terms do not come back. */
final class RetiredNamesTest extends TestCase
{
    private const ROOT = __DIR__.'/../../';

    /** Classes. */
    private const CLASSES = <<<'NAMES'
        AloneInTheShop AsAsked BakeBoard BakeOutAim BakeOutBoard BakeOutPicture BakeOutWay BakePicture BakeTold
        BareSteelWatch BathDrawing BenchClock BenchPick BetweenWay BlastBench BoardForAll BothFields BySchema
        ByToken CameOut ChargeKicks ClockController ClockWay ClocksNow CoatBench CoatBoard CoatLog CoatOfLot
        CoatPicture CoatTaught CoatWay ColourChange ColourChanges CoolingClock CoupleLog CureRow DayAim DayBars
        DayBoard DeviceController DoorCall DoorCheck DoorClient DoorController DoorPage DoorRefused DoorTime
        DwellLog EarlyOut EarthChecks EndAccess FacetsOfPart FaultBoard FaultCatalogue FaultCause FaultController
        FaultDrawing FaultFile FaultKind FilesInDatabase FilmPicture FilmTyped FilmWay FindJobs FindPowders
        FirstCost FirstRun FloorController FloorMarks FromTheWaitingLine GalvanisedNeedsBakeOut GalvanisedSweepOnly
        GalvanisedUntreated GoodPassword HandOver HandWay HandsTaken HangBakeOut HangLoad HangWay HasShop
        HeatToCome HeldForChange HeldUpBy HereController HoldFirst HoursController HoursTyped HouseController
        HouseWay HouseWays HungItem InspectBoard InvalidQuantity KeepLive KeepLog KeepPicture KeepQuote KeptPicture
        KnownHost KnowsWhoAsks LastCleanWay LastTime LayerSoFar LearnBoard LearnController LedgerLine LoadOfBake
        LookKind LookLine LookedAt LookedOver LotCoats LotController LotOnDay LotPast LotPause LotShort LotShortSet
        LotSurface LotWalk LotWork MaskingWay MasksOfPart MayGoOn MeController MeansHeld MendFault MendedRoute
        MeshOfPart MetalAgeing MetalMinutes Metals MoveLot NextMove OnIt OnceByKey OneForAll OneGo OneValueEach
        OutOfOrderAnswer OvenBoard OvenFitBoard OvenLesson OvenPicture OvenRoom OwnCurve OwnCurvePicture
        PartBenchController PartFloor PartWay PartWays PersonWay PhosphateOnAluminium PinGround PlanOfDay
        PlayDevices PlayedBake PolicyWay PowderRow QuoteBoard QuoteOfPart RackOfPart RailColumn RailController
        RailTag ReadItem ReadRail RecordOfFault RecordOfLot ReworkWay RideAlong RunClock RustWay SeamWay SeesBoth
        ShapeWords SheetPart SheetPdf ShopDatabase ShopTold SplitLot SprayOrderWay StandIns StepMark StillWorksHere
        StripOfPart StripWay SurfaceWay TakeSomeOut TakenMeanwhile TestWords ThisRequest TickStep TrailController
        TrailLine TwoColourWay TwoColours TwoColoursDeclined UncuredTyped VaporInLoad VoltageWay WaitingLot WashWay
        WayKind WayOff WayOut WayOutlook WaysOut WaysOutOfLate WholeText WipeWay Withdrawn
        NAMES;

    /** Tables and columns. */
    private const STORED = [
        'house_ways', 'part_ways', 'powder_rows', 'step_marks', 'spent_tokens', 'door_answers', 'lot_id', 'from_lot_id',
        'rides_with',
    ];

    /** Phrases of comments, tests and documents. */
    private const PHRASES = [
        'goes again unseen', 'for all who ask', 'the row for oneself', 'only its mark is kept', 'is nothing at all',
        'by a clock from outside', 'who is not there has none', 'told last', 'taking out and putting back',
        'the waiting line', 'read sideways', 'device door',
    ];

    /** Records of earlier releases keep their names. */
    private const RECORDS = '~^(tests/(Feature/PreviousReleaseTest|fixtures/|cases/)'
        .'|docs/(decisions|screenshots|schemas)/)~';

    public function test_retired_names_and_phrases_stay_away(): void
    {
        $names = [...preg_split('~\s+~', trim(self::CLASSES)) ?: [], ...self::STORED];
        $words = implode('|', array_map(preg_quote(...), $names));
        $pattern = "~\\b({$words})\\b|".implode('|', array_map(preg_quote(...), self::PHRASES)).'~';
        $found = [];
        $read = 0;
        foreach (self::files() as $file) {
            $read++;
            foreach (explode("\n", (string) file_get_contents(self::ROOT.$file)) as $n => $line) {
                if (preg_match($pattern, $line, $hit) === 1) {
                    $found[] = "{$file}:".($n + 1)." {$hit[0]}";
                }
            }
        }
        self::assertSame([], $found);
        self::assertGreaterThan(1000, $read);
        self::assertSame(1, preg_match($pattern, '// OneGo once more'));
        self::assertSame(0, preg_match($pattern, '// OneGoal'));
    }

    /** @return list<string> paths below the project */
    private static function files(): array
    {
        $all = [];
        foreach (['app', 'bin', 'bootstrap', 'config', 'core', 'docs', 'lang', 'ops', 'resources', 'routes', 'scripts',
            'tests'] as $folder) {
            $under = new \RecursiveDirectoryIterator(self::ROOT.$folder, \FilesystemIterator::SKIP_DOTS);
            foreach (new \RecursiveIteratorIterator($under) as $file) {
                $path = substr((string) $file, strlen(self::ROOT));
                $isText = preg_match('~\.(php|mjs|js|css|md|sh|sql|conf|json|neon)$|/[^.]+$~', $path) === 1;
                if ($isText && preg_match(self::RECORDS, $path) === 0 && $path !== 'tests/Core/RetiredNamesTest.php') {
                    $all[] = $path;
                }
            }
        }

        return $all;
    }
}

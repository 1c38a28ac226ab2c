<?php

declare(strict_types=1);

namespace Aenum\Core\Job;

use Aenum\Core\Mask\MaskMaterial;
use Aenum\Core\Word\BakeOutWay;
use Aenum\Core\Word\BakeTo;
use Aenum\Core\Word\BeforeClear;
use Aenum\Core\Word\BetweenWay;
use Aenum\Core\Word\CoatWay;
use Aenum\Core\Word\FilmWay;
use Aenum\Core\Word\HandWay;
use Aenum\Core\Word\HangWay;
use Aenum\Core\Word\LastCleanWay;
use Aenum\Core\Word\MaskingWay;
use Aenum\Core\Word\PersonWay;
use Aenum\Core\Word\Role;
use Aenum\Core\Word\RustWay;
use Aenum\Core\Word\SeamWay;
use Aenum\Core\Word\SprayOrderWay;
use Aenum\Core\Word\StripWay;
use Aenum\Core\Word\SurfaceWay;
use Aenum\Core\Word\TwoColourWay;
use Aenum\Core\Word\VoltageWay;
use Aenum\Core\Word\WashWay;
use Aenum\Core\Word\Way;
use Aenum\Core\Word\WipeWay;

/** Where practitioners disagree: the way this shop, or this job, goes. */
final readonly class HouseWays
{
    public function __construct(
        public BakeOutWay $bakeOut = BakeOutWay::ByPart,
        public MaskingWay $masking = MaskingWay::PlugsEarly,
        public LastCleanWay $lastClean = LastCleanWay::ByUse,
        public CoatWay $coat = CoatWay::Cold,
        public BetweenWay $between = BetweenWay::Flow,
        public StripWay $strip = StripWay::ByCoating,
        public RustWay $rust = RustWay::Blast,
        public MaskMaterial $tape = MaskMaterial::Polyimide,
        public SurfaceWay $surface = SurfaceWay::Blast,
        public HangWay $hanging = HangWay::AfterWash,
        public SeamWay $seams = SeamWay::Leave,
        public WashWay $wash = WashWay::Bath,
        public VoltageWay $voltage = VoltageWay::LowAsItTakes,
        public HandWay $hand = HandWay::LongStrokes,
        public SprayOrderWay $order = SprayOrderWay::TopDown,
        public TwoColourWay $twoColours = TwoColourWay::Tape,
        public FilmWay $film = FilmWay::Plain,
        public PersonWay $person = PersonWay::NotByPerson,
        public WipeWay $wipe = WipeWay::BeforeMasking,
    ) {
    }

    /**
     * @return array<string, array{string, non-empty-list<Way>}> question => what is asked, and its ways, the default
     *      first
     */
    public static function questions(): array
    {
        return [
            'bake_out' => ['Where the bake-out goes', BakeOutWay::cases()],
            'masking' => ['When to mask', MaskingWay::cases()],
            'last_clean' => ['The last clean', LastCleanWay::cases()],
            'coat' => ['Coat cold or warm', CoatWay::cases()],
            'between' => ['Between coats', BetweenWay::cases()],
            'strip' => ['Strip or blast first', StripWay::cases()],
            'rust' => ['Rust that is all there is', RustWay::cases()],
            'mask_with' => ['The shop\'s tape', MaskMaterial::TAPES],
            'surface' => ['What gives the film its tooth', SurfaceWay::cases()],
            'hanging' => ['When to hang', HangWay::cases()],
            'seams' => ['Seams', SeamWay::cases()],
            'wash' => ['How to wash', WashWay::cases()],
            'voltage' => ['How high the voltage', VoltageWay::cases()],
            'hand' => ['How the gun is moved', HandWay::cases()],
            'order' => ['In which order faces are sprayed', SprayOrderWay::cases()],
            'two_colours' => ['A second colour', TwoColourWay::cases()],
            'film' => ['How film readings are accepted', FilmWay::cases()],
            'person' => ['What the shop learns is told', PersonWay::cases()],
            'last_wipe' => ['When the last wipe happens', WipeWay::cases()],
        ];
    }

    /** @return array<string, non-empty-list<string>> question => ways as they are stored, the default first */
    public static function choices(): array
    {
        return array_map(
            fn (array $question): array => array_map(fn (Way $way): string => (string) $way->value, $question[1]),
            self::questions(),
        );
    }

    /**
     * As stored; a question without an answer, or with a word this release does not know, has its default.
     *
     * @param  array<string, string>  $stored  question => way
     */
    public static function read(array $stored): self
    {
        $usual = new self();
        $tape = MaskMaterial::tryFrom($stored['mask_with'] ?? '');

        return new self(
            BakeOutWay::tryFrom($stored['bake_out'] ?? '') ?? $usual->bakeOut,
            MaskingWay::tryFrom($stored['masking'] ?? '') ?? $usual->masking,
            LastCleanWay::tryFrom($stored['last_clean'] ?? '') ?? $usual->lastClean,
            CoatWay::tryFrom($stored['coat'] ?? '') ?? $usual->coat,
            BetweenWay::tryFrom($stored['between'] ?? '') ?? $usual->between,
            StripWay::tryFrom($stored['strip'] ?? '') ?? $usual->strip,
            RustWay::tryFrom($stored['rust'] ?? '') ?? $usual->rust,
            in_array($tape, MaskMaterial::TAPES, true) ? $tape : $usual->tape,
            SurfaceWay::tryFrom($stored['surface'] ?? '') ?? $usual->surface,
            HangWay::tryFrom($stored['hanging'] ?? '') ?? $usual->hanging,
            SeamWay::tryFrom($stored['seams'] ?? '') ?? $usual->seams,
            WashWay::tryFrom($stored['wash'] ?? '') ?? $usual->wash,
            VoltageWay::tryFrom($stored['voltage'] ?? '') ?? $usual->voltage,
            HandWay::tryFrom($stored['hand'] ?? '') ?? $usual->hand,
            SprayOrderWay::tryFrom($stored['order'] ?? '') ?? $usual->order,
            TwoColourWay::tryFrom($stored['two_colours'] ?? '') ?? $usual->twoColours,
            FilmWay::tryFrom($stored['film'] ?? '') ?? $usual->film,
            PersonWay::tryFrom($stored['person'] ?? '') ?? $usual->person,
            WipeWay::tryFrom($stored['last_wipe'] ?? '') ?? $usual->wipe,
        );
    }

    /**
     * How far a coat is baked: fully, where nothing comes on top of it or its sheet wants it so under a clear; else as
     * the house goes between coats.
     *
     * @param  Role|null  $above  of the coat on top; null where it is the last
     */
    public function bakeTo(BeforeClear $sheet, ?Role $above): BakeTo
    {
        return match (true) {
            $above === null => BakeTo::Full,
            $above === Role::Clear && $sheet === BeforeClear::Cured => BakeTo::Full,
            $above === Role::Clear && $sheet === BeforeClear::Flowed => BakeTo::Flow,
            default => $this->between->bakeTo(),
        };
    }

    /**
     * The ways of a part that is stripped as somebody has chosen at the strip bench.
     *
     * @param  string  $wayOff  as WayOff names it; a word it does not know changes nothing
     */
    public function strippedBy(string $wayOff): self
    {
        [$strip, $rust] = match ($wayOff) {
            'quick_gel', 'dcm_gel', 'benzyl', 'benzyl_soak', 'clear_bath', 'acid_stripper' => [
                StripWay::Chemical, RustWay::Blast,
            ],
            'caustic' => [StripWay::Caustic, RustWay::Blast],
            'burn_off' => [StripWay::BurnOff, RustWay::Blast],
            'blast' => [StripWay::Blast, RustWay::Blast],
            'converter' => [StripWay::Chemical, RustWay::Convert],
            default => [$this->strip, $this->rust],
        };

        return new self(
            $this->bakeOut,
            $this->masking,
            $this->lastClean,
            $this->coat,
            $this->between,
            $strip,
            $rust,
            $this->tape,
            $this->surface,
            $this->hanging,
            $this->seams,
            $this->wash,
            $this->voltage,
            $this->hand,
            $this->order,
            $this->twoColours,
            $this->film,
            $this->person,
            $this->wipe,
        );
    }
}

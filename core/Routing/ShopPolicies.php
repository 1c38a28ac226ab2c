<?php

declare(strict_types=1);

namespace Aenum\Core\Routing;

use Aenum\Core\Preparation\Masking\MaskMaterial;
use Aenum\Core\Trade\BakeOutPolicy;
use Aenum\Core\Trade\BakeTo;
use Aenum\Core\Trade\BeforeClear;
use Aenum\Core\Trade\BetweenCoatsPolicy;
use Aenum\Core\Trade\CoatPolicy;
use Aenum\Core\Trade\FilmCriterion;
use Aenum\Core\Trade\FinalCleanMethod;
use Aenum\Core\Trade\HandPolicy;
use Aenum\Core\Trade\HangingMethod;
use Aenum\Core\Trade\InspectorPolicy;
use Aenum\Core\Trade\MaskingPolicy;
use Aenum\Core\Trade\PolicyChoice;
use Aenum\Core\Trade\Role;
use Aenum\Core\Trade\RustMethod;
use Aenum\Core\Trade\SeamPolicy;
use Aenum\Core\Trade\SprayOrder;
use Aenum\Core\Trade\StripMethod;
use Aenum\Core\Trade\SurfacePolicy;
use Aenum\Core\Trade\TwoColorPolicy;
use Aenum\Core\Trade\VoltagePolicy;
use Aenum\Core\Trade\WashMethod;
use Aenum\Core\Trade\WipeMethod;

/** Where practitioners disagree: the way this shop, or this job, goes. */
final readonly class ShopPolicies
{
    public function __construct(
        public BakeOutPolicy $bakeOut = BakeOutPolicy::ByPart,
        public MaskingPolicy $masking = MaskingPolicy::PlugsEarly,
        public FinalCleanMethod $lastClean = FinalCleanMethod::ByUse,
        public CoatPolicy $coat = CoatPolicy::Cold,
        public BetweenCoatsPolicy $between = BetweenCoatsPolicy::Flow,
        public StripMethod $strip = StripMethod::ByCoating,
        public RustMethod $rust = RustMethod::Blast,
        public MaskMaterial $tape = MaskMaterial::Polyimide,
        public SurfacePolicy $surface = SurfacePolicy::Blast,
        public HangingMethod $hanging = HangingMethod::AfterWash,
        public SeamPolicy $seams = SeamPolicy::Leave,
        public WashMethod $wash = WashMethod::Bath,
        public VoltagePolicy $voltage = VoltagePolicy::LowAsItTakes,
        public HandPolicy $hand = HandPolicy::LongStrokes,
        public SprayOrder $order = SprayOrder::TopDown,
        public TwoColorPolicy $twoColours = TwoColorPolicy::Tape,
        public FilmCriterion $film = FilmCriterion::Plain,
        public InspectorPolicy $person = InspectorPolicy::NotByPerson,
        public WipeMethod $wipe = WipeMethod::BeforeMasking,
    ) {
    }

    /**
     * @return array<string, array{string, non-empty-list<PolicyChoice>}> question => what is asked, and its choices,
     *      the default first
     */
    public static function questions(): array
    {
        return [
            'bake_out' => ['Where the bake-out goes', BakeOutPolicy::cases()],
            'masking' => ['When to mask', MaskingPolicy::cases()],
            'last_clean' => ['The last clean', FinalCleanMethod::cases()],
            'coat' => ['Coat cold or warm', CoatPolicy::cases()],
            'between' => ['Between coats', BetweenCoatsPolicy::cases()],
            'strip' => ['Strip or blast first', StripMethod::cases()],
            'rust' => ['Rust that is all there is', RustMethod::cases()],
            'mask_with' => ['The shop\'s tape', MaskMaterial::TAPES],
            'surface' => ['What gives the film its tooth', SurfacePolicy::cases()],
            'hanging' => ['When to hang', HangingMethod::cases()],
            'seams' => ['Seams', SeamPolicy::cases()],
            'wash' => ['How to wash', WashMethod::cases()],
            'voltage' => ['How high the voltage', VoltagePolicy::cases()],
            'hand' => ['How the gun is moved', HandPolicy::cases()],
            'order' => ['In which order faces are sprayed', SprayOrder::cases()],
            'two_colours' => ['A second colour', TwoColorPolicy::cases()],
            'film' => ['How film readings are accepted', FilmCriterion::cases()],
            'person' => ['What the shop learns is told', InspectorPolicy::cases()],
            'last_wipe' => ['When the last wipe happens', WipeMethod::cases()],
        ];
    }

    /** @return array<string, non-empty-list<string>> question => ways as they are stored, the default first */
    public static function choices(): array
    {
        return array_map(
            fn (array $question): array => array_map(
                fn (PolicyChoice $way): string => (string) $way->value,
                $question[1],
            ),
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
            BakeOutPolicy::tryFrom($stored['bake_out'] ?? '') ?? $usual->bakeOut,
            MaskingPolicy::tryFrom($stored['masking'] ?? '') ?? $usual->masking,
            FinalCleanMethod::tryFrom($stored['last_clean'] ?? '') ?? $usual->lastClean,
            CoatPolicy::tryFrom($stored['coat'] ?? '') ?? $usual->coat,
            BetweenCoatsPolicy::tryFrom($stored['between'] ?? '') ?? $usual->between,
            StripMethod::tryFrom($stored['strip'] ?? '') ?? $usual->strip,
            RustMethod::tryFrom($stored['rust'] ?? '') ?? $usual->rust,
            in_array($tape, MaskMaterial::TAPES, true) ? $tape : $usual->tape,
            SurfacePolicy::tryFrom($stored['surface'] ?? '') ?? $usual->surface,
            HangingMethod::tryFrom($stored['hanging'] ?? '') ?? $usual->hanging,
            SeamPolicy::tryFrom($stored['seams'] ?? '') ?? $usual->seams,
            WashMethod::tryFrom($stored['wash'] ?? '') ?? $usual->wash,
            VoltagePolicy::tryFrom($stored['voltage'] ?? '') ?? $usual->voltage,
            HandPolicy::tryFrom($stored['hand'] ?? '') ?? $usual->hand,
            SprayOrder::tryFrom($stored['order'] ?? '') ?? $usual->order,
            TwoColorPolicy::tryFrom($stored['two_colours'] ?? '') ?? $usual->twoColours,
            FilmCriterion::tryFrom($stored['film'] ?? '') ?? $usual->film,
            InspectorPolicy::tryFrom($stored['person'] ?? '') ?? $usual->person,
            WipeMethod::tryFrom($stored['last_wipe'] ?? '') ?? $usual->wipe,
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
     * @param  string  $wayOff  as StripOption names it; an unknown word changes nothing
     */
    public function strippedBy(string $wayOff): self
    {
        [$strip, $rust] = match ($wayOff) {
            'quick_gel', 'dcm_gel', 'benzyl', 'benzyl_soak', 'clear_bath', 'acid_stripper' => [
                StripMethod::Chemical, RustMethod::Blast,
            ],
            'caustic' => [StripMethod::Caustic, RustMethod::Blast],
            'burn_off' => [StripMethod::BurnOff, RustMethod::Blast],
            'blast' => [StripMethod::Blast, RustMethod::Blast],
            'converter' => [StripMethod::Chemical, RustMethod::Convert],
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

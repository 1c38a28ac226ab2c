<?php

declare(strict_types=1);

namespace Aenum\Core\Curing;

/** What one curve did to one powder. Dose and over-bake are shares (1 is whole); minutes are minutes. */
final readonly class Judgement
{
    private function __construct(
        public float $dose,
        /** Null where the sheet does not say what the powder stands. */
        public ?float $overbake,
        public float $windowMinutes,
        public ?float $reachesMinutes,
        public float $peakC,
        public float $flowMinutes,
        public ?CureScheduleRow $rowServed,
        private CureSheet $sheet,
    ) {
    }

    /** Cure from the core's curve, over-bake from the surface's. */
    public static function of(CureMeter $core, CureMeter $surface): self
    {
        return new self(
            $core->dose,
            $core->sheet->stands === null ? null : $surface->overbake,
            $core->windowS() / 60,
            $core->reachesS === null ? null : $core->reachesS / 60,
            $surface->peakC,
            $core->flowS / 60,
            $core->rowServed(),
            $core->sheet,
        );
    }

    /** Over-bake is judged with what earlier bakes gave the layer. */
    public function state(TimingCriterion $way, float $doseBefore = 0.0, float $overbakeBefore = 0.0): CureState
    {
        $dose = $doseBefore + $this->dose;
        $overbake = $this->overbake === null ? null : $overbakeBefore + $this->overbake;

        $served = $way !== TimingCriterion::Window || $this->rowServed !== null || $doseBefore >= 1;

        return match (true) {
            $overbake !== null && $overbake > 1 => CureState::Overbaked,
            $dose >= 1 && $served => CureState::Cured,
            $dose >= BakeRules::FLOW_DOSE_LIMIT => CureState::PartCured,
            $dose > 0 || $this->flowMinutes >= $this->sheet->flowPointMinutes() => CureState::Flowed,
            default => CureState::Raw,
        };
    }
}

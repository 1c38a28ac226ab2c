<?php

declare(strict_types=1);

namespace Aenum\Core\Training;

use Aenum\Core\Application\Panel;
use Aenum\Core\Application\PanelArea;
use Aenum\Core\Application\SprayedPanel;
use Aenum\Core\Application\SprayGun;
use Aenum\Core\Application\SprayPowder;
use Aenum\Core\Units\Dimension;
use Aenum\Core\Units\Message;
use Aenum\Core\Units\Quantity;

/** A drill in the practice booth: what hangs there, how the gun is set at the start, what is to come of it. */
final readonly class BoothDrill
{
    /** The gun's cloud and what it lands at the usual distance, in every drill. House figures. */
    public const PATTERN_MM = 240.0;

    public const PATTERN_AT_MM = 220.0;

    public const TRANSFER = 0.6;

    /** Earth of a hook that was cleaned, Ω. */
    public const CLEAN_OHM = 1e3;

    private const CELL_MM = 10.0;

    private const SG = 1.55;

    /** @param  BoothSetting  $start  as the gun hangs there when one comes in */
    private function __construct(
        public string $key,
        public string $name,
        public Message $story,
        public string $goal,
        public Panel $panel,
        public SprayPowder $powder,
        public BoothSetting $start,
    ) {
    }

    /** @return array<string, self> by key, the easy ones first */
    public static function all(): array
    {
        static $all = null;

        /** @var array<string, self> */
        return $all ??= array_column(self::list(), null, 'key');
    }

    /** A panel of it with nothing on. */
    public function bare(): SprayedPanel
    {
        return SprayedPanel::bare($this->panel, $this->powder);
    }

    /** The gun as it is set. */
    public function gun(BoothSetting $set): SprayGun
    {
        return SprayGun::of(
            $set->flowGPerMin,
            self::TRANSFER,
            $set->kv,
            self::PATTERN_MM,
            self::PATTERN_AT_MM,
            $set->microAmps,
            $set->air,
            charging: true,
            ohms: $set->ohms,
            faceMPerS: $set->faceMPerS,
        );
    }

    /** @return list<self> */
    private static function list(): array
    {
        $flat = Panel::of(600, 400, self::CELL_MM);
        $smooth = self::powder(60, 90);
        $usual = BoothSetting::of();
        $recess = Panel::of(600, 400, self::CELL_MM, [PanelArea::of(120, 120, 80, 160, 50)]);
        $two = Panel::of(
            600,
            400,
            self::CELL_MM,
            [PanelArea::of(100, 100, 60, 200, 60), PanelArea::of(420, 100, 80, 80, 70)],
        );
        $bars = array_map(fn (int $n): PanelArea => PanelArea::of(40 + 110 * $n, 40, 80, 320), range(0, 4));
        $letters = array_map(fn (int $n): PanelArea => PanelArea::of(70 + 90 * $n, 150, 50, 100, 6), range(0, 4));

        $pocket = Message::of('A panel with a pocket {wide} wide and {deep} deep.', [
            'wide' => Quantity::mm(80),
            'deep' => Quantity::mm(50),
        ]);
        $cured = Message::of('A film of {film} lies cured below; the current stands at 60 µA.', [
            'film' => Quantity::micron(110),
        ]);
        $texture = Message::of('A texture that wants {film}, and loses its pattern when thin.', [
            'film' => Quantity::range(Dimension::Film, 80, 120),
        ]);
        $sunk = Message::of('Five letters sunk {deep} deep in a plate.', ['deep' => Quantity::mm(6)]);

        return [
            new self('overlap', 'Half overlap', Message::from('A flat panel, nothing in the way.'),
                'Even over all of it: each stroke half over the last.', $flat, $smooth, $usual),
            new self('edges', 'Edges that build up',
                Message::from('A smooth powder with a narrow band; the gun hangs at 100 kV.'),
                'No edge past the band: what draws powder to it?', $flat, self::powder(62, 78),
                BoothSetting::of(kv: 100)),
            new self('recess', 'Recess first', $pocket,
                'The pocket\'s floor as thick as can be, with no rim past the band.', $recess, self::powder(50, 95),
                $usual),
            new self('last_bare', 'The last bare corner',
                Message::from('Two pockets deeper than half their width; faces are done last.'),
                'Find the setting that carries powder in: volts down, air.', $two, self::powder(40, 110),
                BoothSetting::of(kv: 90)),
            new self('recoat', 'A recoat that kicks', $cured,
                'A second coat without stars: the index stays under one.', $flat,
                self::powder(60, 90, 110), BoothSetting::of(kv: 80, microAmps: 60)),
            new self('bad_earth', 'Bad earth', Message::from('The hook is thick with old film: 3 MΩ.'),
                'See why so little lands, and mend it before you go on.', $flat, $smooth,
                BoothSetting::of(ohms: 3e6)),
            new self('fast_hand', 'Hand too fast', $texture,
                'Slow the hand or open the flow: even, and thick enough.', $flat, self::powder(80, 120),
                BoothSetting::of(flowGPerMin: 80)),
            new self('booth_air', 'Booth air too strong',
                Message::from('Somebody opened the damper: 1.5 m/s through the face.'),
                'Turn it down until it holds the cloud and no more.', $flat, $smooth,
                BoothSetting::of(faceMPerS: 1.5)),
            new self('lattice', 'A lattice', Message::from('Six bars; most of the cloud flies through.'),
                'Bars in the band with as little powder as you can.',
                Panel::of(600, 400, self::CELL_MM, [], $bars), self::powder(55, 100), $usual),
            new self('letters', 'Lettering', $sunk,
                'Letters and plate in one narrow band.',
                Panel::of(600, 400, self::CELL_MM, $letters), self::powder(60, 80), $usual),
            new self('box', 'Inside a box', Message::from('The walls of a box, unfolded: the field shuns its corners.'),
                'Corners covered without filling the walls.',
                Panel::of(600, 400, self::CELL_MM, [], [], [200, 400], []), self::powder(45, 100), $usual),
        ];
    }

    private static function powder(float $low, float $high, float $under = 0.0): SprayPowder
    {
        return SprayPowder::of(self::SG, $low, $high, $under);
    }
}

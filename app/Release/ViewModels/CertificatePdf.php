<?php

declare(strict_types=1);

namespace App\Release\ViewModels;

use App\Platform\Presentation\PlainPdf;

/**
 * The certificate as a PDF of one page, A4 or letter, set as large as it fits.
 *
 * A record too long for one page at the smallest readable size continues on a second.
 */
final class CertificatePdf
{
    private const FONT = 'dejavusanscondensed';

    /** Sizes that are tried, pt; the smallest is that of a leaflet. */
    private const SIZES = [10.5, 10.0, 9.5, 9.0, 8.5, 8.0, 7.5, 7.0, 6.5, 6.0];

    private const MARGIN = 13.0;

    private const INK = [21, 29, 28];

    private const SOFT = [67, 80, 77];

    private PlainPdf $pdf;

    private function __construct(private readonly Certificate $sheet, private readonly float $size)
    {
        $this->pdf = new PlainPdf($sheet->isLetter ? 'LETTER' : 'A4');
        $this->pdf->setMargins(self::MARGIN, self::MARGIN, self::MARGIN);
        $this->pdf->setAutoPageBreak(true, self::MARGIN);
        $this->pdf->setCreator('Aenum');
        $this->pdf->setTitle("Record of job {$sheet->number}: {$sheet->title}");
        $this->pdf->setFontSubsetting(true);
        $this->pdf->setCellPaddings(0, 0, 0, 0);
        $this->pdf->setCellHeightRatio(1.2);
        $this->pdf->setTextColor(...self::INK);
        $this->pdf->AddPage();
    }

    /** The file's bytes. */
    public static function of(Certificate $sheet): string
    {
        foreach (self::SIZES as $size) {
            $one = new self($sheet, $size);
            $one->draw();
            if ($one->pdf->getNumPages() === 1 || $size === self::SIZES[count(self::SIZES) - 1]) {
                return $one->pdf->Output('record.pdf', 'S');
            }
        }

        return '';
    }

    private function draw(): void
    {
        $sheet = $this->sheet;
        $this->line("Record of job {$sheet->number}: {$sheet->title}", 1.7, true);
        $this->line("{$sheet->shop} for {$sheet->customer} · {$sheet->state}", 1.05, soft: true);
        if ($sheet->agreed !== null && $sheet->agreed !== '') {
            $this->line("Agreed: {$sheet->agreed}");
        }
        foreach ($sheet->said() as $said) {
            $this->line($said, 0.95, soft: true);
        }
        foreach ($sheet->parts as $part) {
            $this->part($part);
        }
        $this->rule();
        $this->line('Care. '.implode(' ', $sheet->care), 0.92);
        foreach ($sheet->supplements as $supplement) {
            $this->line("Supplement, {$supplement}");
        }
        $this->signatures();
        if ($sheet->digest !== null) {
            $this->line("Digest of this record (SHA-256): {$sheet->digest}", 0.8, soft: true);
        }
    }

    private function part(CertificateBatch $part): void
    {
        $this->rule();
        $this->line("{$part->title}  ·  {$part->what}", 1.12, true);
        foreach ([$part->coats, $part->film, $part->tests, $part->agreed, $part->letGo] as $lines) {
            foreach ($lines as $line) {
                $this->line($line);
            }
        }
        $this->curves($part);
        if ($part->handedOver !== null) {
            $this->line($part->handedOver, 0.95, soft: true);
        }
    }

    /** Two beside each other: where they were baked, and how hot the pieces got. */
    private function curves(CertificateBatch $part): void
    {
        $width = $this->pdf->getPageWidth() - 2 * self::MARGIN;
        $wide = $width / 2 - 3;
        $scale = $wide / BatchCurveChart::WIDE * ($this->size / self::SIZES[0]) ** 0.5;
        $high = BatchCurveChart::HIGH * $scale * 0.8;
        foreach (array_chunk($part->bakes, 2) as $pair) {
            $top = $this->pdf->GetY() + 0.8;
            if ($top + $high + 4 > $this->pdf->getPageHeight() - self::MARGIN) {
                $this->pdf->AddPage();
                $top = $this->pdf->GetY();
            }
            $lowest = $top;
            foreach ($pair as $n => $bake) {
                $left = self::MARGIN + $n * ($wide + 6);
                $this->font(0.85, false, true);
                $this->pdf->MultiCell($wide, 0, $bake['head'], 0, 'L', false, 1, $left, $top);
                $below = $this->pdf->GetY();
                if ($bake['curve'] !== null) {
                    $this->curve($bake['curve'], $left, $below, $scale, 0.8 * $scale);
                    $below += $high;
                }
                $lowest = max($lowest, $below);
            }
            $this->pdf->setXY(self::MARGIN, $lowest);
        }
    }

    private function curve(BatchCurveChart $curve, float $left, float $top, float $x, float $y): void
    {
        $this->font(0.7, false, true);
        $at = fn (array $point): array => [$left + $x * $point['x'], $top + $y * $point['y']];
        foreach ($curve->temperatures() as $tick) {
            [, $line] = $at(['x' => 0.0, 'y' => $tick['y']]);
            $this->stroke(0.1, [188, 199, 196]);
            $this->pdf->Line($left + 34 * $x, $line, $left + (BatchCurveChart::WIDE - 8) * $x, $line);
            $this->pdf->Text($left, $line - 1.6, $tick['label']);
        }
        $window = $curve->window();
        if ($window !== null) {
            $this->stroke(0.2, self::SOFT, '2,1');
            $line = $top + $y * $window['y'];
            $this->pdf->Line($left + 34 * $x, $line, $left + (BatchCurveChart::WIDE - 8) * $x, $line);
            $this->pdf->Text($left + 36 * $x, $line - 3.2, "from {$window['label']}");
        }
        $this->stroke(0.15, self::SOFT, '0.5,0.8');
        $this->polyline(array_map($at, $curve->air()));
        foreach ($curve->cores() as $core) {
            $this->stroke(0.45, [10, 99, 84]);
            $this->polyline(array_map($at, $core));
        }
        $this->stroke(0.1, self::INK);
        $end = $curve->end();
        $this->pdf->Text($left + $x * $end['x'] - 9, $top + $y * 78, $end['label']);
    }

    /** @param  list<array{float, float}>  $points */
    private function polyline(array $points): void
    {
        for ($n = 1; $n < count($points); $n++) {
            $this->pdf->Line($points[$n - 1][0], $points[$n - 1][1], $points[$n][0], $points[$n][1]);
        }
    }

    private function signatures(): void
    {
        foreach ($this->sheet->signatures as $signature) {
            $top = $this->pdf->GetY() + 1;
            if ($signature['paths'] !== []) {
                $this->stroke(0.3, self::INK);
                foreach ($signature['paths'] as $path) {
                    $points = array_map(function (string $pair) use ($top): array {
                        [$x, $y] = array_map(floatval(...), array_pad(explode(',', $pair), 2, '0'));

                        return [self::MARGIN + 0.05 * $x, $top + 0.012 * $y];
                    }, array_filter(explode(' ', $path)));
                    $this->polyline(array_values($points));
                }
                $this->pdf->setXY(self::MARGIN, $top + 12.5);
            }
            $this->line("Taken by {$signature['name']}");
        }
    }

    private function rule(): void
    {
        $y = $this->pdf->GetY() + 0.9;
        $this->stroke(0.2, [188, 199, 196]);
        $this->pdf->Line(self::MARGIN, $y, $this->pdf->getPageWidth() - self::MARGIN, $y);
        $this->pdf->setXY(self::MARGIN, $y + 0.9);
    }

    private function line(string $text, float $times = 1.0, bool $bold = false, bool $soft = false): void
    {
        $this->font($times, $bold, $soft);
        $this->pdf->MultiCell(0, 0, $text, 0, 'L', false, 1);
    }

    private function font(float $times, bool $bold, bool $soft): void
    {
        $this->pdf->setFont(self::FONT, $bold ? 'B' : '', $times * $this->size);
        $this->pdf->setTextColor(...($soft ? self::SOFT : self::INK));
    }

    /** @param  array{int, int, int}  $colour */
    private function stroke(float $width, array $colour, string $dash = ''): void
    {
        $this->pdf->setLineStyle([
            'width' => $width, 'color' => $colour, 'dash' => $dash === '' ? 0 : $dash, 'cap' => 'round',
        ]);
    }
}

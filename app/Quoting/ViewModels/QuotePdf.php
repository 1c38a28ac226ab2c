<?php

declare(strict_types=1);

namespace App\Quoting\ViewModels;

use Aenum\Core\Units\UnitSystem;
use App\Accounts\Models\Shop;
use App\Platform\Presentation\PlainPdf;
use App\Platform\Presentation\Units;
use App\Quoting\Models\Quote;

/** A quote as a PDF of one page. */
final class QuotePdf
{
    private const FONT = 'dejavusanscondensed';

    /** Sizes that are tried, pt. */
    private const SIZES = [10.5, 9.5, 8.5, 7.5, 6.5];

    private const MARGIN = 15.0;

    private function __construct(private readonly PlainPdf $pdf, private readonly float $size)
    {
        $pdf->setMargins(self::MARGIN, self::MARGIN, self::MARGIN);
        $pdf->setAutoPageBreak(true, self::MARGIN);
        $pdf->setCreator('Aenum');
        $pdf->setFontSubsetting(true);
        $pdf->AddPage();
    }

    /** The file's bytes. */
    public static function of(Quote $quote): string
    {
        $paper = Units::current()->system === UnitSystem::Us ? 'LETTER' : 'A4';
        foreach (self::SIZES as $size) {
            $one = new self(new PlainPdf($paper), $size);
            $one->draw($quote);
            if ($one->pdf->getNumPages() === 1) {
                break;
            }
        }

        return $one->pdf->Output('quote.pdf', 'S');
    }

    private function draw(Quote $quote): void
    {
        $job = $quote->job;
        $this->pdf->setTitle("Quote {$quote->number}");
        $this->line("Quote {$quote->number}", 1.9, 'B');
        $this->line(Shop::current()->name." for {$job->customer->name} · {$job->title}");
        $this->line("{$quote->at->format('j F Y')} · valid until {$quote->valid_until->format('j F Y')}");
        $this->line('Price '.$quote->money($quote->price()), 1.5, 'B');
        if ($quote->deposit > 0) {
            $this->line('of it as a deposit '.$quote->money($quote->deposit));
        }
        foreach ($quote->says as $head => $lines) {
            $this->line((string) $head, 1.1, 'B');
            foreach ($lines as $line) {
                $this->line("•  {$line}");
            }
        }
        $this->line('The makers\' sheets, local codes and licensed practice come first.', 0.9);
        $this->pdf->Ln(8);
        $this->line('Accepted by ______________________________      Date ______________');
    }

    private function line(string $text, float $times = 1.0, string $style = ''): void
    {
        $this->pdf->setFont(self::FONT, $style, $this->size * $times);
        $this->pdf->MultiCell(0, 0, $text, 0, 'L');
        $this->pdf->Ln(1.2);
    }
}

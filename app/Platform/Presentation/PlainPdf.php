<?php

declare(strict_types=1);

namespace App\Platform\Presentation;

use TCPDF;

/** A PDF without the library's header, footer and link. */
final class PlainPdf extends TCPDF
{
    /** @param  'A4'|'LETTER'  $paper  portrait, in mm */
    public function __construct(string $paper)
    {
        parent::__construct('P', 'mm', $paper, true, 'UTF-8', false);
        $this->tcpdflink = false;
        $this->setPrintHeader(false);
        $this->setPrintFooter(false);
    }
}

<?php

declare(strict_types=1);

namespace App\Platform\Presentation;

use TCPDF2DBarcode;

/** A QR code as one SVG path, one unit per module. */
final readonly class QrCode
{
    private function __construct(public int $size, public string $path)
    {
    }

    public static function of(string $text): self
    {
        /** @var array{num_rows: int, bcode: array<int, array<int, int|string>>} $code */
        $code = (new TCPDF2DBarcode($text, 'QRCODE,M'))->getBarcodeArray();
        $path = '';
        foreach ($code['bcode'] as $y => $row) {
            foreach ($row as $x => $dark) {
                $path .= (int) $dark === 1 ? "M{$x} {$y}h1v1h-1z" : '';
            }
        }

        return new self($code['num_rows'], $path);
    }
}

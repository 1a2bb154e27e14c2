<?php

declare(strict_types=1);

namespace App\Papers;

/** An address as a code to be read by a camera. */
final class QrCode
{
    /** Of what is printed, how much may be lost: 15 in 100 (ISO/IEC 18004, level M). */
    private const LEVEL = 'QRCODE,M';

    /** @return string a picture, as an address of its own (RFC 2397) */
    public static function of(string $text): string
    {
        $cells = (new \TCPDF2DBarcode($text, self::LEVEL))->getBarcodeArray();
        /** @var list<list<int>> $rows */
        $rows = $cells['bcode'];
        $size = count($rows) + 8;
        $path = '';
        foreach ($rows as $y => $row) {
            foreach ($row as $x => $cell) {
                $path .= $cell === 1 ? sprintf('M%d %dh1v1h-1z', $x + 4, $y + 4) : '';
            }
        }
        $svg = "<svg xmlns=\"http://www.w3.org/2000/svg\" viewBox=\"0 0 $size $size\" width=\"$size\" height=\"$size\">"
            . "<rect width=\"$size\" height=\"$size\" fill=\"#ffffff\"/><path d=\"$path\" fill=\"#000000\"/></svg>";

        return 'data:image/svg+xml;base64,' . base64_encode($svg);
    }
}

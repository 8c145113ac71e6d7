<?php

declare(strict_types=1);

namespace App\Paper;

/** A QR code as a picture that can stand in a page. */
final class QrCode
{
    private const MODULE = 6;

    private const QUIET = 4;

    /** @return string an address of the form data:image/png */
    public static function picture(string $text): string
    {
        $modules = self::modules($text);
        $side = (count($modules) + 2 * self::QUIET) * self::MODULE;
        $image = imagecreate(max(1, $side), max(1, $side));
        if ($image === false) {
            throw new \RuntimeException('A picture could not be made.');
        }
        imagecolorallocate($image, 255, 255, 255);
        $black = (int) imagecolorallocate($image, 0, 0, 0);
        foreach ($modules as $row => $cells) {
            foreach ($cells as $column => $dark) {
                if ($dark) {
                    [$x, $y] = [($column + self::QUIET) * self::MODULE, ($row + self::QUIET) * self::MODULE];
                    imagefilledrectangle($image, $x, $y, $x + self::MODULE - 1, $y + self::MODULE - 1, $black);
                }
            }
        }
        ob_start();
        imagepng($image);

        return 'data:image/png;base64,'.base64_encode((string) ob_get_clean());
    }

    /** @return list<list<bool>> row by row, whether each module is dark */
    public static function modules(string $text): array
    {
        $found = (new \TCPDF2DBarcode($text, 'QRCODE,M'))->getBarcodeArray();
        $rows = is_array($found) ? ($found['bcode'] ?? []) : [];

        return array_values(array_map(
            static fn (mixed $row): array => array_values(
                array_map(static fn (mixed $cell): bool => $cell === 1 || $cell === '1' || $cell === true, is_array($row) ? $row : []),
            ),
            is_array($rows) ? $rows : [],
        ));
    }
}

<?php

declare(strict_types=1);

namespace App\Kitchen;

use App\Contracts\BadDocument;
use GdImage;

/** A photo of a plate as it is kept: a JPEG no larger than a tablet shows, and nothing in it but the picture. */
final class Photo
{
    /** Of what comes, bytes. */
    public const MOST_BYTES = 15_000_000;

    private const MOST_PIXELS = 60_000_000;

    /** Of the longer side. */
    private const LONGEST = 1200;

    private const QUALITY = 80;

    /** Of a JPEG that is whole. */
    private const ENDS = "\xFF\xD9";

    private const KINDS = [IMAGETYPE_JPEG, IMAGETYPE_PNG, IMAGETYPE_WEBP];

    /** Turned so by the camera, degrees against the clock, by EXIF's orientation. */
    private const TURNED = [3 => 180, 6 => -90, 8 => 90];

    /**
     * @return string JPEG
     *
     * @throws BadDocument where it is no picture, or too large a one
     */
    public static function small(string $bytes): string
    {
        if (strlen($bytes) > self::MOST_BYTES) {
            throw BadDocument::at('', 'must be at most '.intdiv(self::MOST_BYTES, 1_000_000).' MB');
        }
        $size = @getimagesizefromstring($bytes);
        if ($size === false || ! in_array($size[2], self::KINDS, true)) {
            throw BadDocument::at('', 'must be a picture: JPEG, PNG or WebP');
        }
        if ($size[0] * $size[1] > self::MOST_PIXELS) {
            throw BadDocument::at('', 'must be at most '.intdiv(self::MOST_PIXELS, 1_000_000).' million pixels');
        }
        if ($size[2] === IMAGETYPE_JPEG && max($size[0], $size[1]) <= self::LONGEST && self::isBare($bytes)) {
            return $bytes;
        }
        $picture = $size[2] === IMAGETYPE_JPEG && ! str_contains($bytes, self::ENDS) ? false : @imagecreatefromstring($bytes);
        if ($picture === false) {
            throw BadDocument::at('', 'must be a picture: it cannot be read to its end');
        }

        return self::jpeg(self::scaled(self::upright($picture, $bytes, $size[2])));
    }

    /** Whether nothing is in it but the picture: no segment of an application, and no comment. */
    private static function isBare(string $jpeg): bool
    {
        if (! str_ends_with($jpeg, self::ENDS)) {
            return false;
        }
        $at = 2;
        while ($at + 4 <= strlen($jpeg) && $jpeg[$at] === "\xFF") {
            $marker = ord($jpeg[$at + 1]);
            if ($marker === 0xDA) {
                return true;
            }
            if ($marker > 0xE0 && $marker <= 0xEF || $marker === 0xFE) {
                return false;
            }
            $at += 2 + ord($jpeg[$at + 2]) * 256 + ord($jpeg[$at + 3]);
        }

        return false;
    }

    private static function upright(GdImage $picture, string $bytes, int $kind): GdImage
    {
        $exif = $kind === IMAGETYPE_JPEG && function_exists('exif_read_data') ? @exif_read_data('data://image/jpeg;base64,'.base64_encode($bytes)) : false;
        $turned = self::TURNED[is_array($exif) ? $exif['Orientation'] ?? 1 : 1] ?? 0;
        $upright = $turned === 0 ? $picture : imagerotate($picture, $turned, 0);

        return $upright === false ? $picture : $upright;
    }

    private static function scaled(GdImage $picture): GdImage
    {
        [$width, $height] = [imagesx($picture), imagesy($picture)];
        $share = min(1.0, self::LONGEST / max($width, $height));
        $small = imagecreatetruecolor(max(1, (int) round($width * $share)), max(1, (int) round($height * $share)));
        // What is seen through is white paper.
        imagefill($small, 0, 0, (int) imagecolorallocate($small, 255, 255, 255));
        imagecopyresampled($small, $picture, 0, 0, 0, 0, imagesx($small), imagesy($small), $width, $height);

        return $small;
    }

    private static function jpeg(GdImage $picture): string
    {
        ob_start();
        imagejpeg($picture, null, self::QUALITY);
        $jpeg = (string) ob_get_clean();
        $comment = strpos($jpeg, "\xFF\xFE"); // the library signs what it makes

        return $comment === false ? $jpeg : substr($jpeg, 0, $comment).substr($jpeg, $comment + 2 + ord($jpeg[$comment + 2]) * 256 + ord($jpeg[$comment + 3]));
    }
}

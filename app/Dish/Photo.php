<?php

declare(strict_types=1);

namespace App\Dish;

use App\Contracts\BadDocument;
use GdImage;

/** A photo of a plate as it is kept: a JPEG no larger than a tablet shows, and nothing in it but the picture. */
final class Photo
{
    /** Of what comes, bytes. */
    public const MOST_BYTES = 15_000_000;

    /** Pixels that are decoded, by kind, for 2 s and 128 MB at most (what was measured: docs/security.md). */
    private const MOST_PIXELS = [IMAGETYPE_JPEG => 20_000_000, IMAGETYPE_PNG => 12_000_000, IMAGETYPE_WEBP => 10_000_000];

    /** Of a JPEG that comes in many scans: all of it is gone through for each. */
    private const MOST_PROGRESSIVE = 8_000_000;

    private const MOST_SCANS = 20;

    /** Of the longer side, and of what is kept. */
    private const LONGEST = 1200;

    private const KEPT_BYTES = 600_000;

    /** From the first down, until it is small enough. */
    private const QUALITIES = [80, 60, 40, 20];

    /** Turned so by the camera, degrees against the clock, by EXIF's orientation. */
    private const TURNED = [3 => 180, 6 => -90, 8 => 90];

    /**
     * @return string JPEG
     *
     * @throws BadDocument if it is no picture, or one that costs too much
     */
    public static function small(string $bytes): string
    {
        if (strlen($bytes) > self::MOST_BYTES) {
            throw BadDocument::at('', 'must be at most '.intdiv(self::MOST_BYTES, 1_000_000).' MB');
        }
        $size = @getimagesizefromstring($bytes);
        if ($size === false || ! isset(self::MOST_PIXELS[$size[2]])) {
            throw BadDocument::at('', 'must be a picture: JPEG, PNG or WebP');
        }
        $parts = $size[2] === IMAGETYPE_JPEG ? JpegParts::of($bytes) : null;
        $most = $parts?->isProgressive === true ? self::MOST_PROGRESSIVE : self::MOST_PIXELS[$size[2]];
        if ($most < $size[0] * $size[1]) {
            throw BadDocument::at('', 'must be at most '.intdiv($most, 1_000_000).' million pixels'.($parts?->isProgressive === true ? ' where it is a progressive JPEG' : ''));
        }
        if ($parts !== null && $parts->scans > self::MOST_SCANS) {
            throw BadDocument::at('', 'must be a JPEG of at most '.self::MOST_SCANS.' scans');
        }
        // One of our own that comes back in an archive.
        if ($parts?->isBare === true && max($size[0], $size[1]) <= self::LONGEST && strlen($bytes) <= self::KEPT_BYTES) {
            return $bytes;
        }
        $picture = @imagecreatefromstring($bytes);
        if ($picture === false) {
            throw BadDocument::at('', 'must be a picture: it cannot be read to its end');
        }

        // Turned once it is small: a large one twice would be too much memory.
        return self::jpeg(self::upright(self::scaled($picture), $bytes, $size[2]));
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
        $jpeg = '';
        foreach (self::QUALITIES as $quality) {
            ob_start();
            imagejpeg($picture, null, $quality);
            $jpeg = self::unsigned((string) ob_get_clean());
            if (strlen($jpeg) <= self::KEPT_BYTES) {
                break;
            }
        }

        return $jpeg;
    }

    /** Without the comment by which the library signs what it makes. */
    private static function unsigned(string $jpeg): string
    {
        $comment = strpos($jpeg, "\xFF\xFE");

        return $comment === false ? $jpeg : substr($jpeg, 0, $comment).substr($jpeg, $comment + 2 + ord($jpeg[$comment + 2]) * 256 + ord($jpeg[$comment + 3]));
    }
}

<?php

declare(strict_types=1);

namespace App\Photos;

/**
 * Makes of what somebody sends a picture that is safe to keep: drawn anew point by point, so that nothing else which a
 * file may carry (the place where it was taken, a script) comes along; turned upright; and no larger than is looked at.
 */
final class Developer
{
    /** Bytes that are read at most. */
    public const LARGEST = 26_214_400;

    /** Points of a picture that are unpacked at most: a small file may unfold to more than the memory holds. */
    private const MOST_POINTS = 50_000_000;

    /** Points along the longer side: what fills a large screen, and what stands in a list. */
    private const SIDE = 2_400;

    private const SMALL_SIDE = 480;

    private const QUALITY = 86;

    private const KINDS = [IMAGETYPE_JPEG, IMAGETYPE_PNG, IMAGETYPE_WEBP];

    /** Bytes of memory while a picture is unpacked, turned and drawn smaller. */
    private const MEMORY = '1G';

    /** @throws NoPicture in words for whoever sent it */
    public static function develop(string $bytes): Picture
    {
        if (strlen($bytes) > self::LARGEST) {
            throw new NoPicture('A photograph has at most 25 MB.');
        }
        $size = @getimagesizefromstring($bytes);
        if ($size === false || ! in_array($size[2], self::KINDS, true)) {
            throw new NoPicture('This is no picture that can be read here: JPEG, PNG or WebP.');
        }
        if ($size[0] < 1 || $size[1] < 1 || $size[0] * $size[1] > self::MOST_POINTS) {
            throw new NoPicture('This picture has more than 50 million points. Save it smaller.');
        }
        ini_set('memory_limit', self::MEMORY);
        $image = @imagecreatefromstring($bytes);
        if ($image === false) {
            throw new NoPicture('This file ends too early or is damaged; the picture in it cannot be read.');
        }
        $image = self::upright($image, $size[2] === IMAGETYPE_JPEG ? self::orientation($bytes) : 1);
        $large = self::within($image, self::SIDE);

        return new Picture(
            imagesx($large),
            imagesy($large),
            self::jpeg($large),
            self::jpeg(self::within($large, self::SMALL_SIDE)),
        );
    }

    /** How the camera was held, 1 to 8 as the Exif standard counts; 1 where it says nothing. */
    private static function orientation(string $bytes): int
    {
        $stream = fopen('php://memory', 'r+b');
        if ($stream === false) {
            return 1;
        }
        fwrite($stream, $bytes);
        rewind($stream);
        $said = @exif_read_data($stream);
        fclose($stream);
        $orientation = is_array($said) ? ($said['Orientation'] ?? 1) : 1;

        return is_int($orientation) && $orientation >= 1 && $orientation <= 8 ? $orientation : 1;
    }

    private static function upright(\GdImage $image, int $orientation): \GdImage
    {
        $turn = match ($orientation) {
            3, 4 => 180,
            5, 6 => 270,
            7, 8 => 90,
            default => 0,
        };
        $turned = $turn === 0 ? $image : imagerotate($image, $turn, 0);
        if ($turned === false) {
            throw new NoPicture('The picture cannot be turned upright.');
        }
        if (in_array($orientation, [2, 4, 5, 7], true)) {
            imageflip($turned, IMG_FLIP_HORIZONTAL);
        }

        return $turned;
    }

    /** On white, for what is clear in it has no colour of its own. */
    private static function within(\GdImage $image, int $side): \GdImage
    {
        [$width, $height] = [imagesx($image), imagesy($image)];
        $share = min(1.0, $side / max($width, $height));
        [$toWidth, $toHeight] = [max(1, (int) round($share * $width)), max(1, (int) round($share * $height))];
        $smaller = imagecreatetruecolor($toWidth, $toHeight);
        imagefill($smaller, 0, 0, 0xFFFFFF);
        imagecopyresampled($smaller, $image, 0, 0, 0, 0, $toWidth, $toHeight, $width, $height);

        return $smaller;
    }

    private static function jpeg(\GdImage $image): string
    {
        ob_start();
        imagejpeg($image, null, self::QUALITY);

        return (string) ob_get_clean();
    }
}

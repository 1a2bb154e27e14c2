<?php

declare(strict_types=1);

namespace App\Support;

use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\Storage;
use Illuminate\Validation\ValidationException;
use Symfony\Component\HttpFoundation\StreamedResponse;

/**
 * A photograph as it is kept: decoded, turned upright, no larger than is needed, and written anew, so that nothing is left of where and by
 * whom it was taken.
 */
final readonly class Photograph
{
    /** Pixels that are decoded at most: more would take the memory of the request. */
    private const MOST_PIXELS = 40_000_000;

    /** Pixels on the longer side that are kept. */
    private const LONGEST = 3200;

    /** Pixels on the longer side of one that is printed beside others. */
    private const PRINTED = 500;

    private const QUALITY = 88;

    /** Turns by degrees for what a camera writes of how it was held (EXIF 2.32, tag 0x0112). */
    private const TURNS = [3 => 180, 6 => -90, 8 => 90];

    private function __construct(
        public string $bytes,
        public string $extension,
        public string $mediaType,
    ) {
    }

    /** @throws ValidationException for what is no picture, or one too large to be decoded */
    public static function of(UploadedFile $file): self
    {
        $path = $file->getRealPath();
        $size = @getimagesize($path);
        if ($size === false || ! in_array($size[2], [IMAGETYPE_JPEG, IMAGETYPE_PNG, IMAGETYPE_WEBP], true)) {
            throw ValidationException::withMessages(['photo' => 'That is not a picture.']);
        }
        if ($size[0] * $size[1] > self::MOST_PIXELS) {
            throw ValidationException::withMessages([
                'photo' => 'A photograph has ' . intdiv(self::MOST_PIXELS, 1_000_000) . ' million pixels at most.',
            ]);
        }
        $image = @imagecreatefromstring((string) file_get_contents($path));
        if ($image === false) {
            throw ValidationException::withMessages(['photo' => 'That is not a picture.']);
        }

        return self::written(self::fitted(self::upright($image, $path, $size[2])), $size[2]);
    }

    /** By what is in it: what is shown under an address never changes, whatever is undone meanwhile. */
    public static function sent(string $house, string $photo): StreamedResponse
    {
        abort_unless(Storage::exists("photos/$house/$photo"), 404);

        return Storage::response("photos/$house/$photo", headers: ['Cache-Control' => 'private, max-age=31536000, immutable']);
    }

    /** @return string|null smaller, as an address of its own (RFC 2397); null for what is no picture */
    public static function thumbnail(string $bytes): ?string
    {
        $image = @imagecreatefromstring($bytes);
        if ($image === false) {
            return null;
        }

        return 'data:image/jpeg;base64,' . base64_encode(self::written(self::fitted($image, self::PRINTED), IMAGETYPE_JPEG)->bytes);
    }

    private static function upright(\GdImage $image, string $path, int $type): \GdImage
    {
        $said = $type === IMAGETYPE_JPEG ? @exif_read_data($path) : false;
        $turn = is_array($said) && is_int($said['Orientation'] ?? null) ? self::TURNS[$said['Orientation']] ?? 0 : 0;
        $turned = $turn === 0 ? $image : imagerotate($image, $turn, 0);

        return $turned === false ? $image : $turned;
    }

    private static function fitted(\GdImage $image, int $longest = self::LONGEST): \GdImage
    {
        $scale = $longest / max(imagesx($image), imagesy($image));
        $smaller = $scale < 1.0
            ? imagescale($image, max(1, (int) round(imagesx($image) * $scale)), max(1, (int) round(imagesy($image) * $scale)))
            : $image;

        return $smaller === false ? $image : $smaller;
    }

    private static function written(\GdImage $image, int $type): self
    {
        ob_start();
        [$extension, $mediaType] = match ($type) {
            IMAGETYPE_PNG => ['png', 'image/png'],
            IMAGETYPE_WEBP => ['webp', 'image/webp'],
            default => ['jpg', 'image/jpeg'],
        };
        match ($type) {
            IMAGETYPE_PNG => imagepng($image),
            IMAGETYPE_WEBP => imagewebp($image, quality: self::QUALITY),
            default => imagejpeg($image, quality: self::QUALITY),
        };

        return new self((string) ob_get_clean(), $extension, $mediaType);
    }
}

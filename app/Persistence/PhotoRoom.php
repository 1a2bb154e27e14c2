<?php

declare(strict_types=1);

namespace App\Persistence;

use App\Models\House;
use App\Support\Photograph;
use Illuminate\Support\Facades\Storage;
use Illuminate\Validation\ValidationException;

/** The photographs of the houses of a crew, and the room they take on disk. */
final class PhotoRoom
{
    private const MB = 1_000_000;

    /**
     * @param string $file its name: the sum of what is in it, so that one that is sent twice is kept once
     *
     * @throws ValidationException where the crew's room is full
     */
    public static function keep(House $house, Photograph $photo, string $file): void
    {
        $path = "photos/{$house->id}/$file";
        if (Storage::exists($path)) {
            return;
        }
        $bytes = strlen($photo->bytes);
        ['used' => $used, 'most' => $most] = self::of($house->crew_id);
        if ($used + $bytes > $most) {
            $mb = intdiv($most, self::MB);
            throw ValidationException::withMessages([
                'photo' => "The crew's room for photographs is full, $mb MB. Who runs the server can give it more.",
            ]);
        }
        // A picture without its entry harms nobody.
        Storage::put($path, $photo->bytes);
        House::query()->whereKey($house->id)->toBase()->increment('photo_bytes', $bytes);
    }

    /**
     * @param string $crew its id
     *
     * @return array{used: int, most: int} bytes
     */
    public static function of(string $crew): array
    {
        $most = config('crews.photo_mb');

        return [
            'used' => (int) House::query()->where('crew_id', $crew)->sum('photo_bytes'),
            'most' => (is_numeric($most) ? (int) $most : 0) * self::MB,
        ];
    }
}

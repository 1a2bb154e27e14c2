<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\ChangeHouse;
use App\Http\Requests\PhotoRequest;
use App\Models\House;
use App\Models\User;
use App\Persistence\HouseStore;
use App\Sheets\BoxSheet;
use App\Support\Clock;
use App\Support\Photograph;
use Bouclier\Core\House\House as CoreHouse;
use Bouclier\Core\Records\Records;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Facades\Storage;
use Symfony\Component\HttpFoundation\StreamedResponse;

/** Photographs of boxes as found. The house file names them, the pictures lie beside the house. */
final readonly class PhotoController
{
    private const LIST = 'photos';

    public function __construct(
        private ChangeHouse $change,
        private HouseStore $store,
    ) {
    }

    public function store(PhotoRequest $request, House $house, string $point): JsonResponse
    {
        $this->store->load($house)->point($point);
        $photo = Photograph::of($request->photo());
        $sum = hash('sha256', $photo->bytes);
        $file = "$sum.{$photo->extension}";
        // Under the sum of what is in it: sent twice it is kept once, and a picture without its entry harms nobody.
        Storage::put("photos/{$house->id}/$file", $photo->bytes);
        $entry = [
            'point' => $point, 'file' => $file, 'sha256' => $sum, 'media_type' => $photo->mediaType,
            'text' => $request->input('text'), 'at_time' => Clock::now(),
        ];

        return HouseChangeController::answer($request, $house, fn(User $user): CoreHouse => $this->change->into(
            $house,
            $user,
            null,
            fn(CoreHouse $core): CoreHouse => Records::added(
                $core,
                self::LIST,
                (object) array_filter([...$entry, 'who' => $user->name], fn(?string $said): bool => $said !== null),
            ),
            'A photograph added',
        ), shown: BoxSheet::shown($point));
    }

    /** By what is in it: what is shown under an address never changes, whatever is undone meanwhile. */
    public function show(House $house, string $photo): StreamedResponse
    {
        abort_unless(Storage::exists("photos/{$house->id}/$photo"), 404);

        return Storage::response("photos/{$house->id}/$photo", headers: ['Cache-Control' => 'private, max-age=31536000, immutable']);
    }
}

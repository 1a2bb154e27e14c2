<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\ChangeHouse;
use App\Http\HouseAnswer;
use App\Http\Once;
use App\Http\Requests\PhotoRequest;
use App\Http\SignedIn;
use App\Models\House;
use App\Persistence\HouseStore;
use App\Persistence\PhotoRoom;
use App\Support\Photograph;
use Bouclier\Core\Change\Commands\AddPhoto;
use Bouclier\Core\House\House as CoreHouse;
use Illuminate\Http\JsonResponse;
use Symfony\Component\HttpFoundation\StreamedResponse;

/** Photographs of boxes as found. The house file names them, the pictures lie beside the house. */
final readonly class PhotoController
{
    public function __construct(
        private ChangeHouse $change,
        private HouseStore $store,
    ) {
    }

    public function store(PhotoRequest $request, House $house, string $point): JsonResponse
    {
        $this->store->load($house)->point($point);
        $user = SignedIn::user($request);
        $photo = Photograph::of($request->photo());
        $sum = hash('sha256', $photo->bytes);
        $file = "$sum.{$photo->extension}";
        PhotoRoom::keep($house, $photo, $file);
        $command = new AddPhoto($point, $file, $sum, $photo->mediaType, $request->text());

        return Once::answered(
            $house,
            $user,
            $request->sent(),
            fn(): array => [$this->change->by($command, $house, $user, $request->sent()), []],
            fn(CoreHouse $after): JsonResponse => HouseAnswer::box($house, $after, $point),
            fn(): CoreHouse => $this->store->load($house),
        );
    }

    public function show(House $house, string $photo): StreamedResponse
    {
        return Photograph::sent($house->id, $photo);
    }
}

<?php

declare(strict_types=1);

namespace App\Http;

use App\Models\House;
use App\Pages\HousePage;
use Bouclier\Core\House\House as CoreHouse;
use Bouclier\Sheets\Shown;
use Illuminate\Http\JsonResponse;

/** What a change answers: what is shown of the house as it is then, as much of it as the page that sent it needs at once. */
final class HouseAnswer
{
    /**
     * What a command answers, by its address: as much as who told it sees at once.
     *
     * @param string|null $point in the address
     * @param array<mixed> $said beside the house
     */
    public static function to(string $address, House $row, CoreHouse $house, ?string $point, array $said): JsonResponse
    {
        return match (Shown::after($address)) {
            Shown::Runs => self::runs($row, $house),
            Shown::Call => self::call($row, $house),
            Shown::Box => self::box($row, $house, $point ?? ''),
            Shown::Head => self::head($row, $house),
            Shown::House => self::judged($row, $house, $said),
        };
    }

    /** @param array<mixed> $more said beside the house */
    public static function judged(House $row, CoreHouse $house, array $more = []): JsonResponse
    {
        return self::shown($row, fn(): array => HousePage::of($row, $house) + $more);
    }

    public static function head(House $row, CoreHouse $house): JsonResponse
    {
        return self::shown($row, fn(): array => ['house' => HousePage::head($row, $house)]);
    }

    /** The runs alone: the next step is wanted at once. */
    public static function runs(House $row, CoreHouse $house): JsonResponse
    {
        return self::shown($row, fn(): array => ['house' => HousePage::head($row, $house), 'runs' => HousePage::runs($row, $house)]);
    }

    public static function box(House $row, CoreHouse $house, string $point): JsonResponse
    {
        return self::shown($row, fn(): array => ['house' => HousePage::head($row, $house), 'box' => HousePage::box($row, $house, $point)]);
    }

    public static function call(House $row, CoreHouse $house): JsonResponse
    {
        return self::shown($row, fn(): array => ['house' => HousePage::head($row, $house), 'trips' => HousePage::trips($row, $house)]);
    }

    /** @param \Closure(): array<string, mixed> $sheet */
    private static function shown(House $row, \Closure $sheet): JsonResponse
    {
        try {
            return response()->json($sheet());
        } catch (\Throwable $thrown) {
            // It is stored: that what it comes to cannot be shown is another matter, and no reason to send it again.
            report($thrown);

            return response()->json([
                'kept' => true,
                'revision' => $row->revision,
                'message' => 'It is kept. What it comes to could not be shown: reload the page.',
            ]);
        }
    }
}

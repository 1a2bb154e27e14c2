<?php

declare(strict_types=1);

namespace Bouclier\Sheets;

use Bouclier\Core\Diagnose\AssumedWiring;
use Bouclier\Core\Diagnose\BoxesPowered;
use Bouclier\Core\Diagnose\CouldRead;
use Bouclier\Core\Diagnose\Priors;
use Bouclier\Core\Diagnose\Words\CauseWords;
use Bouclier\Core\Diagnose\Words\StepWords;
use Bouclier\Core\Exchange\CallReader;
use Bouclier\Core\Feed\FeedMap;
use Bouclier\Core\House\House;
use Bouclier\Core\House\Places;
use Bouclier\Core\House\Point;
use Bouclier\Core\Live\Asker;
use Bouclier\Core\Live\LiveState;

/**
 * What could make an outlet read as it does, by the electrical model, and the next look.
 *
 * @phpstan-type ReadsPage array{
 *     // The likeliest first.
 *     causes: list<array{name: string, probability: float}>,
 *     // How to tell them apart, and why so; null where no test would.
 *     next: string|null,
 *     why: string|null,
 * }
 */
final class ReadsSheet
{
    private const NAMED = 4;

    /** @return ReadsPage */
    public static function of(House $house, Point $point, Priors $priors, Asker $asker): array
    {
        $asked = CouldRead::asACall($house, $point);
        $diagnosis = CallReader::standing($asked, $priors)?->diagnose();
        // What is assumed of the runs has names as well.
        $places = new Places(AssumedWiring::of($asked)->house);
        $words = new CauseWords($places);
        $steps = new StepWords($places, new BoxesPowered($asked, new LiveState($asked, new FeedMap($asked), $asker)));
        $chances = [];
        foreach ($diagnosis->causes ?? [] as $cause) {
            $name = $words->name($cause->hypothesis);
            $chances[$name] = ($chances[$name] ?? 0.0) + $cause->probability;
        }
        arsort($chances);
        $named = array_slice($chances, 0, self::NAMED, true);
        $next = $diagnosis?->next();

        return [
            'causes' => array_map(
                fn(int|string $name, float $chance): array => ['name' => $name, 'probability' => round($chance, 3)],
                array_keys($named),
                array_values($named),
            ),
            'next' => $next === null ? null : $steps->title($next),
            'why' => $next === null ? null : $steps->why($next),
        ];
    }
}

<?php

declare(strict_types=1);

namespace Bouclier\Core\Change\Commands;

use Bouclier\Core\Change\Told;
use Bouclier\Core\Exchange\Body;
use Bouclier\Core\Exchange\ObservationReader;
use Bouclier\Core\Exchange\PartForm;
use Bouclier\Core\Feed\Observed\Codes;
use Bouclier\Core\Feed\Observed\Observations;
use Bouclier\Core\House\Entries\Seen;
use Bouclier\Core\House\Entries\SeenKind;
use Bouclier\Core\House\House;
use Bouclier\Core\House\PairMeans;
use Bouclier\Core\Live\Asker;
use Bouclier\Core\Live\OpenBoxes;

/** Something seen on the way along the runs. */
final readonly class Observe implements Told
{
    /** What each kind carries beside its kind. */
    private const CARRIES = [
        'off' => ['circuit', 'dead', 'live'],
        'trip' => ['at', 'dead', 'live', 'already_dead', 'back'],
        'button' => ['point', 'tripped'],
        'open' => ['point', 'pairs'],
        'lift' => ['point', 'pair', 'dead', 'live'],
        'pair' => ['point', 'pair', 'live', 'by'],
    ];

    private const MOST_POINTS = 1000;

    public function __construct(private Seen $seen)
    {
    }

    public static function told(Body $body): self
    {
        $kind = $body->choice('kind', SeenKind::class);
        $said = ['kind' => $kind->value];
        foreach (self::CARRIES[$kind->value] as $key) {
            $said[$key] = match ($key) {
                'circuit', 'at', 'point' => $body->id($key),
                'pair' => $body->text($key, 1),
                'pairs' => $body->whole($key, 1, 26),
                'by' => $body->choice($key, PairMeans::class)->value,
                'already_dead', 'back' => $body->maybeIds($key, self::MOST_POINTS),
                'live' => $kind === SeenKind::Pair ? $body->flag($key) : $body->maybeIds($key, self::MOST_POINTS) ?? $body->missing($key),
                default => $body->maybeIds($key, self::MOST_POINTS) ?? $body->missing($key),
            };
        }

        return new self(PartForm::read(Seen::class, (object) $said));
    }

    public function on(House $house, Asker $by): House
    {
        $after = $house->withEntry($this->seen->stamped($by->name, $by->now));
        ObservationReader::of($after);

        return OpenBoxes::observed($after, $this->seen, $by->name, $by->now);
    }

    public function summary(House $house): ?string
    {
        $seen = Observations::of($house->withEntry($this->seen))->seen;

        return ($seen[count($house->entries->all(Seen::class))] ?? null)?->spoken(new Codes($house));
    }
}

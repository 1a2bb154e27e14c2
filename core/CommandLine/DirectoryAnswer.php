<?php

declare(strict_types=1);

namespace Bouclier\Core\CommandLine;

use Bouclier\Core\House\Panel;
use Bouclier\Core\House\Point;
use Bouclier\Core\Papers\DirectoryLine;
use Bouclier\Core\Papers\PanelDirectory;

/** The panel directory as the answer of `bouclier directory`. */
final class DirectoryAnswer
{
    /** @return array<string, mixed> */
    public static function toData(PanelDirectory $directory): array
    {
        $panels = new \stdClass();
        foreach ($directory->panels as $id => $lines) {
            $panels->{$id} = array_map(self::line(...), $lines);
        }

        return ['panels' => $panels, 'unplaced' => self::codes($directory->unplaced)];
    }

    /** @return array<string, mixed> */
    private static function line(DirectoryLine $line): array
    {
        return [
            'slot' => $line->circuit->slot,
            'circuit' => $line->circuit->id,
            'amps' => $line->circuit->amps,
            'poles' => $line->circuit->poles(),
            'tied_to' => $line->tiedTo?->slot,
            'label' => $line->circuit->label,
            'feeds' => self::codes($line->feeds),
            'uncertain' => self::codes($line->uncertain),
            'panels' => array_map(fn(Panel $panel): string => $panel->id, $line->panels),
            'protection' => $line->protection,
        ];
    }

    /**
     * @param list<Point> $points
     *
     * @return list<string>
     */
    private static function codes(array $points): array
    {
        return array_map(fn(Point $point): string => $point->code, $points);
    }
}

<?php

declare(strict_types=1);

namespace Bouclier\Core\Survey;

use Bouclier\Core\House\Appliance;
use Bouclier\Core\House\FreeId;
use Bouclier\Core\House\House;
use Bouclier\Core\House\LocationCodes;

/** Something plugged in: `+ kettle K1-02 1500w on`, `+ freezer W1-07 critical`, `+ kettle unplugged`. Its name says which one. */
final readonly class ApplianceLine
{
    public function __construct(private House $house)
    {
    }

    /** @param list<Word> $words after the plus sign */
    public function read(array $words): EnteredLine
    {
        $name = [];
        $set = [];
        $at = null;
        foreach ($words as $word) {
            $plain = $word->plain();
            $point = $word->quoted ? null : LocationCodes::point($this->house, $plain);
            match (true) {
                $point !== null => [$at, $set['at']] = [$point, $point->id],
                preg_match('/^(\d{1,5})w$/', $plain, $watts) === 1 => $set['watts'] = (int) $watts[1],
                preg_match('/^(120|240)v$/', $plain, $volts) === 1 => $set['volts'] = (int) $volts[1],
                $plain === 'on' || $plain === 'off' => $set['on'] = $plain === 'on',
                $plain === 'critical' => $set['critical'] = true,
                $plain === 'cord' => $set['extension'] = true,
                $plain === 'unplugged' => $set['at'] = null,
                default => $name[] = $word->text,
            };
        }
        $called = implode(' ', $name);
        $appliance = $this->byName($called);
        $faults = $called === '' ? [new EntryFault(0, 1, 'Say what it is, as in "+ kettle K1-02 1500w"')] : [];
        if ($appliance === null) {
            $set = ['name' => ucfirst($called)] + $set + ['at' => null];
        }
        $where = $at ?? ($appliance?->at === null ? null : $this->house->point($appliance->at));
        $said = array_filter([
            $called === '' ? null : ucfirst($called),
            array_key_exists('at', $set) && $set['at'] === null ? 'not plugged in' : ($where === null ? null : "at {$where->code}"),
            isset($set['watts']) ? "{$set['watts']} W" : null,
            isset($set['on']) ? ($set['on'] ? 'on' : 'off') : null,
            isset($set['critical']) ? 'spoils something when it trips' : null,
            isset($set['extension']) ? 'on a cord set' : null,
        ], is_string(...));

        return new EnteredLine(
            'appliances',
            $appliance->id ?? FreeId::in($this->house, self::slug($called)),
            $appliance === null,
            $set,
            implode(', ', $said),
            $faults,
            $where?->area,
        );
    }

    private function byName(string $name): ?Appliance
    {
        foreach ($this->house->appliances as $appliance) {
            if (mb_strtolower($appliance->name) === mb_strtolower($name)) {
                return $appliance;
            }
        }

        return null;
    }

    private static function slug(string $name): string
    {
        $slug = trim((string) preg_replace('/[^a-z0-9]+/', '-', mb_strtolower($name)), '-');

        return $slug === '' ? 'appliance' : $slug;
    }
}

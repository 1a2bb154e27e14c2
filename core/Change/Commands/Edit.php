<?php

declare(strict_types=1);

namespace Bouclier\Core\Change\Commands;

use Bouclier\Core\Change\Corrected;
use Bouclier\Core\Change\HouseDocument;
use Bouclier\Core\Change\PartChange;
use Bouclier\Core\Change\Patch;
use Bouclier\Core\Change\Patched;
use Bouclier\Core\Change\Sets;
use Bouclier\Core\Change\Told;
use Bouclier\Core\Exchange\BadHouseFile;
use Bouclier\Core\Exchange\Body;
use Bouclier\Core\House\House;
use Bouclier\Core\House\LocationCodes;
use Bouclier\Core\Live\Asker;
use Bouclier\Core\Live\Switching;

/** Parts of the house set to what they are said to be. */
final readonly class Edit implements Sets, Told
{
    private const MOST = 500;

    /** What was read, tested and proved is only added, each by its own way. */
    private const ONLY_ADDED = ['observations', 'tests', 'records'];

    /** @param list<Patch> $patches */
    public function __construct(private array $patches)
    {
    }

    public static function told(Body $body): self
    {
        return new self(array_map(self::patch(...), $body->parts('changes', self::MOST)));
    }

    public function on(House $house, Asker $by): House
    {
        $after = Corrected::after($house, Patched::in($house, $this->patches), $this->patches);
        $after = ! $by->isLate ? $after : LocationCodes::newMadeUnique($house, $after);
        $clashes = LocationCodes::clashes($house, $after);
        if ($clashes !== []) {
            throw new BadHouseFile($clashes);
        }

        return Switching::kept($house, $after);
    }

    public function patches(House $house, Asker $by): array
    {
        return $this->patches;
    }

    public function summary(House $house): null
    {
        return null;
    }

    /** What a part may hold is the house file's schema to say; here only the envelope is read. */
    private static function patch(Body $change): Patch
    {
        $in = $change->text('in', 20);
        if (! in_array($in, [PartChange::HOUSE, ...HouseDocument::LISTS], true)) {
            $change->wrong('in', 'must be one of ' . implode(', ', [PartChange::HOUSE, ...HouseDocument::LISTS]));
        }
        if (! in_array('set', $change->keys(), true)) {
            $change->missing('set');
        }
        $set = $change->raw('set');
        $set = $set === [] ? new \stdClass() : $set;
        if ($set !== null && ! $set instanceof \stdClass) {
            $change->wrong('set', 'must be an object, or null for what is taken out');
        }
        $added = $in === PartChange::HOUSE && $set !== null ? array_intersect(self::ONLY_ADDED, array_keys(get_object_vars($set))) : [];
        foreach ($added as $list) {
            $change->wrong("set/$list", 'is only added to, entry by entry');
        }

        return new Patch($in, $in === PartChange::HOUSE ? '' : $change->id('id'), $set);
    }
}

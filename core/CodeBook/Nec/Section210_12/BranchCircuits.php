<?php

declare(strict_types=1);

namespace Bouclier\Core\CodeBook\Nec\Section210_12;

use Bouclier\Core\CodeBook\Clauses;
use Bouclier\Core\CodeBook\Rule;
use Bouclier\Core\CodeBook\Site;
use Bouclier\Core\CodeBook\UsesData;
use Bouclier\Core\House\Edition;
use Bouclier\Core\House\Point;
use Bouclier\Core\House\Protection;
use Bouclier\Core\House\Work;

/**
 * NEC 210.12(A), in 2023 210.12(B): AFCI protection of circuits that supply outlets or devices in the rooms of its list. An extension is
 * the matter of its own clause, see {@see Extensions}.
 */
final class BranchCircuits implements Rule, UsesData
{
    public function id(): string
    {
        return 'nec-210.12-branch-circuits';
    }

    public function asksFor(): Protection
    {
        return Protection::Afci;
    }

    public function clauses(): Clauses
    {
        return Clauses::nec('210.12(A)', '210.12(A)', '210.12(A)', '210.12(B)');
    }

    public function reason(): string
    {
        return 'An arc at a loose screw or a crushed cable starts fires where people sleep and sit.';
    }

    public function binds(Site $site): ?string
    {
        $binding = $site->work === Work::Extend ? null : Duty::binding($site);
        if ($binding === null || ($site->work === Work::Replace && ! self::bindsReplacement($site))) {
            return null;
        }

        return self::fact($site, $binding);
    }

    /** What binds the circuit: the room itself, or one that the circuit also supplies. */
    public static function fact(Site $site, Point $binding): string
    {
        $because = Duty::because($site->context, $binding);

        return $binding->id === $site->point->id
            ? ucfirst("{$because}, and {$site->area->code} is one.")
            : "Its circuit also supplies {$binding->code}: $because.";
    }

    /**
     * A device changed in place is asked for by 406.4(D)(4): where the circuit is bound (2014), where the outlet itself stands in a listed
     * room (since).
     */
    private static function bindsReplacement(Site $site): bool
    {
        return $site->point->isReceptacle() && ($site->edition->isBefore(Edition::Nec2017) || Duty::isListed($site->area));
    }

    public function uses(Edition $edition): array
    {
        return Duty::inWords($edition);
    }
}

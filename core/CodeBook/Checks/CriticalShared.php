<?php

declare(strict_types=1);

namespace Bouclier\Core\CodeBook\Checks;

use Bouclier\Core\CodeBook\Clauses;
use Bouclier\Core\CodeBook\Finding;
use Bouclier\Core\CodeBook\Finds;
use Bouclier\Core\CodeBook\Found;
use Bouclier\Core\CodeBook\Hazard;
use Bouclier\Core\CodeBook\PointAssessment;
use Bouclier\Core\CodeBook\PointCheck;
use Bouclier\Core\CodeBook\Severity;
use Bouclier\Core\CodeBook\Site;
use Bouclier\Core\House\AtStake;
use Bouclier\Core\House\Point;
use Bouclier\Core\House\Protection;
use Bouclier\Core\House\Serves;

/**
 * A cold store or sump that goes dark with other outlets: a trip nobody sees spoils something. Where the edition asks for GFCI it wants a
 * device of its own, where not it is kept off.
 */
final class CriticalShared implements PointCheck
{
    use Found;

    public function finds(): array
    {
        return [
            'critical_shared' => new Finds(Hazard::Dark, Clauses::none()),
            'critical_own_device' => new Finds(Hazard::Dark, Clauses::none()),
            'critical_keep_off' => new Finds(Hazard::Dark, Clauses::none()),
        ];
    }

    public function findings(Site $site, PointAssessment $judged): array
    {
        if ($site->serves(Serves::SmokeAlarm)) {
            return $this->silent($site, $judged);
        }
        $critical = AtStake::at($site->point->serves()) !== null
            ? mb_strtolower($site->point->serves()->label())
            : self::plugged($site);
        if ($critical === null || ! $site->isOutlet()) {
            return [];
        }
        $found = [];
        $guards = $judged->guards(Protection::Gfci);
        foreach ($guards as $guard) {
            $others = $site->context->zones()->others($guard, $site->point);
            if ($others !== []) {
                $codes = implode(
                    ', ',
                    array_map(fn(Point $other): string => $other->code, array_slice($others, 0, 4)),
                ) . (count($others) > 4 ? ' and others' : '');
                $found[] = $this->found(
                    'critical_shared',
                    $site,
                    Severity::Warning,
                    "The $critical at {$site->point->code} goes dark with $codes when {$guard->spoken()} trips, and nobody may see it.",
                );
            }
        }
        $asked = $judged->demandsFor(Protection::Gfci) !== [];
        if ($asked && ($found !== [] || $guards === [])) {
            $found[] = $this->found(
                'critical_own_device',
                $site,
                Severity::Advice,
                "GFCI is asked for at the $critical at {$site->point->code}: give it a device of its own, nothing else on it, and an "
                    . 'alarm that sounds when it loses power.',
                clause: $judged->demandsFor(Protection::Gfci)[0]->clause,
            );
        }
        if (! $asked && $guards !== []) {
            $found[] = $this->found(
                'critical_keep_off',
                $site,
                Severity::Advice,
                "{$site->edition->label()} asks for no GFCI at the $critical at {$site->point->code}: kept off it, no trip can spoil "
                    . 'anything.',
            );
        }

        return $found;
    }

    /** @return list<Finding> a smoke alarm beyond the LOAD of a device */
    private function silent(Site $site, PointAssessment $judged): array
    {
        foreach ($judged->guards(Protection::Gfci) as $guard) {
            if (! $guard->isBreaker() && $guard->id() !== $site->point->id) {
                return [$this->found(
                    'critical_shared',
                    $site,
                    Severity::Advice,
                    "The smoke alarm at {$site->point->code} hangs beyond the LOAD of {$guard->spoken()}: when that trips, it goes silent.",
                )];
            }
        }

        return [];
    }

    private static function plugged(Site $site): ?string
    {
        foreach ($site->house->appliances as $appliance) {
            if ($appliance->at === $site->point->id && $appliance->critical === true) {
                return mb_strtolower($appliance->name);
            }
        }

        return null;
    }
}

<?php

declare(strict_types=1);

namespace Bouclier\Core\CodeBook\Cec\Section26_658;

use Bouclier\Core\CodeBook\Clauses;
use Bouclier\Core\CodeBook\Context;
use Bouclier\Core\CodeBook\Rule;
use Bouclier\Core\CodeBook\Site;
use Bouclier\Core\House\AmendmentKind;
use Bouclier\Core\House\AreaKind;
use Bouclier\Core\House\Circuit;
use Bouclier\Core\House\Point;
use Bouclier\Core\House\Protection;
use Bouclier\Core\House\Serves;

/**
 * CEC 26-658: AFCI protection of every branch circuit of 125 V receptacles of 20 A or less, except circuits that feed nothing but bathroom
 * receptacles, kitchen counter and refrigerator receptacles, or one sump pump.
 */
final class BranchCircuits implements Rule
{
    public function id(): string
    {
        return 'cec-26-658-branch-circuits';
    }

    public function asksFor(): Protection
    {
        return Protection::Afci;
    }

    public function clauses(): Clauses
    {
        return Clauses::cec('26-658');
    }

    public function reason(): string
    {
        return 'An arc at a loose screw or a crushed cord starts fires.';
    }

    public function binds(Site $site): ?string
    {
        $circuit = $site->circuit();
        if ($circuit === null) {
            return self::isReceptacle($site) && self::exemptAs($site) === null ? 'It is a receptacle of 20 A or less.' : null;
        }

        return $site->context->once("26-658 {$circuit->id}", fn(): bool => self::isBound($circuit, $site->context))
            ? 'Its circuit supplies receptacles of 20 A or less.'
            : null;
    }

    private static function isBound(Circuit $circuit, Context $context): bool
    {
        $sites = array_values(array_filter(
            array_map(fn(Point $point): Site => $context->site($point), $context->feeds->pointsOn($circuit)),
            fn(Site $site): bool => $site->isOutlet(),
        ));
        $classes = array_unique(array_map(fn(Site $site): string => self::exemptAs($site) ?? '', $sites));
        $exempt = count($classes) === 1 && $classes[0] !== '' && ($classes[0] !== 'sump' || count($sites) === 1);

        return ! $exempt && array_filter(
            $sites,
            fn(Site $site): bool => self::isReceptacle($site) && $site->amendments(AmendmentKind::Waive, new self()) === [],
        ) !== [];
    }

    private static function isReceptacle(Site $site): bool
    {
        return $site->point->isReceptacle() && $site->point->volts() <= 125.0 && $site->point->amps() <= 20.0;
    }

    /** The class of receptacles whose circuits are let off, null for the rest. */
    private static function exemptAs(Site $site): ?string
    {
        return match (true) {
            ! self::isReceptacle($site) => null,
            $site->area->kind === AreaKind::Bathroom => 'bathroom',
            $site->area->kind === AreaKind::Kitchen && $site->serves(Serves::Countertop, Serves::Refrigerator) => 'kitchen',
            $site->serves(Serves::SumpPump) => 'sump',
            default => null,
        };
    }
}

<?php

declare(strict_types=1);

namespace Bouclier\Core\CodeBook\Checks;

use Bouclier\Core\CodeBook\Clauses;
use Bouclier\Core\CodeBook\Context;
use Bouclier\Core\CodeBook\Finds;
use Bouclier\Core\CodeBook\Found;
use Bouclier\Core\CodeBook\Hazard;
use Bouclier\Core\CodeBook\PointAssessment;
use Bouclier\Core\CodeBook\PointCheck;
use Bouclier\Core\CodeBook\Severity;
use Bouclier\Core\CodeBook\Site;
use Bouclier\Core\House\Entries\TestDone;

/** The grounds in the box do not reach the device: seen in the open box, or found as it was looked at in a call. */
final class GroundPigtailMissing implements PointCheck
{
    use Found;

    private const SEEN = 'ground_missing';

    public function finds(): array
    {
        return ['ground_pigtail_missing' => new Finds(Hazard::Shock, Clauses::none(), isAcute: true)];
    }

    public function findings(Site $site, PointAssessment $judged): array
    {
        return self::isMissing($site)
            ? [$this->found(
                'ground_pigtail_missing',
                $site,
                Severity::Error,
                "In the box of {$site->point->code} no pigtail leads from the grounds to the device: three holes, and no ground behind "
                    . 'them. The break is here, not upstream: splice one on.',
            )]
            : [];
    }

    /** Whether that is where its ground is broken. */
    public static function isMissing(Site $site): bool
    {
        $has = $site->point->box?->pigtail;

        return $has === false || ($has === null && self::seenIn($site->context, $site->point->id));
    }

    /** Whether the last look into the box showed it. */
    private static function seenIn(Context $context, string $point): bool
    {
        $looks = array_filter(
            $context->house->entries->all(TestDone::class),
            fn(TestDone $test): bool => $test->action->text('do') === 'inspect' && $test->action->spot('at')?->point === $point,
        );
        $last = array_pop($looks);

        return in_array(self::SEEN, $last?->reading->listed('seen') ?? [], true);
    }
}

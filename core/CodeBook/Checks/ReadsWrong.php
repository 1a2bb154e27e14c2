<?php

declare(strict_types=1);

namespace Bouclier\Core\CodeBook\Checks;

use Bouclier\Core\CodeBook\Clauses;
use Bouclier\Core\CodeBook\Finds;
use Bouclier\Core\CodeBook\Found;
use Bouclier\Core\CodeBook\Hazard;
use Bouclier\Core\CodeBook\PointAssessment;
use Bouclier\Core\CodeBook\PointCheck;
use Bouclier\Core\CodeBook\Read\LampsAt;
use Bouclier\Core\CodeBook\Severity;
use Bouclier\Core\CodeBook\Site;
use Bouclier\Core\House\Moment;
use Bouclier\Core\Network\SweepReading;

/** A tester's lamps show something else than the house as it is recorded should. */
final class ReadsWrong implements PointCheck
{
    use Found;

    public function finds(): array
    {
        return ['reads_wrong' => new Finds(Hazard::Shock, Clauses::none(), isAcute: true)];
    }

    public function findings(Site $site, PointAssessment $judged): array
    {
        $context = $site->context;
        $found = [];
        foreach ($context->once('lamps', fn(): array => LampsAt::last($context->house))[$site->point->id] ?? [] as $read) {
            if (! $read->isWrongAt($context, $site->point)) {
                continue;
            }
            $half = $read->half === null ? '' : ", {$read->half->value} half,";
            $said = SweepReading::of($read->lamps);
            $found[] = $this->found(
                'reads_wrong',
                $site,
                Severity::Error,
                "{$site->point->code}$half read {$read->lamps->spoken()}" . Moment::at($read->atTime)
                    . ', and as recorded it should read ' . LampsAt::expected($context, $site->point)->spoken()
                    . ". {$said->means}" . ($said->cannotShow === null ? '' : " {$said->cannotShow}"),
            );
        }

        return $found;
    }
}

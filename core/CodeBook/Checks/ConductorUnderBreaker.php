<?php

declare(strict_types=1);

namespace Bouclier\Core\CodeBook\Checks;

use Bouclier\Core\CodeBook\Ampacity;
use Bouclier\Core\CodeBook\Clauses;
use Bouclier\Core\CodeBook\Finds;
use Bouclier\Core\CodeBook\Found;
use Bouclier\Core\CodeBook\Hazard;
use Bouclier\Core\CodeBook\PointAssessment;
use Bouclier\Core\CodeBook\PointCheck;
use Bouclier\Core\CodeBook\Severity;
use Bouclier\Core\CodeBook\Site;
use Bouclier\Core\House\Point;
use Bouclier\Core\House\Serves;
use Bouclier\Core\House\WiringMethod;

/**
 * A wire thinner than its breaker allows: 240.4(D) to 10 AWG, beyond it Table 310.16 with the next standard size up (240.4(B)). For motors
 * and air conditioning the nameplate decides (240.4(G)).
 */
final class ConductorUnderBreaker implements PointCheck
{
    use Found;

    public function finds(): array
    {
        $table = 'Table 310.15(B)(16), 240.4(B)';
        $since2020 = 'Table 310.16, 240.4(B)';

        return [
            'conductor_under_breaker' => new Finds(Hazard::Fire, Clauses::everyNec('240.4(D)'), isAcute: true),
            'conductor_under_breaker, table' => new Finds(
                Hazard::Fire,
                Clauses::nec($table, $table, $since2020, $since2020)->second(),
                isAcute: true,
            ),
            'conductor_under_breaker, motor' => new Finds(Hazard::None, Clauses::everyNec('240.4(G)')->second()),
        ];
    }

    public function findings(Site $site, PointAssessment $judged): array
    {
        $feed = $site->feeds->feed($site->point);
        $awg = $feed->cable?->awg;
        $amps = $feed->circuit->amps ?? 0.0;
        if ($awg === null || $amps <= Ampacity::mostAmps($awg, at75C: false)) {
            return [];
        }
        $said = sprintf(
            'The cable to %s is %d AWG, good for a breaker of %s A, on one of %s A',
            $site->point->code,
            $awg,
            Ampacity::mostAmps($awg, at75C: false),
            $amps,
        );
        if (self::feedsMotorsAlone($site, $site->point)) {
            return [$this->found(
                'conductor_under_breaker, motor',
                $site,
                Severity::Advice,
                "$said: for a motor or air conditioning that may be right, the nameplate decides.",
            )];
        }
        $hotter = ! Ampacity::isSmall($awg) && $amps <= Ampacity::mostAmps($awg, at75C: true);
        $method = $feed->cable->method;

        return match (true) {
            ! $hotter || $method === WiringMethod::Nm => [
                $this->found(
                    Ampacity::isSmall($awg) ? 'conductor_under_breaker' : 'conductor_under_breaker, table',
                    $site,
                    Severity::Error,
                    "$said.",
                ),
            ],
            $method === null => [$this->found(
                'conductor_under_breaker, table',
                $site,
                Severity::Warning,
                "$said: right only in another method than NM, with terminals for 75 °C. How it is run is not recorded.",
            )],
            default => [],
        };
    }

    /** Whether the point, and all that hangs beyond it, is heating or cooling. */
    private static function feedsMotorsAlone(Site $site, Point $point): bool
    {
        $beyond = $site->feeds->cablesOutOf($point);
        if ($point->isOutlet() ? ! in_array($point->serves(), [Serves::Hvac, Serves::HvacInverter], true) : $beyond === []) {
            return false;
        }
        foreach ($beyond as $cable) {
            if (! self::feedsMotorsAlone($site, $site->house->point($cable->to->point))) {
                return false;
            }
        }

        return true;
    }
}

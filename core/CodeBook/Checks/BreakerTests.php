<?php

declare(strict_types=1);

namespace Bouclier\Core\CodeBook\Checks;

use Bouclier\Core\CodeBook\Context;
use Bouclier\Core\CodeBook\HouseCheck;
use Bouclier\Core\Feed\Guard;

/** The TEST of protective breakers. */
final class BreakerTests extends ButtonTests implements HouseCheck
{
    public function findings(Context $context, array $judged): array
    {
        $found = [];
        foreach ($context->house->circuits as $circuit) {
            $isTimed = $circuit->breaker()->givesGfci();
            array_push(
                $found,
                ...$this->of($circuit->id, (new Guard($circuit))->spoken(), $context, fn(): bool => $isTimed, $isTimed, $circuit->id),
            );
        }

        return $found;
    }
}

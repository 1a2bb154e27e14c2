<?php

declare(strict_types=1);

namespace Bouclier\Core\CodeBook\Checks;

use Bouclier\Core\CodeBook\Amended;
use Bouclier\Core\CodeBook\Clauses;
use Bouclier\Core\CodeBook\CodeBook;
use Bouclier\Core\CodeBook\Context;
use Bouclier\Core\CodeBook\Finds;
use Bouclier\Core\CodeBook\Found;
use Bouclier\Core\CodeBook\Hazard;
use Bouclier\Core\CodeBook\HouseCheck;
use Bouclier\Core\CodeBook\Severity;
use Bouclier\Core\House\AmendmentKind;

/** A local amendment that matches no rule of the edition: it changes nothing, and somebody thinks it does. */
final class AmendmentUnmatched implements HouseCheck
{
    use Found;

    public function finds(): array
    {
        return ['amendment_unmatched' => new Finds(Hazard::None, Clauses::none()->second())];
    }

    public function findings(Context $context, array $judged): array
    {
        $found = [];
        $code = $context->house->code;
        foreach ($code->amendments() as $i => $amendment) {
            if (! Amended::matches($amendment, CodeBook::shipped(), $code->edition, $context->edition)) {
                $named = $amendment->rule ?? $amendment->clause ?? 'no clause';
                $found[] = $this->found(
                    'amendment_unmatched',
                    $context,
                    Severity::Warning,
                    'Local amendment ' . ($i + 1) . " ({$amendment->do->value} {$amendment->what->label()}, $named) matches no rule of "
                        . "{$context->edition->label()}" . ($amendment->do === AmendmentKind::Distance ? ' with a distance' : '')
                        . ': it changes nothing.',
                );
            }
        }

        return $found;
    }
}

<?php

declare(strict_types=1);

namespace Bouclier\Core\CodeBook\Nec\Section406_4D;

use Bouclier\Core\CodeBook\Clauses;
use Bouclier\Core\CodeBook\FollowUpRule;
use Bouclier\Core\CodeBook\Site;
use Bouclier\Core\House\Edition;
use Bouclier\Core\House\Protection;
use Bouclier\Core\House\Work;

/** NEC 406.4(D)(5): a replacement is tamper-resistant where the edition asks for it. */
final class ReplacementTamperResistant implements FollowUpRule
{
    public function id(): string
    {
        return 'nec-406.4(D)(5)-replacement-tamper-resistant';
    }

    public function asksFor(): Protection
    {
        return Protection::Tr;
    }

    public function clause(Edition $edition): ?string
    {
        return Clauses::everyNec($edition, '406.4(D)(5)');
    }

    public function reason(): string
    {
        return 'A replacement has shutters where a new one would.';
    }

    public function binds(Site $site): ?string
    {
        return null;
    }

    public function bindsAfter(Site $site, array $demands): ?string
    {
        return $site->work === Work::Replace && $site->point->isReceptacle()
            ? "It is being replaced where {$demands[0]->clause} asks."
            : null;
    }
}

<?php

declare(strict_types=1);

namespace Bouclier\Core\CodeBook\Nec\Section210_8A;

use Bouclier\Core\CodeBook\Clauses;
use Bouclier\Core\CodeBook\Rule;
use Bouclier\Core\CodeBook\Site;
use Bouclier\Core\CodeBook\UsesData;
use Bouclier\Core\House\AreaKind;
use Bouclier\Core\House\Edition;
use Bouclier\Core\House\Exposure;
use Bouclier\Core\House\Protection;

/** NEC 210.8(A)(11), in 2023 (A)(12): indoor damp or wet locations. It goes by the outlet, not by the room. */
final class DampOrWetIndoors implements Rule, UsesData
{
    public function id(): string
    {
        return 'nec-210.8(A)-damp-or-wet-indoors';
    }

    public function asksFor(): Protection
    {
        return Protection::Gfci;
    }

    public function clauses(): Clauses
    {
        return Clauses::nec(null, null, '210.8(A)(11)', '210.8(A)(12)');
    }

    public function reason(): string
    {
        return 'Moisture in the box is a path to ground: receptacles in damp or wet locations indoors count.';
    }

    public function binds(Site $site): ?string
    {
        $exposure = $site->point->exposure();

        return Scope::holds($site->point, $site->edition) && $site->area->kind !== AreaKind::Outdoors && $exposure !== Exposure::Dry
            ? "Its location is indoors and {$exposure->value}."
            : null;
    }

    public function uses(Edition $edition): array
    {
        return ['Damp or wet, indoors', ...Scope::inWords($edition)];
    }
}

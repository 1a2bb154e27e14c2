<?php

declare(strict_types=1);

namespace Bouclier\Core\CodeBook\Nec\Section210_8A;

use Bouclier\Core\CodeBook\Clauses;
use Bouclier\Core\CodeBook\Site;
use Bouclier\Core\House\FixtureKind;

/** NEC 210.8(A)(9), in 2023 (A)(10): receptacles within 6 ft of a bathtub or shower stall, in any room. A hydromassage tub is a bathtub. */
final class BathtubsAndShowers extends ReachRule
{
    public function id(): string
    {
        return 'nec-210.8(A)-bathtubs-and-showers';
    }

    public function clauses(): Clauses
    {
        return Clauses::nec('210.8(A)(9)', '210.8(A)(9)', '210.8(A)(9)', '210.8(A)(10)');
    }

    public function reason(): string
    {
        return 'A cord from here reaches the tub or shower.';
    }

    public function fixtures(): array
    {
        return [FixtureKind::Bathtub, FixtureKind::Shower, FixtureKind::Hydromassage];
    }

    protected function edge(Site $site): string
    {
        return 'the outside edge of a tub or shower';
    }
}

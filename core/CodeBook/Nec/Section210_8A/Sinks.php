<?php

declare(strict_types=1);

namespace Bouclier\Core\CodeBook\Nec\Section210_8A;

use Bouclier\Core\CodeBook\Clauses;
use Bouclier\Core\CodeBook\Site;
use Bouclier\Core\House\Edition;
use Bouclier\Core\House\FixtureKind;

/** NEC 210.8(A)(7), in 2023 (A)(8): receptacles within 6 ft of a sink, in any room. */
final class Sinks extends ReachRule
{
    public function id(): string
    {
        return 'nec-210.8(A)-sinks';
    }

    public function clauses(): Clauses
    {
        return Clauses::nec('210.8(A)(7)', '210.8(A)(7)', '210.8(A)(7)', '210.8(A)(8)');
    }

    public function reason(): string
    {
        return 'A cord from here reaches the sink: what hangs on it can end up in the water.';
    }

    public function fixtures(): array
    {
        return [FixtureKind::Sink];
    }

    protected function edge(Site $site): string
    {
        return $site->edition->isBefore(Edition::Nec2017) ? 'the outside edge of a sink' : 'the top inside edge of a sink';
    }
}

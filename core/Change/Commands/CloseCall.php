<?php

declare(strict_types=1);

namespace Bouclier\Core\Change\Commands;

use Bouclier\Core\Change\Command;
use Bouclier\Core\Diagnose\Conclusion;
use Bouclier\Core\Diagnose\OpenCall;
use Bouclier\Core\House\Entries\OpenItem;
use Bouclier\Core\House\House;
use Bouclier\Core\Live\Asker;

/** The call closed with what it came to; what is left of it stays open. */
final readonly class CloseCall implements Command
{
    /**
     * @param string|null $left what is left to do
     * @param string|null $due a date
     */
    public function __construct(
        private Conclusion $conclusion,
        private ?string $note = null,
        private ?string $left = null,
        private ?string $due = null,
    ) {
    }

    public function on(House $house, Asker $by): House
    {
        $closed = OpenCall::closed($house, $this->conclusion, $by->name, $by->now, $this->note);

        return $this->left === null
            ? $closed
            : $closed->withEntry(
                new OpenItem($this->left, source: 'the call', due: $this->due, atTime: $by->now, who: $by->name),
            );
    }

    public function summary(House $house): string
    {
        return 'The call closed';
    }
}

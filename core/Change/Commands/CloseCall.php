<?php

declare(strict_types=1);

namespace Bouclier\Core\Change\Commands;

use Bouclier\Core\Change\Told;
use Bouclier\Core\Diagnose\Conclusion;
use Bouclier\Core\Diagnose\OpenCall;
use Bouclier\Core\Exchange\Body;
use Bouclier\Core\House\Entries\OpenItem;
use Bouclier\Core\House\House;
use Bouclier\Core\Live\Asker;

/** The call closed with what it came to; what is left of it stays open. */
final readonly class CloseCall implements Told
{
    /**
     * @param Conclusion|null $conclusion null until it is thought through
     * @param string|null $left what is left to do
     * @param string|null $due a date
     */
    public function __construct(
        private ?Conclusion $conclusion,
        private ?string $note = null,
        private ?string $left = null,
        private ?string $due = null,
    ) {
    }

    public static function told(Body $body): self
    {
        return new self(
            null,
            $body->maybeText('note', 4000),
            $body->maybeText('left', 1000),
            $body->maybeDate('due'),
        );
    }

    /** With what the tests come to. That takes its time: it is done before the house is locked. */
    public function concluded(Conclusion $conclusion): self
    {
        return new self($conclusion, $this->note, $this->left, $this->due);
    }

    public function on(House $house, Asker $by): House
    {
        $conclusion = $this->conclusion ?? throw new \LogicException('a call is closed with what it came to');
        $closed = OpenCall::closed($house, $conclusion, $by->name, $by->now, $this->note);

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

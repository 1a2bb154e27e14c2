<?php

declare(strict_types=1);

namespace Bouclier\Core\Change\Commands;

use Bouclier\Core\Change\Told;
use Bouclier\Core\Diagnose\Conclusion;
use Bouclier\Core\Diagnose\OpenCall;
use Bouclier\Core\Exchange\Body;
use Bouclier\Core\House\Complaint;
use Bouclier\Core\House\Entries\OpenItem;
use Bouclier\Core\House\House;
use Bouclier\Core\House\SymptomKind;
use Bouclier\Core\House\SymptomWhen;
use Bouclier\Core\Live\Asker;

/** The call closed with what it came to; what is left of it stays open. */
final readonly class CloseCall implements Told
{
    private const FOUND_TRIPPED = 'It was found tripped, and holds since it was reset: why did it trip?';

    /**
     * @param Conclusion|null $conclusion null until it is thought through
     * @param string|null $left what is left to do
     * @param string|null $due a date
     * @param string|null $why a device or breaker that was found tripped: why it did is the next call
     */
    public function __construct(
        private ?Conclusion $conclusion,
        private ?string $note = null,
        private ?string $left = null,
        private ?string $due = null,
        private ?string $why = null,
    ) {
    }

    public static function told(Body $body): self
    {
        return new self(
            null,
            $body->maybeText('note', 4000),
            $body->maybeText('left', 1000),
            $body->maybeDate('due'),
            $body->maybeId('why'),
        );
    }

    /** With what the tests come to. That takes its time: it is done before the house is locked. */
    public function concluded(Conclusion $conclusion): self
    {
        return new self($conclusion, $this->note, $this->left, $this->due, $this->why);
    }

    public function on(House $house, Asker $by): House
    {
        $conclusion = $this->conclusion ?? throw new \LogicException('a call is closed with what it came to');
        $closed = OpenCall::closed($house, $conclusion, $by->name, $by->now, $this->note);

        if ($this->left !== null) {
            $closed = $closed->withEntry(
                new OpenItem($this->left, source: 'the call', due: $this->due, atTime: $by->now, who: $by->name),
            );
        }

        return $this->why === null
            ? $closed
            : (new TellCall(new Complaint(SymptomKind::Trips, $this->why, SymptomWhen::Random, [], self::FOUND_TRIPPED)))->on($closed, $by);
    }

    public function summary(House $house): string
    {
        return 'The call closed';
    }
}

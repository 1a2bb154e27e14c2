<?php

declare(strict_types=1);

namespace Bouclier\Core\Change\Commands;

use Bouclier\Core\Change\Told;
use Bouclier\Core\Diagnose\OpenCall;
use Bouclier\Core\Exchange\Body;
use Bouclier\Core\Exchange\CallReader;
use Bouclier\Core\House\Call;
use Bouclier\Core\House\Complaint;
use Bouclier\Core\House\House;
use Bouclier\Core\House\SymptomKind;
use Bouclier\Core\House\SymptomWhen;
use Bouclier\Core\Live\Asker;

/** A call begins, or is told otherwise. */
final readonly class TellCall implements Told
{
    public function __construct(private Complaint $symptom)
    {
    }

    public static function told(Body $body): self
    {
        return new self(new Complaint(
            $body->choice('kind', SymptomKind::class),
            $body->id('at'),
            $body->choice('when', SymptomWhen::class),
            $body->maybeIds('running', 100) ?? $body->missing('running'),
            $body->maybeText('words', 4000),
        ));
    }

    public function on(House $house, Asker $by): House
    {
        CallReader::check($house->with(call: new Call($this->symptom)));

        return OpenCall::told($house, $this->symptom->stamped($by->name, $by->now));
    }

    public function summary(House $house): string
    {
        return 'A call';
    }
}

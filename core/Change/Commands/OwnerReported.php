<?php

declare(strict_types=1);

namespace Bouclier\Core\Change\Commands;

use Bouclier\Core\Change\Command;
use Bouclier\Core\Diagnose\OpenCall;
use Bouclier\Core\House\Call;
use Bouclier\Core\House\Complaint;
use Bouclier\Core\House\Entries\OpenItem;
use Bouclier\Core\House\House;
use Bouclier\Core\House\NotThere;
use Bouclier\Core\House\SymptomKind;
use Bouclier\Core\House\SymptomWhen;
use Bouclier\Core\Live\Asker;

/** What who lives there reports: a call, or where one is open already something left to be done. */
final readonly class OwnerReported implements Command
{
    /** @param string $at an outlet */
    public function __construct(private SymptomKind $kind, private string $at, private ?string $words)
    {
    }

    public function on(House $house, Asker $by): House
    {
        if (! $house->hasPoint($this->at)) {
            throw new NotThere('outlet', $this->at);
        }
        if (OpenCall::isOpen($house)) {
            $text = "{$this->kind->label()}, reported" . ($this->words === null ? '' : ": $this->words");

            return $house->withEntry(
                new OpenItem($text, point: $this->at, source: OwnerTested::WHO, atTime: $by->now, who: OwnerTested::WHO),
            );
        }

        return $house->with(call: new Call(
            new Complaint($this->kind, $this->at, SymptomWhen::Unknown, [], $this->words, atTime: $by->now, who: OwnerTested::WHO),
        ));
    }

    public function summary(House $house): string
    {
        return 'Reported by who lives there';
    }
}

<?php

declare(strict_types=1);

namespace Bouclier\Core\Change\Commands;

use Bouclier\Core\Change\Drafted;
use Bouclier\Core\Change\Patch;
use Bouclier\Core\Change\Told;
use Bouclier\Core\Exchange\BadHouseFile;
use Bouclier\Core\Exchange\Body;
use Bouclier\Core\House\House;
use Bouclier\Core\House\PartList;
use Bouclier\Core\Live\Asker;

/** What might be done is kept as a draft beside the house, which stays as it is. */
final readonly class KeepDraft implements Told
{
    private const LONGEST_NAME = 120;

    /** @param non-empty-list<Patch> $patches */
    public function __construct(private string $name, private array $patches)
    {
    }

    public static function told(Body $body): self
    {
        $patches = Patch::told($body);
        foreach ($patches as $at => $patch) {
            if (PartList::tryFrom($patch->in) === null) {
                $body->wrong("changes/$at/in", 'is no list of parts: a draft changes nothing else');
            }
        }

        return new self(
            $body->text('name', self::LONGEST_NAME),
            $patches === [] ? throw BadHouseFile::because('a draft that changes nothing is none') : $patches,
        );
    }

    public function on(House $house, Asker $by): House
    {
        $draft = Drafted::of($this->name, $this->patches);
        // It has to make a house, or it is no draft of this one.
        Drafted::on($house, $draft);

        return $house->withEntry($draft->stamped($by->name, $by->now));
    }

    public function summary(House $house): string
    {
        return "Draft kept: {$this->name}";
    }
}

<?php

declare(strict_types=1);

namespace Bouclier\Core\Change\Commands;

use Bouclier\Core\Change\Told;
use Bouclier\Core\Exchange\Body;
use Bouclier\Core\House\BackEnd;
use Bouclier\Core\House\Entries\BackNoted;
use Bouclier\Core\House\House;
use Bouclier\Core\House\WhichBack;
use Bouclier\Core\Live\Asker;

/** The back of a device read. */
final readonly class NoteBack implements Told
{
    /** @param BackEnd|null $lineAt null where nothing on it says so */
    public function __construct(private string $point, private WhichBack $back, private ?BackEnd $lineAt, private bool $leads)
    {
    }

    public static function told(Body $body): self
    {
        return new self(
            $body->id('point'),
            $body->choice('back', WhichBack::class),
            $body->maybeChoice('line_at', BackEnd::class),
            $body->flag('leads'),
        );
    }

    public function on(House $house, Asker $by): House
    {
        $point = $house->point($this->point)->id;

        return $house->withEntry(new BackNoted($point, $this->back, $this->lineAt, $this->leads, $by->now, $by->name));
    }

    public function summary(House $house): string
    {
        return "The back of {$this->back->label()} read";
    }
}

<?php

declare(strict_types=1);

namespace Bouclier\Core\Change\Commands;

use Bouclier\Core\Change\NotUnderstood;
use Bouclier\Core\Change\Patch;
use Bouclier\Core\Change\Sets;
use Bouclier\Core\Change\Told;
use Bouclier\Core\Exchange\Body;
use Bouclier\Core\House\House;
use Bouclier\Core\Live\Asker;
use Bouclier\Core\Survey\EnteredLine;
use Bouclier\Core\Survey\QuickEntry;

/** A line of quick entry carried out, read in the house as it is when its turn comes. */
final readonly class EnterLine implements Sets, Told
{
    private const MOST_CHARACTERS = 400;

    /**
     * @param string|null $area the room of the line before
     * @param string|null $last the outlet of the line before
     */
    public function __construct(private string $line, private ?string $area, private ?string $last)
    {
    }

    public static function told(Body $body): self
    {
        return new self($body->maybeText('line', self::MOST_CHARACTERS) ?? '', $body->maybeId('area'), $body->maybeId('last'));
    }

    /** What is understood of it; lengths are said as whoever asks wants them. */
    public function read(House $house, Asker $by): EnteredLine
    {
        return (new QuickEntry($house->with(code: $house->code->shownIn($by->unit))))->parse($this->line, $this->area, $this->last);
    }

    /** After the line before: where that one left. */
    public function after(?string $area, ?string $last): self
    {
        return new self($this->line, $area ?? $this->area, $last ?? $this->last);
    }

    /** @throws NotUnderstood */
    public function on(House $house, Asker $by): House
    {
        return (new Edit($this->patches($house, $by)))->on($house, $by);
    }

    /** @throws NotUnderstood */
    public function patches(House $house, Asker $by): array
    {
        $entered = $this->read($house, $by);

        return $entered->isReady() ? Patch::allOf($entered) : throw new NotUnderstood($entered);
    }

    public function summary(House $house): null
    {
        return null;
    }
}

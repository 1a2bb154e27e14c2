<?php

declare(strict_types=1);

namespace Bouclier\Core\Change\Commands;

use Bouclier\Core\Change\Happening;
use Bouclier\Core\Change\Leads;
use Bouclier\Core\Change\TestBody;
use Bouclier\Core\Change\Told;
use Bouclier\Core\Diagnose\OpenCall;
use Bouclier\Core\Exchange\Body;
use Bouclier\Core\Exchange\CallReader;
use Bouclier\Core\House\Entries\TestDone;
use Bouclier\Core\House\House;
use Bouclier\Core\Live\Asker;
use Bouclier\Core\Live\OpenBoxes;

/** Tests of the call with what they showed, and the boxes as they leave them. */
final readonly class FileTests implements Leads, Told
{
    /** @param list<TestDone> $tests in the order they were done */
    public function __construct(private array $tests, private string $summary = 'Tests of the call')
    {
    }

    public static function told(Body $body): self
    {
        return new self(TestBody::tests($body));
    }

    public function on(House $house, Asker $by): House
    {
        $tests = array_map(fn(TestDone $test): TestDone => $test->stamped($by->name, $by->now), $this->tests);
        $actions = CallReader::checked($house, $tests);

        return OpenBoxes::tested($house->withEntry(...$tests), $actions, $by->name, $by->now);
    }

    public function summary(House $house): string
    {
        return $this->summary;
    }

    /** @return list<Happening> the breakers that were turned for them: turned in the live bar too, and they stay so whatever is undone */
    public function leadsTo(): array
    {
        return array_map(fn(array $turned): Happening => new TurnForTest(...$turned), OpenCall::turned($this->tests));
    }
}

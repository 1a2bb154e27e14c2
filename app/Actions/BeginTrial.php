<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Enums\LinkPurpose;
use App\Models\House;
use App\Models\OutsideLink;
use App\Models\User;
use App\Persistence\HouseStore;
use Bouclier\Core\Change\Commands\FileTests;
use Bouclier\Core\Change\Commands\LeaveTrial;
use Bouclier\Core\Diagnose\Evidence;
use Bouclier\Core\Diagnose\Words\TrialWords;
use Bouclier\Core\Exchange\CallReader;
use Bouclier\Core\House\Entries\TestDone;
use Bouclier\Core\House\House as CoreHouse;
use Bouclier\Core\House\Loose;
use Illuminate\Support\Facades\DB;

/** A trial begins: what is done before it is noted now, the trial itself when it comes back. All of it or nothing. */
final readonly class BeginTrial
{
    public function __construct(private HouseStore $store, private ChangeHouse $change)
    {
    }

    /**
     * @param list<TestDone> $tests the trial last
     * @param array<mixed> $rule what each end of it means: `{ shown, means }`
     *
     * @throws \Bouclier\Core\Exchange\BadHouseFile when a test names what is not there
     */
    public function __invoke(House $house, User $user, array $tests, array $rule): CoreHouse
    {
        return DB::transaction(function () use ($house, $user, $tests, $rule): CoreHouse {
            $core = $this->store->load($house);
            $actions = CallReader::checked($core, $tests);
            $trial = array_pop($tests);
            $page = (new TrialWords($core, Evidence::actions($core), $actions))->page();
            $link = OutsideLink::leave(
                $house,
                $user,
                LinkPurpose::Trial,
                ['action' => $trial->action ?? new Loose(), 'page' => $page, 'rule' => $rule],
                LinkPurpose::Trial->daysOpen($page['days']),
            );

            return $this->change->byAll([
                ...($tests === [] ? [] : [new FileTests($tests, 'Left with the householder')]),
                new LeaveTrial($actions[count($actions) - 1], $link->id),
            ], $house, $user);
        });
    }
}

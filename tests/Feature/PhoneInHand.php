<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\House;
use App\Models\User;
use App\Support\Clock;
use Bouclier\Engine\Known;
use Bouclier\Engine\Outcome;
use Bouclier\Engine\Pending;
use Bouclier\Engine\Pocket;
use Illuminate\Testing\TestResponse;
use Tests\FeatureTestCase;

/** A phone with the engine in it: it carries out what is told at once, and sends it when a test lets it, over a line that loses things. */
final class PhoneInHand
{
    private Pocket $pocket;

    /** @var list<array{pending: Pending, outcome: Outcome, knew: int}> */
    private array $waiting = [];

    /** @var list<string> ids the server has answered that it did */
    public array $done = [];

    /** @var list<string> ids it refused */
    public array $refused = [];

    private int $n = 0;

    public function __construct(
        private readonly FeatureTestCase $case,
        private readonly House $house,
        private readonly User $user,
        private readonly string $name,
    ) {
        $this->pocket = new Pocket($this->known());
    }

    public function pocket(): Pocket
    {
        return $this->pocket;
    }

    /** @return list<string> */
    public function waiting(): array
    {
        return array_map(fn(array $one): string => $one['pending']->id, $this->waiting);
    }

    /**
     * @param array<string, mixed> $body
     *
     * @return string|null its id; null where this phone refuses it
     */
    public function tell(string $path, array $body): ?string
    {
        $said = json_decode(json_encode($body === [] ? new \stdClass() : $body, JSON_THROW_ON_ERROR), false, 64, JSON_THROW_ON_ERROR);
        $id = "{$this->name}-" . str_pad((string) ++$this->n, 6, '0', STR_PAD_LEFT);
        $pending = new Pending($id, $path, $said, Clock::now());
        try {
            $outcome = $this->pocket->tell($pending);
        } catch (\Exception) {
            return null;
        }
        $this->waiting[] = ['pending' => $pending, 'outcome' => $outcome, 'knew' => $this->pocket->known()->revision];

        return $pending->id;
    }

    /** Sends what waits first. Where the answer is lost, the server may have it, and this phone does not know. */
    public function send(bool $isAnswerLost = false): void
    {
        if ($this->waiting === []) {
            return;
        }
        ['pending' => $told, 'outcome' => $outcome, 'knew' => $knew] = $this->waiting[0];
        $command = ['id' => $told->id, 'at' => $told->at, 'late' => true, 'gave' => (object) $outcome->gave];
        $answer = $this->request()->postJson("/houses/{$this->house->id}/" . ($outcome->sent === null ? $told->path : 'changes'), [
            ...($outcome->sent === null ? get_object_vars($told->body) : ['changes' => array_map(get_object_vars(...), $outcome->sent)]),
            'revision' => $knew,
            'command' => $command,
        ]);
        if ($isAnswerLost) {
            return;
        }
        array_shift($this->waiting);
        $this->heard($told->id, $answer);
    }

    /** Fetches the house as it is on the server now. */
    public function renew(): void
    {
        $this->pocket->take($this->known());
        // What the copy has is not done once more on top of it.
        expect(array_intersect($this->pocket->pending(), $this->pocket->known()->told))->toBe([]);
    }

    private function heard(string $id, TestResponse $answer): void
    {
        if ($answer->isSuccessful()) {
            $this->pocket->arrived($id, $answer->json('house.revision'));
            $this->done[] = $id;
        } else {
            expect($answer->getStatusCode())->toBeIn([404, 409, 422], $answer->getContent() ?: '');
            $this->pocket->drop($id);
            $this->refused[] = $id;
        }
    }

    private function known(): Known
    {
        $sent = json_decode($this->request()->getJson("/houses/{$this->house->id}/pocket")->assertOk()->getContent() ?: '');

        return Known::of($sent instanceof \stdClass ? $sent : new \stdClass());
    }

    private function request(): FeatureTestCase
    {
        return $this->case->actingAs($this->user)->withCredentials()->withCookie('phone', str_pad($this->name, 26, '0'));
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Bouclier\Core\Change\Command;
use Bouclier\Core\Change\Commands\MoveOutlet;
use Bouclier\Core\Change\Commands\MoveRoom;
use Bouclier\Core\Change\Commands\RemoveFixture;
use Bouclier\Core\Change\Commands\RemoveOutlet;
use Bouclier\Core\Change\Commands\RemoveRoom;
use Illuminate\Validation\Rule;

/** A room or an outlet to be moved in the walking order; or one of them, or a room's water, taken out of the house. */
final class OrderRequest extends OnRevisionRequest
{
    /** @return array<string, list<mixed>> */
    protected function fields(): array
    {
        return [
            'in' => ['required', Rule::in(['areas', 'points', ...($this->is('*/removals') ? ['fixtures'] : [])])],
            'id' => ['required', 'string', 'max:80'],
            'before' => ['nullable', 'string', 'max:80'],
        ];
    }

    public function move(): Command
    {
        $before = $this->filled('before') ? $this->string('before')->toString() : null;

        return $this->isRoom() ? new MoveRoom($this->part(), $before) : new MoveOutlet($this->part(), $before);
    }

    public function removal(): Command
    {
        return match ($this->input('in')) {
            'areas' => new RemoveRoom($this->part()),
            'fixtures' => new RemoveFixture($this->part()),
            default => new RemoveOutlet($this->part()),
        };
    }

    private function isRoom(): bool
    {
        return $this->input('in') === 'areas';
    }

    private function part(): string
    {
        return $this->string('id')->toString();
    }
}

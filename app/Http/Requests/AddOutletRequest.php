<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Bouclier\Core\Change\Commands\AddOutlet;
use Bouclier\Core\House\Device;
use Bouclier\Core\House\Distance;
use Bouclier\Core\House\PointKind;
use Bouclier\Core\House\Serves;
use Illuminate\Validation\Rule;

/** An outlet by what it serves, with what was seen of it. */
final class AddOutletRequest extends CommandRequest
{
    /** @return array<string, list<mixed>> */
    protected function fields(): array
    {
        return [
            'area' => ['required', 'string', 'max:80'],
            'serves' => ['required', Rule::enum(Serves::class)],
            'kind' => ['nullable', Rule::enum(PointKind::class)],
            'device' => ['nullable', Rule::enum(Device::class)],
            'amps' => ['nullable', 'numeric', 'min:1', 'max:100'],
            'fixture' => ['nullable', 'string', 'max:80', 'required_with:ft'],
            'ft' => ['nullable', 'numeric', 'min:0', 'max:100'],
        ];
    }

    public function command(): AddOutlet
    {
        return new AddOutlet(
            $this->string('area')->toString(),
            Serves::from($this->string('serves')->toString()),
            PointKind::tryFrom($this->said('kind') ?? ''),
            Device::tryFrom($this->said('device') ?? ''),
            $this->filled('amps') ? $this->float('amps') : null,
            $this->filled('ft') ? new Distance($this->string('fixture')->toString(), $this->float('ft')) : null,
        );
    }
}

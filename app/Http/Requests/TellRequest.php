<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Support\Sent;
use Bouclier\Core\Change\CommandList;
use Bouclier\Core\Change\Told;
use Bouclier\Core\Exchange\Body;
use Illuminate\Foundation\Http\FormRequest;
use Symfony\Component\HttpKernel\Exception\BadRequestHttpException;

/**
 * Something told of a house, at the address of its command. What the command needs is the core's to read; here only how it came is:
 * `command` holds its id, when it was done, and what was known there; `revision` the revision of the house that was.
 */
class TellRequest extends FormRequest
{
    private const COMMAND = 'command';

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'revision' => ['nullable', 'integer', 'min:0'],
            'command' => ['sometimes', 'array'],
            'command.id' => ['required_with:command', 'string', 'regex:/^[0-9a-zA-Z-]{8,40}$/'],
            'command.at' => ['nullable', 'string', 'regex:/^\d{4}-\d\d-\d\dT\d\d:\d\d:\d\dZ$/', 'date'],
            'command.gave' => ['sometimes', 'array', 'max:500'],
            'command.gave.*' => ['string', 'max:80'],
            'command.late' => ['sometimes', 'boolean'],
            'command.after' => ['nullable', 'string', 'max:40'],
        ];
    }

    public function sent(): Sent
    {
        $text = fn(string $key): ?string => $this->filled("command.$key") ? $this->string("command.$key")->toString() : null;

        return new Sent(
            $text('id'),
            $text('at'),
            $this->filled('revision') ? $this->integer('revision') : null,
            array_filter($this->array('command.gave'), is_string(...)),
            $this->boolean('command.late'),
            $text('after'),
        );
    }

    /** The address of the command, below the house; the route has it. */
    public function address(): string
    {
        $address = $this->route(self::COMMAND);

        return is_string($address) ? $address : throw new \LogicException('a route of a command names it');
    }

    /** The outlet in the address, where there is one. */
    public function point(): ?string
    {
        $point = $this->route('point');

        return is_string($point) ? $point : null;
    }

    public function told(): Told
    {
        return CommandList::told($this->address(), $this->body());
    }

    /** Read from the body itself, where an empty object and an empty list are still two things. */
    private function body(): Body
    {
        $content = $this->getContent() === '' ? '{}' : $this->getContent();
        $said = json_decode($content, false, 512);
        if ($said === null) {
            throw new BadRequestHttpException('The body came in broken.');
        }
        $places = array_map(
            fn(mixed $one): string => is_string($one) ? $one : '',
            array_diff_key($this->route()?->parameters() ?? [], ['house' => true, self::COMMAND => true]),
        );

        return Body::of($said instanceof \stdClass ? $said : new \stdClass(), $places);
    }
}

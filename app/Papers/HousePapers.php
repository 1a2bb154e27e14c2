<?php

declare(strict_types=1);

namespace App\Papers;

use App\Models\Crew;
use App\Models\Enums\LinkPurpose;
use App\Models\House;
use App\Models\Instrument;
use App\Models\OutsideLink;
use App\Models\Revision;
use App\Models\TestRecord;
use App\Models\User;
use App\Persistence\HouseHistory;
use App\Persistence\HouseStore;
use App\Persistence\Judged;
use App\Support\Photograph;
use Bouclier\Core\Feed\Observed\Observations;
use Bouclier\Core\House\Entries\OpenItem;
use Bouclier\Core\House\Entries\Photo;
use Bouclier\Core\House\House as CoreHouse;
use Bouclier\Core\House\Panel;
use Bouclier\Core\House\Point;
use Bouclier\Core\Papers\DirectoryLine;
use Bouclier\Core\Papers\InspectionLine;
use Bouclier\Core\Papers\JacketTag;
use Bouclier\Core\Papers\Letter;
use Bouclier\Core\Papers\PanelDirectory;
use Bouclier\Core\Papers\PlateLabel;
use Bouclier\Core\Papers\RecordLine;
use Bouclier\Core\Papers\RecordPart;
use Bouclier\Core\Papers\TestRecord as Tested;
use Bouclier\Core\Prove\Touched;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\Storage;

/** The papers of a house, all from the same data. */
final readonly class HousePapers
{
    /** Width and height of a piece of tape, in points: 12 mm high. */
    private const TAPE = [0.0, 0.0, 198.4, 34.02];

    public function __construct(private HouseStore $store, private HouseHistory $history)
    {
    }

    public function pdf(House $row, Crew $crew, User $user, PaperKind $kind): string
    {
        $house = Judged::by($row, $this->store->load($row));

        return match ($kind) {
            PaperKind::Directory => Pdf::of('paper.directory', self::directory($house)),
            PaperKind::Record => self::recordPdf($this->content($row, $house, $crew), null),
            PaperKind::Letter => Pdf::of('paper.letter', [
                'title' => 'Letter', ...self::head($house, $crew), 'letter' => Letter::of($this->before($row, $house), $house),
                'qr' => self::ownerCode($row),
            ]),
            PaperKind::Labels => Pdf::of('paper.labels', ['tape' => false, ...self::labels($row, $user, $house)]),
            PaperKind::Tape => Pdf::of('paper.labels', ['tape' => true, ...self::labels($row, $user, $house)], self::TAPE),
            PaperKind::Inspection => Pdf::of('paper.inspection', [
                'title' => 'Inspection', ...self::head($house, $crew), ...self::inspection($row, $house),
            ]),
            PaperKind::Tags => Pdf::of('paper.tags', ['title' => 'Tags', 'house' => $house->name, 'tags' => JacketTag::all($house)]),
        };
    }

    /** The test record as it is now, signed by typing a name: numbered and kept. */
    public function sign(House $row, Crew $crew, User $user, string $name): TestRecord
    {
        $house = Judged::by($row, $this->store->load($row));
        $content = $this->content($row, $house, $crew);

        return TestRecord::query()->create([
            'house_id' => $row->id,
            'user_id' => $user->id,
            'number' => 1 + (int) TestRecord::query()->where('house_id', $row->id)->max('number'),
            'revision' => $row->revision,
            'signed' => $name,
            'digest' => self::digest($content, $name),
            'content' => $content,
        ]);
    }

    public function signedPdf(TestRecord $record): string
    {
        return self::recordPdf($record->content, $record);
    }

    /** @param array<string, mixed> $content */
    public static function digest(array $content, string $name): string
    {
        return hash('sha256', json_encode(['signed' => $name, ...$content], JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE));
    }

    /** @param array<string, mixed> $content */
    private static function recordPdf(array $content, ?TestRecord $record): string
    {
        return Pdf::of('paper.record', [
            'title' => 'Test record',
            ...$content,
            'number' => $record?->number,
            'signed' => $record?->signed,
            'digest' => $record->digest ?? self::digest($content, ''),
        ]);
    }

    /** @return array<string, mixed> all that a record says, by which its digest is made */
    private function content(House $row, CoreHouse $house, Crew $crew): array
    {
        return [
            ...self::head($house, $crew),
            'revision' => $row->revision,
            'meters' => array_values($crew->instruments()->orderBy('name')->get()->map(self::meter(...))->all()),
            'parts' => array_map(fn(RecordPart $part): array => [
                'spoken' => $part->spoken,
                'name' => $part->name,
                'protection' => $part->protection,
                'clauses' => $part->clauses,
                'lines' => array_map(fn(RecordLine $line): array => [
                    'what' => $line->what,
                    'read' => $line->read,
                    'passed' => $line->passed,
                    'at' => $line->at === null ? null : str_replace('T', ' ', substr($line->at, 0, 16)),
                    'who' => $line->who,
                    'instrument' => $line->instrument,
                ], $part->lines),
            ], Tested::of($house)),
            'items' => array_map(
                fn(OpenItem $item): string => $item->text . ($item->interim === null ? '' : ", $item->interim")
                    . ($item->due === null ? '' : ", until $item->due"),
                array_values(array_filter($house->entries->all(OpenItem::class), fn(OpenItem $item): bool => $item->isOpen())),
            ),
        ];
    }

    private static function meter(Instrument $meter): string
    {
        return $meter->name . ($meter->serial === null ? '' : ", serial {$meter->serial}")
            . ($meter->calibrated_on === null ? '' : ", calibrated {$meter->calibrated_on->toDateString()}");
    }

    /** @return array<string, mixed> */
    private static function head(CoreHouse $house, Crew $crew): array
    {
        return [
            'house' => $house->name,
            'crew' => $crew->name,
            'licence' => $crew->licence,
            'day' => now()->toDateString(),
            'edition' => $house->code->edition->label(),
        ];
    }

    /** As the house was found: before the work in hand began. */
    private function before(House $row, CoreHouse $house): CoreHouse
    {
        $began = Touched::began($house);
        if ($began === null) {
            return $house;
        }
        $last = Revision::query()->where('house_id', $row->id)
            ->where('created_at', '<', Carbon::createFromTimestamp($began))->max('number');

        return Judged::by($row, $this->history->at($row, (int) $last));
    }

    /** @return array<string, mixed> */
    private static function directory(CoreHouse $house): array
    {
        $directory = new PanelDirectory($house, Observations::of($house)->seen);
        $line = fn(DirectoryLine $line): array => self::breaker($house, $line);

        return [
            'title' => 'Panel directory',
            'house' => $house->name,
            'day' => now()->toDateString(),
            'panels' => array_map(fn(Panel $panel): array => [
                'name' => $panel->name,
                'columns' => array_map(
                    fn(array $column): array => array_map($line, $column),
                    PanelDirectory::columns($directory->panels[$panel->id]),
                ),
            ], $house->panels),
            'unplaced' => array_map(fn(Point $point): string => $point->code, $directory->unplaced),
        ];
    }

    /** @return array<string, mixed> */
    private static function breaker(CoreHouse $house, DirectoryLine $line): array
    {
        $rooms = [];
        foreach ($line->feeds as $point) {
            $rooms[$house->areaOf($point)->name][] = $point->code . (in_array($point, $line->uncertain, true) ? '?' : '');
        }

        return [
            'slot' => $line->circuit->slot,
            'tied' => $line->tiedTo?->slot,
            'amps' => $line->circuit->amps,
            'poles' => $line->circuit->poles(),
            'label' => $line->circuit->label,
            'rooms' => $rooms,
            'panels' => array_map(fn(Panel $sub): string => $sub->name, $line->panels),
            'protection' => $line->protection,
        ];
    }

    /** @return array<string, mixed> each device with the way to its own page */
    private static function labels(House $row, User $user, CoreHouse $house): array
    {
        return ['house' => $house->name, 'labels' => array_map(fn(PlateLabel $label): array => [
            'code' => $label->point->code,
            'breaker' => $label->breaker === null ? '' : "Breaker {$label->breaker}",
            'words' => $label->words,
            'qr' => $label->isDevice ? QrCode::of(self::deviceLink($row, $user, $label->point)->url()) : null,
        ], PlateLabel::all($house))];
    }

    /** @return array<string, mixed> */
    private static function inspection(House $row, CoreHouse $house): array
    {
        $lines = InspectionLine::all($house);
        $by = fn(?string $who, ?string $at): string => implode(
            ', ',
            array_filter([$who, $at === null ? null : substr($at, 0, 10)], is_string(...)),
        );

        return [
            'closed' => count(array_filter($lines, fn(InspectionLine $line): bool => ! $line->item->isOpen())),
            'lines' => array_map(fn(InspectionLine $line): array => [
                'text' => $line->item->text,
                'code' => $line->point?->code,
                'source' => $line->item->source,
                'clause' => $line->item->clause,
                'due' => $line->item->due,
                'entered' => $by($line->item->who, $line->item->atTime),
                'interim' => $line->item->interim,
                'evidence' => $line->item->evidence,
                'closed' => $line->item->isOpen() ? null : $by($line->item->closedBy, $line->item->closedAt),
                'before' => self::picture($row, $line->before),
                'after' => self::picture($row, $line->after),
            ], $lines),
        ];
    }

    /** A photograph as an address of its own (RFC 2397), as large as it is printed. */
    private static function picture(House $row, ?Photo $photo): ?string
    {
        $file = $photo === null ? null : "photos/{$row->id}/{$photo->file}";

        return $file === null || ! Storage::exists($file) ? null : Photograph::thumbnail((string) Storage::get($file));
    }

    /** Of the page of the house that is open now, if one was left. */
    private static function ownerCode(House $row): ?string
    {
        $link = OutsideLink::query()->where('house_id', $row->id)->where('purpose', LinkPurpose::House)
            ->whereNull('withdrawn_at')->where('expires_at', '>', now())->orderByDesc('created_at')->first();

        return $link === null ? null : QrCode::of($link->url());
    }

    private static function deviceLink(House $row, User $user, Point $point): OutsideLink
    {
        return OutsideLink::query()->where('house_id', $row->id)->where('purpose', LinkPurpose::Device)
            ->where('asked->device', $point->id)->whereNull('withdrawn_at')->first()
            ?? OutsideLink::leave($row, $user, LinkPurpose::Device, ['device' => $point->id], LinkPurpose::Device->daysOpen());
    }
}

<?php

declare(strict_types=1);

namespace App\Actions;

use App\Databases\Replica;
use App\Models\Crew;
use App\Models\House;
use App\Persistence\HouseStore;
use Bouclier\Core\Exchange\HouseWriter;
use Illuminate\Support\Facades\Storage;
use Illuminate\Support\Str;

/** Everything of a crew as one archive: a folder a house, with its file and its photographs; and the crew's own settings. */
final readonly class ExportCrew
{
    public function __construct(private HouseStore $store)
    {
    }

    /** @return string path of the archive; who called removes it when it is sent */
    public function __invoke(Crew $crew): string
    {
        $path = tempnam(sys_get_temp_dir(), 'crew');
        $zip = new \ZipArchive();
        if ($path === false || $zip->open($path, \ZipArchive::OVERWRITE) !== true) {
            throw new \RuntimeException('No archive could be begun');
        }
        // Wherever photographs are kept; the archive reads each when it is closed, and none has to be held until then.
        $copies = [];
        $isWritten = false;
        try {
            $this->addSettings($zip, $crew);
            foreach (Replica::reading(fn() => House::query()->where('crew_id', $crew->id)->orderBy('name')->get()) as $house) {
                $folder = Str::slug($house->name) . '-' . substr($house->id, -6);
                $zip->addFromString("$folder/house.json", HouseWriter::toJson($this->store->load($house)));
                foreach (Storage::files("photos/{$house->id}") as $photo) {
                    $copies[] = $copy = (string) tempnam(sys_get_temp_dir(), 'photo');
                    file_put_contents($copy, Storage::readStream($photo));
                    $zip->addFile($copy, "$folder/photos/" . basename($photo));
                }
            }
            $isWritten = $zip->close();
        } finally {
            array_map(unlink(...), array_filter($isWritten ? $copies : [...$copies, $path], is_file(...)));
        }

        return $isWritten ? $path : throw new \RuntimeException('The archive could not be written');
    }

    private function addSettings(\ZipArchive $zip, Crew $crew): void
    {
        $zip->addFromString('crew.json', json_encode([
            'name' => $crew->name,
            'leakage' => $crew->leakage,
            'priors' => $crew->priors,
            'feed_mark' => $crew->feed_mark,
            'device_amps' => $crew->device_amps,
            'replace_years' => $crew->replace_years,
            'licence' => $crew->licence,
            'prices' => $crew->prices,
            'priced_on' => $crew->priced_on?->toDateString(),
            'testers' => $crew->instruments()->get(['name', 'lamps', 'has_button', 'shows_volts', 'shows_time', 'serial', 'calibrated_on']),
            'jurisdictions' => $crew->jurisdictions()->get(['name', 'edition', 'amendments']),
        ], JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_THROW_ON_ERROR));
    }
}

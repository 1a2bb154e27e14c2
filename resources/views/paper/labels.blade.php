<!DOCTYPE html>
<html lang="en">
<head>
<meta charset="utf-8">
<title>Labels: {{ $house }}</title>
<style>
  @page { margin: {{ $tape ? '0' : '12.7mm 4.8mm' }}; }
  body { font-family: "DejaVu Sans", sans-serif; color: #000000; margin: 0; }
  table { border-collapse: collapse; }
  .sheet td { width: 62.7mm; height: 23.4mm; padding: 1mm 2mm; vertical-align: middle; overflow: hidden; }
  .code { font-family: "DejaVu Sans Mono", monospace; font-weight: bold; font-size: 13pt; }
  .words { font-size: 7.5pt; font-weight: bold; } .breaker { font-size: 7pt; }
  .qr { width: 20mm; height: 20mm; }
  .tape { height: 12mm; page-break-after: always; } .tape td { height: 12mm; vertical-align: middle; padding: 0 1.5mm; }
  .tape .code { font-size: 15pt; } .tape .words { font-size: 6.5pt; } .tape .qr { width: 11mm; height: 11mm; }
</style>
</head>
<body>
@if ($tape)
  @foreach ($labels as $label)
    <table class="tape"><tr>
      @if ($label['qr'])<td><img class="qr" src="{{ $label['qr'] }}" alt=""></td>@endif
      <td><span class="code">{{ $label['code'] }}</span></td>
      <td><span class="breaker">{{ $label['breaker'] }}</span><br><span class="words">{{ implode(' · ', $label['words']) }}</span></td>
    </tr></table>
  @endforeach
@else
  @foreach (array_chunk($labels, 30) as $page)
    <table class="sheet" @if (! $loop->last) style="page-break-after: always" @endif>
      @foreach (array_chunk($page, 3) as $row)
        <tr>
          @foreach ($row as $label)
            <td><table><tr>
              @if ($label['qr'])<td style="width: 21mm; height: auto; padding: 0"><img class="qr" src="{{ $label['qr'] }}" alt=""></td>@endif
              <td style="width: auto; height: auto; padding: 0 1mm"><span class="code">{{ $label['code'] }}</span><br>
                <span class="breaker">{{ $label['breaker'] }}</span><br><span class="words">{!! implode('<br>', array_map('e', $label['words'])) !!}</span></td>
            </tr></table></td>
          @endforeach
        </tr>
      @endforeach
    </table>
  @endforeach
@endif
</body>
</html>

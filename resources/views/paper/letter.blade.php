@extends('paper.layout')
@section('style')
  @page { margin: 12mm 15mm; }
  body { font-size: 9pt; } h2 { margin-top: 8pt; } p { margin: 5pt 0; }
@endsection
@section('body')
<h1>{{ $house }}</h1>
<p>{{ $crew }}@if ($licence), licence {{ $licence }}@endif. {{ $day }}.</p>
<p>Places where somebody could be hurt: <b>{{ $letter->before['danger'] }}</b> when we came, <b>{{ $letter->after['danger'] }}</b> now.
Places where today's rules ask for more: <b>{{ $letter->before['asked'] }}</b> when we came, <b>{{ $letter->after['asked'] }}</b> now.</p>
@foreach (['What we found' => $letter->found, 'What we did' => $letter->done, 'What is left' => $letter->left] as $head => $lines)
  <h2>{{ $head }}</h2>
  @if ($lines === [])<p class="none">Nothing.</p>@else
  <ul>@foreach ($lines as $line)<li>{{ $line }}</li>@endforeach</ul>@endif
@endforeach
<h2>Once a month: test and reset</h2>
<p>Never when something is wet, hot or smells burnt. A device that does not go off, or does not come back, protects nobody: leave it and call us.</p>
<ul>@foreach ($letter->devices as $line)<li>{{ $line }}</li>@endforeach</ul>
@if ($qr)<table style="margin-top: 8pt"><tr><td style="width: 26mm; border: 0"><img src="{{ $qr }}" alt="" style="width: 24mm; height: 24mm"></td>
<td style="border: 0; vertical-align: middle"><b>Why is it dead, what do I press?</b> Point your phone's camera here: tap what is dead, and it says which button to look for. It needs no password.</td></tr></table>@endif
<p class="foot small">Do not open an outlet, a box or the panel. Local code and the authority having jurisdiction decide.</p>
@endsection

@extends('paper.layout')
@section('body')
<h1>Jacket tags</h1>
<p>{{ $house }}. <span class="small">Cut, and tie each to its cable before anything is pulled loose.</span></p>
<table>
  @foreach (array_chunk($tags, 3) as $row)
    <tr>@foreach ($row as $tag)<td style="width: 33%; border: 1pt dashed #000000; padding: 5pt"><span class="small">{{ $tag->box->code }}</span><br><b>{{ $tag->text }}</b></td>@endforeach
    @for ($i = count($row); $i < 3; ++$i)<td style="border: 0"></td>@endfor</tr>
  @endforeach
</table>
@endsection

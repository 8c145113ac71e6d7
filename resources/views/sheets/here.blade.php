@if ($here !== [])
    <p class="here"><b>{{ $here[0] }}</b>@foreach (array_slice($here, 1) as $line)<br>{{ $line }}@endforeach</p>
@endif

@foreach ($todo as $what => $messages)
    <p class="todo">{{ $what }}</p>
    <ul>
        @foreach ($messages as $message)
            <li>{{ $message }}</li>
        @endforeach
    </ul>
@endforeach

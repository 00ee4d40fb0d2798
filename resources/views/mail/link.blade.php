@if ($joins)
You are asked into the kitchen {!! $kitchen !!} at Velko. Follow this link, say your name and choose a password:
@else
Somebody, you most likely, forgot the password of your account in the kitchen {!! $kitchen !!}. This link sets a new one:
@endif

{!! $url !!}

It is good once, until {{ $until }}. If you did not expect it, do nothing.

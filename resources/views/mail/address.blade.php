@if ($isKnown)
Somebody, you most likely, gave this address at Velko. It has an account there already. Sign in here, or have a link mailed to you if you forgot the password:
@else
Somebody, you most likely, gave this address at Velko. If that was you, follow this link, and it is yours:
@endif

{!! $url !!}

If it was not you, do nothing: nothing was made of it.

#!/bin/sh
# Debian's headless shell, on an empty page: it opens none by itself, and the driver waits for one. Where only the whole
# browser is there, that one, without its windows.
shell=/usr/bin/chromium-headless-shell
if [ -x "$shell" ]; then exec "$shell" "$@" data:,; fi
exec /usr/bin/chromium "$@"

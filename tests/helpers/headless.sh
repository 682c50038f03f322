#!/bin/sh
# Debian's headless shell, on an empty page: it opens none by itself, and the driver waits for one.
exec /usr/bin/chromium-headless-shell "$@" data:,

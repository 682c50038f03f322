/** What this browser does not give this page, and the way round it. */

export interface Withheld {
  readonly what: string;
  readonly instead: string;
}

/** Names of what a page may lack; read from the browser once. */
export interface Abilities {
  readonly isSecure: boolean;
  readonly wakeLock: boolean;
  readonly notifications: "granted" | "denied" | "default" | "none";
  readonly vibration: boolean;
  readonly offline: boolean;
}

export const abilitiesHere = (): Abilities => ({
  isSecure: window.isSecureContext,
  wakeLock: "wakeLock" in navigator,
  notifications: "Notification" in window ? Notification.permission : "none",
  vibration: "vibrate" in navigator,
  offline: "serviceWorker" in navigator,
});

export function withheldFrom({ isSecure, wakeLock, notifications, vibration, offline }: Abilities): Withheld[] {
  const withheld: Withheld[] = [];
  if (!wakeLock) {
    withheld.push({
      what: "keeping the screen awake",
      instead: "set the phone's own screen to stay on for the day, and plug it in",
    });
  }
  if (notifications === "none" || notifications === "denied" || !isSecure) {
    withheld.push({
      what: "notifications",
      instead: "keep this page in front, with the sound up; put the calendar file on the phone",
    });
  }
  if (!vibration) withheld.push({ what: "the buzz", instead: "the sound has to do" });
  if (!offline) {
    withheld.push({
      what: "opening without the server",
      instead: "leave this page open: it goes on by itself, and readings can be typed",
    });
  }
  return withheld;
}

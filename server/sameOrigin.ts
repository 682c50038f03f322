/**
 * A page from elsewhere, open in the same browser, must not speak to this server in the cook's name. Devices send no
 * origin; a browser sends the page's own, and a name that was bent to this address shows in the host.
 */
import type { RequestHandler } from "express";

const IS_ADDRESS = /^(\d{1,3}\.){3}\d{1,3}$|^\[[0-9a-f:]+\]$/i;

const nameIn = (host: string): string => host.replace(/:\d+$/, "");

/** @param names by which this server is reached besides addresses and the names of a home network */
export const onlySameOrigin =
  (names: readonly string[]): RequestHandler =>
  (request, response, next) => {
    const host = request.headers.host ?? "";
    const name = nameIn(host);
    const { origin } = request.headers;
    const fromElsewhere = origin !== undefined && origin !== `http://${host}` && origin !== `https://${host}`;
    // Home networks give names of one word, or that end so; any other name that leads here is somebody else's.
    const isOwn = IS_ADDRESS.test(name) || !name.includes(".") || /\.(local|lan|home\.arpa)$/i.test(name);
    if (!fromElsewhere && (isOwn || names.includes(name.toLowerCase()))) next();
    else response.status(403).json({ why: `a page of ${(origin ?? name).slice(0, 100)} may not speak to this server` });
  };

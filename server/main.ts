import { once } from "node:events";
import { createServer } from "node:http";
import { fileURLToPath } from "node:url";
import { makeServer } from "./app";

const HOST = "127.0.0.1";
const FIRST_PORT = Number(process.env.PORT ?? 4173);
const PORTS_TRIED = 20;

const root = fileURLToPath(new URL("../dist", import.meta.url));
const demo = process.argv.includes("--demo");
const server = createServer(makeServer({ demo, root }));

async function listen(port: number): Promise<boolean> {
  server.listen(port, HOST);
  try {
    await once(server, "listening");
    return true;
  } catch (error) {
    if ((error as NodeJS.ErrnoException).code !== "EADDRINUSE") throw error;
    console.log(`Port ${port} is taken; trying ${port + 1}.`);
    return false;
  }
}

let port = FIRST_PORT;
while (!(await listen(port))) {
  port++;
  if (port >= FIRST_PORT + PORTS_TRIED) throw new Error(`no free port from ${FIRST_PORT} to ${port - 1}`);
}
console.log(`Bruma${demo ? ", with the demo roasts," : ""} is at http://${HOST}:${port}/  (Ctrl+C ends it)`);

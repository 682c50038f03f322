/** Host names that no other device reaches. */
const ONLY_HERE = new Set(["localhost", "127.0.0.1", "[::1]"]);

export const isThisMachine = (hostname: string): boolean => ONLY_HERE.has(hostname);

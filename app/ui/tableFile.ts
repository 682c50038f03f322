/** The text of a table that the cook hands over. */

/** Far above any log of a roast; more would hold the page up. */
const LARGEST_BYTES = 5_000_000;

/** @throws RangeError for a file that is too large */
export async function textOfTable(file: File): Promise<string> {
  if (file.size > LARGEST_BYTES) {
    throw new RangeError(
      `${file.name} has ${Math.round(file.size / 1e6)} MB: tables up to ${LARGEST_BYTES / 1e6} MB are read`,
    );
  }
  return file.text();
}
